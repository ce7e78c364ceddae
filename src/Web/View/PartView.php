<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\ProofPage;

/** One decal of a proof, every layer of it. */
final readonly class PartView
{
    /**
     * @param list<string>    $lines its lines
     * @param list<LayerView> $layers the letters first
     * @param SizeView $size over all
     * @param LengthView $left from the left edge of the object to the art
     * @param LengthView $top from the top edge of the object to the art
     */
    public function __construct(
        public array $lines,
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public array $layers,
    ) {
    }

    /** @param array<string, string> $paths path data by the hash of each outline */
    public static function from(ProofPage $proof, int $member, array $paths): self
    {
        return new self(
            $proof->drawing()->linesOf($member),
            SizeView::from($proof->drawing()->size($member)),
            LengthView::from($proof->drawing()->left($member)),
            LengthView::from($proof->drawing()->top($member)),
            array_map(
                static fn (array $layer, int $nth): LayerView => new LayerView(
                    $layer['role'],
                    $paths[$layer['outline']],
                    $layer['film'],
                    SizeView::from($proof->drawing()->layerSize($member, $nth)),
                    $layer['area'] ?? null,
                    isset($layer['picture']) ? PictureView::fromKept($layer['picture']) : null,
                ),
                $proof->drawing()->layers($member),
                array_keys($proof->drawing()->layers($member)),
            ),
        );
    }
}
