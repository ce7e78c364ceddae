<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\BoxOffer;

/** Ways for words to fill a box of both sides. */
final readonly class BoxOffersView
{
    /** @param list<BoxOfferView> $offers the face chosen first, then those that leave less over */
    public function __construct(public array $offers)
    {
    }

    /** @param list<BoxOffer> $offers */
    public static function from(array $offers): self
    {
        return new self(array_map(BoxOfferView::from(...), $offers));
    }
}
