<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Bench\EvenRow;
use Yelbo\Trade\Bench\HandleSide;
use Yelbo\Trade\Bench\LevelLine;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/** @phpstan-type Feature array{name: string, x: float|int|null, y: float|int|null} */
#[AsCommand('trade:place', 'Says where decals lie: rows evenly spaced, sides of a cup, level lines')]
final class PlaceCommand extends TradeCommand
{
    /** Surfaces that are walls. */
    private const WALLS = ['cylinder', 'taper'];
    private const MOST_DECALS = 1000;
    private const MOST_BLOCKS = 16;
    /** mm */
    private const SIDES = [0.5, 100_000];

    protected function answer(Document $in, InputInterface $input): array
    {
        $object = $in->object('object');
        $of = $in->object('art');
        $art = new Size(
            Length::micrometres($of->length('width', ...self::SIDES)),
            Length::micrometres($of->length('height', ...self::SIDES)),
        );
        $of->end();
        $kind = $object->text('surface');

        return \in_array($kind, self::WALLS, true)
            ? $this->onAWall($in, $object, $kind, $art)
            : $this->onAFlat($in, $object, $art);
    }

    /** @return array<string, mixed> */
    private function onAFlat(Document $in, Document $object, Size $art): array
    {
        $size = new Size(
            Length::micrometres($object->length('width', ...self::SIDES)),
            Length::micrometres($object->length('height', ...self::SIDES)),
        );
        foreach (['corner', 'sides'] as $beside) {
            $object->has($beside) ? $object->number($beside, 0, 100_000) : null;
        }
        $object->end();
        $count = $in->whole('count', 1, self::MOST_DECALS, 1);
        $along = $in->text('along', 'width');
        if (!\in_array($along, ['width', 'height'], true)) {
            throw $in->wrong('along', 'is width or height');
        }
        $features = array_map(self::feature(...), $in->has('features') ? $in->objects('features', 100) : []);
        $in->end();
        $row = $in->at('count', static fn (): EvenRow => new EvenRow($size, $art, $count, 'width' === $along));

        return [
            'spots' => array_map(static fn (array $spot): array => self::spot($spot, $features), $row->spots()),
            'gap' => self::mm($row->gap),
        ];
    }

    /** @return Feature µm, where they are given */
    private static function feature(Document $one): array
    {
        $feature = [
            'name' => $one->text('name'),
            'x' => $one->has('x') ? 1000 * $one->number('x', -100_000, 100_000) : null,
            'y' => $one->has('y') ? 1000 * $one->number('y', -100_000, 100_000) : null,
        ];
        $one->end();

        return $feature;
    }

    /**
     * @param array{left: float, top: float, right: float, bottom: float, middle: array{float, float}} $spot µm
     * @param list<Feature>                                                                            $features
     *
     * @return array<string, mixed> mm
     */
    private static function spot(array $spot, array $features): array
    {
        $from = static fn (array $feature): array => array_filter(
            [
                'name' => $feature['name'],
                'x' => null === $feature['x'] ? null : self::mm($spot['middle'][0] - $feature['x']),
                'y' => null === $feature['y'] ? null : self::mm($spot['middle'][1] - $feature['y']),
            ],
            static fn (mixed $value): bool => null !== $value,
        );

        return [
            'left' => self::mm($spot['left']),
            'top' => self::mm($spot['top']),
            'right' => self::mm($spot['right']),
            'bottom' => self::mm($spot['bottom']),
            'middle' => ['x' => self::mm($spot['middle'][0]), 'y' => self::mm($spot['middle'][1])],
            'from' => array_map($from, $features),
        ];
    }

    /** @return array<string, mixed> */
    private function onAWall(Document $in, Document $object, string $kind, Size $art): array
    {
        $down = $in->has('top') ? $in->length('top', 0, self::SIDES[1]) : null;
        [$around, $wall, $lean] = $this->wall($object, $kind, $art, $down ?? 0);
        $object->end();
        $hand = $in->text('hand', 'right');
        if (!\in_array($hand, ['right', 'left'], true)) {
            throw $in->wrong('hand', 'is right or left');
        }
        $shows = HandleSide::tryFrom($in->text('shows', HandleSide::Outwards->value)) ??
            throw $in->wrong('shows', 'is outwards, inwards or both');
        $handle = $in->has('handle') ? (int) round(1000 * $in->number('handle', -100_000, 100_000)) : null;
        $blocks = array_map(
            static fn (float $block): int => (int) round(1000 * $block),
            $in->has('blocks') ? $in->numbers('blocks', 0.01, 10_000) : [],
        );
        if (\count($blocks) > self::MOST_BLOCKS) {
            throw $in->wrong('blocks', 'are at most '.self::MOST_BLOCKS);
        }
        $in->end();
        if (null !== $down && $down + $art->height->micrometres > $wall) {
            throw $in->wrong('top', 'leaves no room for the art on this wall');
        }

        return [
            'spots' => null === $handle
                ? []
                : array_map(
                    static fn (array $spot): array => [
                        'left' => self::mm(
                            HandleSide::round($spot['middle'] - $art->width->micrometres / 2, $around),
                        ),
                        'middle' => self::mm($spot['middle']),
                        'fromHandle' => self::mm($spot['from']),
                    ],
                    $shows->middles($around, $handle, 'right' === $hand),
                ),
            'level' => null === $down ? null : self::level($wall, $down + $art->height->micrometres, $lean, $blocks),
        ];
    }

    /**
     * @return array{int, int, int} µm: the way round at the art's middle, the length of the wall, and how much one
     *     radius
     *     is larger than the other
     */
    private function wall(Document $object, string $kind, Size $art, int $down): array
    {
        if ('cylinder' === $kind) {
            return [$object->length('circumference', ...self::SIDES), $object->length('height', ...self::SIDES), 0];
        }
        [$top, $bottom] = [$object->length('top', ...self::SIDES), $object->length('bottom', ...self::SIDES)];
        $slant = $object->length('slant', ...self::SIDES);
        $share = min(1.0, ($down + $art->height->micrometres / 2) / $slant);

        return [
            (int) round($top + ($bottom - $top) * $share),
            $slant,
            (int) round(abs($top - $bottom) / (2 * \M_PI)),
        ];
    }

    /**
     * @param list<int> $blocks µm
     *
     * @return array<string, mixed>
     */
    private static function level(int $wall, int $down, int $lean, array $blocks): array
    {
        $level = LevelLine::at(LevelLine::upright($wall, $down, $lean), $blocks);

        return [
            'height' => self::mm($level->height),
            'stack' => array_map(self::mm(...), $level->stack),
            'off' => self::mm($level->stacked - $level->height),
        ];
    }

    private static function mm(int|float $micrometres): float
    {
        return Reading::mm((int) round($micrometres));
    }
}
