<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\KnownDesign;

/** One of the shop's own designs, to be looked at. */
final readonly class KnownDesignView
{
    /**
     * @param int                   $id its number in the records
     * @param int                   $version as it was read
     * @param string                $name as people call it
     * @param string                $words its words in one line
     * @param SizeView              $on    the object it was drawn on, laid flat
     * @param int|null              $film  the number of the film of its words; null for that of the order
     * @param list<ElementFilmView> $films what is cut of it from bottom to top, in the frame of that object
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $words,
        public SizeView $on,
        public ?int $film,
        public array $films,
    ) {
    }

    public static function from(KnownDesign $design): self
    {
        $draft = $design->draft();

        return new self(
            $design->id(),
            $design->version(),
            $design->name(),
            implode(' ', $draft->lines),
            SizeView::from($design->on()),
            $draft->film?->id(),
            array_map(
                static fn (array $layer): ElementFilmView => new ElementFilmView($layer['film'], $layer['path']),
                $design->glance(),
            ),
        );
    }
}
