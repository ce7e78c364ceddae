<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\Cure;

/**
 * Something that would help: tried, with what it comes to, or said only where nobody but the bench or the customer can
 * do it.
 */
final readonly class CureView
{
    /**
     * @param CureChangeView|null $change what of the drawing it changes; nothing where it is only said
     * @param string $do the short name of what is done
     * @param string $says a sentence for the worker
     * @param string $effect what it changes, in a sentence
     */
    public function __construct(
        public string $do,
        public string $says,
        public string $effect,
        public ?CureChangeView $change,
    ) {
    }

    public static function from(Cure $cure): self
    {
        return new self(
            $cure->do->value,
            $cure->says,
            $cure->effect,
            null === $cure->change ? null : CureChangeView::from($cure->change),
        );
    }
}
