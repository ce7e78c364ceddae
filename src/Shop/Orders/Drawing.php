<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Check\Judgement;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Letterer;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** Sets an order's words on its object by the shop's rules. */
final readonly class Drawing
{
    private Rules $rules;

    public function __construct(private Letterer $letterer, private Faces $faces, ShopRules $rules)
    {
        $this->rules = $rules->current();
    }

    /**
     * @param list<string> $words
     *
     * @throws Refused
     */
    public function of(Thing $thing, array $words, Design $design): Fitted
    {
        $set = Words::set($this->faces->named($design->face()), $words, \count($words) > 1 ? Arrangement::Stack : Arrangement::Line);

        return (new Fitting($this->letterer, $this->rules))->fit($thing->surface(), $set, $design->capHeight(), at: $design->at());
    }

    /** @return list<Snag> */
    public function snags(Fitted $fitted, Film $film, UseOf $use): array
    {
        return (new Judgement($this->rules))->of($fitted, $film, $use);
    }
}
