<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Trade\Lettering\Arrangement;

/** How the words are set. */
final readonly class LetteringView
{
    /**
     * @param list<string> $words the lines of the decal
     * @param string $face the short name of the typeface
     * @param LengthView $capHeight the height of the capitals
     * @param list<LengthView> $lineHeights the letter height of each line, where they differ
     * @param LengthView $largest the largest letters the surface takes
     * @param LengthView|null $trueHeight how high a drawing truly is, less what is left out, where its file says so
     * @param LengthView $xHeight the height of the small letters
     * @param Arrangement $arrangement how the lines are arranged
     * @param LengthView|null $radius the radius the lines run along
     * @param float $condense per cent narrower than the face; wider where negative
     */
    public function __construct(
        public array $words,
        public string $face,
        public LengthView $capHeight,
        public array $lineHeights,
        public LengthView $largest,
        public ?LengthView $trueHeight,
        public LengthView $xHeight,
        public Arrangement $arrangement,
        public ?LengthView $radius,
        public float $condense,
    ) {
    }

    public static function from(DrawnDesign $drawn): self
    {
        $fitted = $drawn->fitted;
        $length = LengthView::micrometres(...);

        return new self(
            $drawn->lines,
            $drawn->design->face(),
            $length($fitted->capHeight),
            array_map($length, $fitted->lineHeights()),
            LengthView::atMost($fitted->largest),
            null === $drawn->trueHeight() ? null : $length($drawn->trueHeight()),
            $length($drawn->xHeight),
            $fitted->words->setting->arrangement,
            null === $drawn->radius ? null : $length($drawn->radius),
            $fitted->words->setting->condense,
        );
    }
}
