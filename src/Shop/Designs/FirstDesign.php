<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Typesetter;

/** How words are drawn before anybody chose: in the usual face, or the first one that has all their letters. */
final readonly class FirstDesign
{
    public function __construct(private Faces $faces, private Typesetter $typesetter)
    {
    }

    /**
     * @param list<string>       $texts all lines, or all names
     * @param DesignElement|null $motif what stands in their place
     */
    public function of(array $texts, ?DesignElement $motif = null): Design
    {
        $face = $this->face($texts);

        return new Design(
            Design::DEFAULT_FACE === $face->slug ? null : $face->slug,
            motif: [] === $texts ? $motif?->toArray() : null,
        );
    }

    /**
     * Why it is another face than usual; nothing where it is that.
     *
     * @param list<string> $texts
     */
    public function says(array $texts): ?string
    {
        $face = $this->face($texts);
        $usual = $this->faces->named(Design::DEFAULT_FACE);

        return $face->slug === $usual->slug
            ? null
            : "$usual->name does not have all of these letters: set in $face->name, the first face that has.";
    }

    /** @param list<string> $texts */
    private function face(array $texts): Face
    {
        $usual = $this->faces->named(Design::DEFAULT_FACE);

        return $this->typesetter->firstWith([$usual, ...$this->faces->all()], $texts) ?? $usual;
    }
}
