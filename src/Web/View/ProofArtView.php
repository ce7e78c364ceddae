<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\FrozenFacts;
use Yelbo\Shop\Orders\ProofPage;

/** What is drawn. */
final readonly class ProofArtView
{
    /**
     * @param list<string> $words the lines of the decal
     * @param string $face the short name of the typeface
     * @param LengthView $capHeight the height of the capitals; the least of a set where each has its own
     * @param LengthView $highest the largest height of capitals
     * @param SizeView $size over all
     * @param LengthView $left from the left edge of the object to the art
     * @param LengthView $top from the top edge of the object to the art
     * @param string $path the outlines as path data, mm
     * @param list<PartView> $parts its parts, where it is a set
     * @param list<ProofFilmView> $films of each layer, the letters first
     * @param bool $mirrored whether it is cut mirrored, for the inside of glass
     */
    public function __construct(
        public array $words,
        public string $face,
        public LengthView $capHeight,
        public LengthView $highest,
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public string $path,
        public array $parts,
        public array $films,
        public bool $mirrored,
    ) {
    }

    /** @param array<string, string> $paths */
    public static function from(ProofPage $proof, FrozenFacts $facts, array $paths): self
    {
        $part = static fn (int $member): PartView => PartView::from($proof, $member, $paths);
        $film = static fn (array $film, int $nth): ProofFilmView => new ProofFilmView(
            $film['name'],
            $film['swatch'],
            $film['life'],
            SizeView::from($proof->drawing()->layerSize(0, $nth)),
        );

        return new self(
            $proof->words(),
            $proof->face(),
            LengthView::from($proof->drawing()->capHeight()),
            LengthView::from($proof->drawing()->highest()),
            SizeView::from($proof->drawing()->size()),
            LengthView::from($proof->drawing()->left()),
            LengthView::from($proof->drawing()->top()),
            $paths[$proof->drawing()->outline()],
            array_map($part, range(0, $proof->drawing()->lastMember())),
            array_map($film, $facts->films, array_keys($facts->films)),
            $facts->mirrored,
        );
    }
}
