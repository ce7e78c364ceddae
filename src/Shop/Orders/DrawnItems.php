<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Symfony\Contracts\Service\ResetInterface;
use Yelbo\Shop\Designs\DesignFitter;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\ElementLayout;
use Yelbo\Shop\Designs\RosterFitter;
use Yelbo\Shop\Designs\WholeDecal;
use Yelbo\Shop\Input\FieldMap;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Refused;

/** The decals of an item as a draft draws them: one, or of a set one for each name. */
final class DrawnItems implements ResetInterface
{
    private ?string $key = null;
    /**
     * @var list<array{list<string>, WholeDecal}> the last that were drawn: a proof asks for them again for its price
     */
    private array $last = [];

    public function __construct(
        private readonly DesignFitter $fitter,
        private readonly RosterFitter $rosters,
        private readonly ElementLayout $elements,
    ) {
    }

    public function reset(): void
    {
        $this->key = null;
        $this->last = [];
    }

    /**
     * @return non-empty-list<array{list<string>, WholeDecal}> with the lines of each, or what it is of
     *
     * @throws Refusals|Refused
     */
    public function decals(Item $item, Draft $draft): array
    {
        $key = $this->fitter->key($item->object(), $draft->lines, $draft->design).
            serialize([$draft->roster, $draft->elements]);
        if ($key === $this->key && [] !== $this->last) {
            return $this->last;
        }
        $this->last = $this->drawn($item, $draft);
        $this->key = $key;

        return $this->last;
    }

    /**
     * @return non-empty-list<array{list<string>, WholeDecal}>
     *
     * @throws Refusals|Refused
     */
    private function drawn(Item $item, Draft $draft): array
    {
        try {
            if (!$draft->isSet()) {
                $fitted = $this->fitter->fit($item->object(), $draft->lines, $draft->design);

                return [[$draft->called(), $this->whole($item, $draft, $fitted)]];
            }
            $members = $this->rosters->fitSet($item->object(), $draft->roster, $draft->design)->members;
        } catch (Refused $refused) {
            throw '' === $refused->at ? $refused : FieldMap::Design->refusals($refused);
        }
        $decals = array_map(
            fn (SetMember $member, array $lines): array => [$lines, $this->whole($item, $draft, $member->fitted)],
            $members,
            $draft->roster,
        );

        return [] === $decals ? throw Refusals::at('roster', 'The roster is empty.') : $decals;
    }

    private function whole(Item $item, Draft $draft, Fitted $fitted): WholeDecal
    {
        try {
            return $this->elements->whole($item->object(), $fitted, $draft->design, $draft->elements);
        } catch (Refused $refused) {
            throw FieldMap::Design->refusals($refused);
        }
    }
}
