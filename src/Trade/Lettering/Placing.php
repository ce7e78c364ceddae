<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;

/**
 * Where art lies on an object laid flat, told from its edges, its middle and its parts, and put
 * there by such a distance. All lengths in µm, to the right and downwards. Source: handbook section 11.
 *
 * @phpstan-type Feature array{label: string, x: int, y: int}
 */
final readonly class Placing
{
    /** @param list<Feature> $features parts to place by, their middles in the object's frame */
    public function __construct(private Size $object, private Box $art, private array $features = [])
    {
    }

    /**
     * @param array{int, int} $at left and top of the art
     *
     * @return array{right: int, bottom: int, across: int, down: int, features: list<Feature>} from the art's edges to
     *     the object's, and from the object's middle and each part to the art's middle
     */
    public function distances(array $at): array
    {
        [$width, $height] = [$this->object->width->micrometres, $this->object->height->micrometres];
        [$x, $y] = [$at[0] + intdiv($this->art->width(), 2), $at[1] + intdiv($this->art->height(), 2)];

        return [
            'right' => $width - $at[0] - $this->art->width(),
            'bottom' => $height - $at[1] - $this->art->height(),
            'across' => $x - intdiv($width, 2),
            'down' => $y - intdiv($height, 2),
            'features' => array_map(
                static fn (array $feature): array => [
                    'label' => $feature['label'],
                    'x' => $x - $feature['x'],
                    'y' => $y - $feature['y'],
                ],
                $this->features,
            ),
        ];
    }

    /**
     * @param array{int, int} $at   left and top of the art as it lies
     * @param string          $from `left`, `right`, `top` or `bottom` for an edge, `across` or `down` for the middle,
     *     with `/n` for the nth part; `between/n/m` for the middle between two parts, the distance to the right of it
     * @param int $distance µm
     *
     * @return array{int, int} left and top of the art put there
     *
     * @throws Refused at `/from` for an edge or a part the object does not have
     */
    public function put(array $at, string $from, int $distance): array
    {
        if (1 === preg_match('~^between/(\d+)/(\d+)$~D', $from, $found)) {
            return $this->between((int) $found[1], (int) $found[2], $distance);
        }
        [$edge, $nth] = explode('/', $from.'/');
        $feature =
            '' === $nth
                ? null
                : $this->features[(int) $nth] ??
                    throw new Refused('no-feature', 'There is no such part on this object.', '/from');
        [$width, $height] = [$this->object->width->micrometres, $this->object->height->micrometres];
        [$left, $top] = $at;
        match ($edge) {
            'left' => ($left = $distance),
            'right' => ($left = $width - $distance - $this->art->width()),
            'across' => ($left = ($feature['x'] ?? intdiv($width, 2)) + $distance - intdiv($this->art->width(), 2)),
            'top' => ($top = $distance),
            'bottom' => ($top = $height - $distance - $this->art->height()),
            'down' => ($top = ($feature['y'] ?? intdiv($height, 2)) + $distance - intdiv($this->art->height(), 2)),
            default => throw new Refused(
                'no-feature',
                'Place it from an edge, the middle or a part of the object.',
                '/from',
            ),
        };

        return [$left, $top];
    }

    /**
     * @return array{int, int}
     *
     * @throws Refused
     */
    private function between(int $one, int $other, int $distance): array
    {
        $parts = [$this->features[$one] ?? null, $this->features[$other] ?? null];
        if (null === $parts[0] || null === $parts[1]) {
            throw new Refused('no-feature', 'There is no such part on this object.', '/from');
        }

        return [
            intdiv($parts[0]['x'] + $parts[1]['x'], 2) + $distance - intdiv($this->art->width(), 2),
            intdiv($parts[0]['y'] + $parts[1]['y'], 2) - intdiv($this->art->height(), 2),
        ];
    }
}
