<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Lettering\Mending;

/** How words are set, as typed; empty for what is usual. */
final readonly class TypedSetting
{
    /**
     * @param string $arrangement how the lines are arranged
     * @param string $tracking the space added between letters, in 1/1000 of the em, as typed
     * @param string $radius the radius the lines run along
     * @param string $order the order the letters stand in
     * @param string $shape the shape round it
     * @param string $frame the frame round it
     * @param string $lineSpacing clear film between lines, per cent of the letter height, as typed
     * @param string $align left, middle or right
     * @param string $condense per cent narrower; wider where negative, as typed
     * @param string $lineFaces a face for each line by its short name, | between them; empty for the decal's
     * @param string $lineHeights the height of each line's letters, per cent of the letter height, | between them
     * @param string $justify yes where all lines are set to one width
     * @param string $setSize of a set: each for all as large as they can be, box for all in a box; empty for one height
     * @param string $setWide how wide each member is over all
     * @param string $setHigh how high each member is over all
     * @param string $offset how wide the rim is
     * @param string $offsetFilm the film of the rim
     * @param string $base the shape behind it
     * @param string $baseFilm the film of the shape behind it
     * @param string $thicken every outline grows by this much, as typed
     * @param string $fuse gaps between parts are closed up to this width, as typed
     * @param string $fill insides are filled where no circle of this width fits, as typed
     * @param string $drop parts smaller than this both ways are left out, as typed
     * @param string $bridge loose insides are held by bars of this width, as typed
     * @param string $smooth corners are rounded by this radius, as typed
     * @param string $stretchAsked yes where the customer asks for more than the shop stretches letters by itself
     * @param string $signs the face, by its short name, that signs are taken from which its own lacks; empty for none
     * @param string $reduce corners are left out where no outline moves by more than this, as typed
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
        public string $lineFaces = '',
        public string $lineHeights = '',
        public string $justify = '',
        public string $setSize = '',
        public string $setWide = '',
        public string $setHigh = '',
        public string $offset = '',
        public string $offsetFilm = '',
        public string $base = '',
        public string $baseFilm = '',
        public string $thicken = '',
        public string $fuse = '',
        public string $fill = '',
        public string $drop = '',
        public string $bridge = '',
        public string $smooth = '',
        public string $reduce = '',
        public string $stretchAsked = '',
        public string $signs = '',
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
            $of('lineFaces'),
            $of('lineHeights'),
            $of('justify'),
            $of('setSize'),
            $mm(isset($set['setWide']) ? (int) $set['setWide'] : null),
            $mm(isset($set['setHigh']) ? (int) $set['setHigh'] : null),
            $mm($layers[0]['offset'] ?? null),
            (string) ($layers[0]['film'] ?? ''),
            $mm($layers[1]['offset'] ?? null),
            (string) ($layers[1]['film'] ?? ''),
            ...array_map(
                static fn (string $step): string => $mm(isset($set[$step]) ? (int) $set[$step] : null),
                Mending::STEPS,
            ),
            stretchAsked: $of('stretchAsked'),
            signs: $of('signs'),
        );
    }
}
