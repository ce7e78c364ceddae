<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;

/**
 * The kinds of surface a shop meets, and what is measured of each. Source: handbook section 3.
 *
 * Measures come by their name, lengths in µm.
 *
 * @phpstan-type Measured array<string, int|float|string|bool|null>
 */
enum SurfaceKind: string
{
    case Rectangle = 'rectangle';
    case Ellipse = 'ellipse';
    case Polygon = 'polygon';
    case Ring = 'ring';
    case Outline = 'outline';
    case Cylinder = 'cylinder';
    case Taper = 'taper';
    case Ball = 'ball';
    case Panes = 'panes';
    case Panel = 'panel';

    /** Does its wall bend both ways, or taper? Then film has to conform to it (section 6). */
    public function isCurved(): bool
    {
        return self::Ball === $this || self::Taper === $this;
    }

    /** Is it worked on all round? That takes longer (section 16). */
    public function isRound(): bool
    {
        return $this->isCurved() || self::Cylinder === $this;
    }

    /** As it is shown. */
    public function label(): string
    {
        return match ($this) {
            self::Rectangle => 'Rectangle',
            self::Ellipse => 'Disc or oval',
            self::Polygon => 'Polygon, hexagon',
            self::Ring => 'Ring round a badge or hole',
            self::Outline => 'Odd shape, traced',
            self::Cylinder => 'Cylinder',
            self::Taper => 'Taper: bucket, pot, tumbler',
            self::Ball => 'Ball or dome',
            self::Panes => 'Panes, one decal each',
            self::Panel => 'Vehicle or boat panel, glass',
        };
    }

    /**
     * Every length that is measured: its name, what it is, and whether it may be left out.
     *
     * @return list<array{string, string, bool}>
     */
    public function lengths(): array
    {
        return match ($this) {
            self::Rectangle => [
                ['width', 'Width', true],
                ['height', 'Height', true],
                ['corner', 'Corner radius', false],
            ],
            self::Ellipse => [['width', 'Width', true], ['height', 'Height', true]],
            self::Polygon => [['width', 'Width over all', true], ['height', 'Height over all', true]],
            self::Ring => [
                ['width', 'Outer width', true],
                ['height', 'Outer height', true],
                ['innerWidth', 'Badge width', true],
                ['innerHeight', 'Badge height', true],
            ],
            self::Outline => [['width', 'True width', false], ['height', 'or true height', false]],
            self::Cylinder => [
                ['circumference', 'Circumference', false],
                ['diameter', 'or diameter', false],
                ['height', 'Height', true],
            ],
            self::Taper => [
                ['upper', 'Round the top', true],
                ['lower', 'Round the bottom', true],
                ['slant', 'Slant height', true],
            ],
            self::Ball => [['diameter', 'Diameter', false], ['circumference', 'or circumference', false]],
            self::Panes => [['width', 'Width of a pane', true], ['height', 'Height of a pane', true]],
            self::Panel => [
                ['width', 'Free width', true],
                ['height', 'Free height', true],
                ['corner', 'Corner radius', false],
            ],
        };
    }

    /**
     * The surface by its measures.
     *
     * @param Measured $of
     *
     * @throws Refused at the measure that makes no sense
     */
    public function surface(array $of): Surface
    {
        $length = static fn (string $name): Length => Length::micrometres((int) ($of[$name] ?? 0));
        $size = static fn (): Size => new Size($length('width'), $length('height'));
        $seen = isset($of['seen']) ? (float) $of['seen'] : null;

        return match ($this) {
            self::Rectangle, self::Panes, self::Panel => new Rectangle($size(), $length('corner')),
            self::Ellipse => new Ellipse($size()),
            self::Polygon => new Polygon($size(), (int) ($of['sides'] ?? 6)),
            self::Ring => new Ring(new Size($length('innerWidth'), $length('innerHeight')), $size()),
            self::Outline => self::outline(
                (string) ($of['outline'] ?? ''),
                (int) ($of['width'] ?? 0),
                (int) ($of['height'] ?? 0),
            ),
            self::Cylinder => new Cylinder(self::round($of), $length('height'), $seen),
            self::Taper => self::taper(
                $length('upper'),
                $length('lower'),
                $length('slant'),
                'bottom' !== ($of['wideEnd'] ?? 'top'),
                $seen,
            ),
            self::Ball => new Ball(self::round($of)->times(1 / \M_PI), $seen),
        };
    }

    /** @param Measured $of the circumference as it was measured, or by the diameter */
    private static function round(array $of): Length
    {
        return 0 < (int) ($of['circumference'] ?? 0)
            ? Length::micrometres((int) $of['circumference'])
            : Length::micrometres((int) ($of['diameter'] ?? 0) * \M_PI);
    }

    private static function taper(Length $upper, Length $lower, Length $slant, bool $wideUp, ?float $seen): Taper
    {
        if ($wideUp !== $upper->micrometres > $lower->micrometres && $upper->micrometres !== $lower->micrometres) {
            throw new Refused(
                'taper-upside-down',
                $wideUp
                    ? 'The bottom is wider than the top. Change the two figures over, or say that the wide end is '
                        .'the bottom.'
                    : 'The top is wider than the bottom. Change the two figures over, or say that the wide end is '
                        .'the top.',
                '/lower',
            );
        }
        try {
            return $wideUp
                ? new Taper($upper, $lower, $slant, true, $seen)
                : new Taper($lower, $upper, $slant, false, $seen);
        } catch (Refused $refused) {
            throw '/bottom' === $refused->at
                ? new Refused($refused->reason, $refused->getMessage(), '/lower')
                : $refused;
        }
    }

    /** A traced or drawn outline at the one true dimension that was given; the other follows. */
    private static function outline(string $path, int $width, int $height): Surface
    {
        if ('' === trim($path)) {
            throw new Refused(
                'no-outline',
                'Take a photo of the object on a plain ground, or drop an SVG of its outline.',
                '/outline',
            );
        }
        try {
            $region = SvgPath::read($path);
        } catch (Refused $refused) {
            throw new Refused($refused->reason, $refused->getMessage(), '/outline');
        }
        if ($width <= 0 && $height <= 0) {
            throw new Refused(
                'no-true-size',
                'Measure one true dimension, the width or the height over all.',
                '/width',
            );
        }
        $box = $region->box();
        $region = $region
            ->moved(-$box->left, -$box->top)
            ->scaled($width > 0 ? $width / $box->width() : $height / $box->height());

        return new OddShape($region);
    }
}
