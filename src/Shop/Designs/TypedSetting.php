<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Lettering\Mending;

/** How words are set, as typed; empty for what is usual. */
final readonly class TypedSetting
{
    /**
     * @param string $arrangement how the lines are arranged
     * @param string $tracking the space added between letters, as a share of the letter height
     * @param string $radius the radius the lines run along
     * @param string $order the order the letters stand in
     * @param string $shape the shape round it
     * @param string $frame the frame round it
     * @param string $lineSpacing the distance of the lines, as a share of the letter height
     * @param string $align left, middle or right
     * @param string $condense the share of its width the lettering is set to, from 0 to 1
     * @param string $offset how wide the rim is
     * @param string $offsetFilm the film of the rim
     * @param string $base the shape behind it
     * @param string $baseFilm the film of the shape behind it
     * @param string $thicken how much thin strokes are thickened
     * @param string $fuse whether letters that touch are one piece
     * @param string $fill how much of the shape the words take
     * @param string $drop the largest specks that are left out
     * @param string $smooth how far corners are smoothed, as typed
     * @param string $reduce how far corners are left out
     */
    public function __construct(
        public string $arrangement = '',
        public string $tracking = '',
        public string $radius = '',
        public string $order = '',
        public string $shape = '',
        public string $frame = '',
        public string $lineSpacing = '',
        public string $align = '',
        public string $condense = '',
        public string $offset = '',
        public string $offsetFilm = '',
        public string $base = '',
        public string $baseFilm = '',
        public string $thicken = '',
        public string $fuse = '',
        public string $fill = '',
        public string $drop = '',
        public string $smooth = '',
        public string $reduce = '',
    ) {
    }

    /** As it would have been typed. */
    public static function fromDesign(Design $design): self
    {
        $set = $design->chosen();
        $of = static fn (string $name): string => (string) ($set[$name] ?? '');
        $layers = $design->layers();
        $mm = static fn (?int $micrometres): string => null === $micrometres ? '' : $micrometres / 1000 .'mm';

        return new self(
            $of('arrangement'),
            $of('tracking'),
            $mm(isset($set['radius']) ? (int) $set['radius'] : null),
            $of('order'),
            $of('shape'),
            $of('frame'),
            isset($set['lineSpacing']) ? (string) round(100 * (float) $set['lineSpacing']) : '',
            $of('align'),
            $of('condense'),
            $mm($layers[0]['offset'] ?? null),
            (string) ($layers[0]['film'] ?? ''),
            $mm($layers[1]['offset'] ?? null),
            (string) ($layers[1]['film'] ?? ''),
            ...array_map(
                static fn (string $step): string => $mm(isset($set[$step]) ? (int) $set[$step] : null),
                Mending::STEPS,
            ),
        );
    }
}
