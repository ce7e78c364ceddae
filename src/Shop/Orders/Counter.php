<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DesignCheck;
use Yelbo\Shop\Designs\DesignDrawer;
use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Shop\Designs\FirstDesign;
use Yelbo\Shop\Input\Form;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Objects\ObjectReader;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Film\Advice;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Suitability;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Lettering\RosterNotes;
use Yelbo\Trade\Object\Kind;
use Yelbo\Trade\Refused;

/** What can be said at the counter while the customer is still talking. */
final readonly class Counter
{
    /** Answers that may still be missing, or wrong, without the drawing being any different. */
    private const NOT_DRAWN = ['customer', 'known', 'contact', 'object', 'useOf', 'film', 'quantity', 'neededOn', 'note'];

    public function __construct(
        private AnswersReader $reader,
        private ObjectReader $objects,
        private Shelf $shelf,
        private DesignDrawer $drawer,
        private FirstDesign $first,
        private DesignCheck $check,
        private RosterNotes $rows,
        private AskedItems $items,
        private EnoughFor $enough,
        private ShopRules $rules,
    ) {
    }

    /**
     * Says to the answers so far what a person at the counter would.
     *
     * @param list<Answers> $others what was answered of the other things of the order
     */
    public function hear(Answers $answers, array $others = []): Heard
    {
        $wrong = [];
        try {
            $this->reader->read($answers);
        } catch (Refusals $refusals) {
            $wrong = $refusals->fields;
        }
        $film = $this->shelf->filmNumbered((int) $answers->film);
        $grade = $film?->grade() ?? Film::Permanent;
        $use = Usage::tryFrom($answers->useOf) ?? Usage::Indoor;
        $roster = TypedWords::roster($answers->roster);
        $lines = [] === $roster ? TypedWords::lines($answers->words) : Roster::longest($roster);
        $drawn = $object = null;
        if ([] === array_diff_key($wrong, array_flip(self::NOT_DRAWN))) {
            try {
                $object = $this->objects->read($answers->object());
                $first = $this->first->of($lines, $answers->motif());
                $drawn = $this->drawer->draw($object, $lines, $first, $grade, $use);
            } catch (Refusals) {
                // The object is named among what is wrong already.
            } catch (Refused $refused) {
                $wrong += ([] === $roster ? Form::Order : Form::Roster)->refusals($refused)->fields;
            }
        }

        return $this->heard($answers, $others, $wrong, $film, $use, $drawn, $object, $lines, $roster);
    }

    /**
     * @param list<Answers>         $others
     * @param array<string, string> $wrong
     * @param list<string>          $lines
     * @param list<list<string>>    $roster
     */
    private function heard(
        Answers $answers,
        array $others,
        array $wrong,
        ?FilmOnShelf $film,
        Usage $use,
        ?DrawnDesign $drawn,
        ?MeasuredObject $object,
        array $lines,
        array $roster,
    ): Heard {
        $grade = $film?->grade() ?? Film::Permanent;
        $items = [
            null === $drawn || null === $object || null === $film
                ? null
                : $this->item($answers, $drawn, $object, $film, $use),
            ...array_map($this->asked(...), $others),
        ];

        return new Heard(
            $wrong,
            $drawn,
            null === $drawn || null === $object ? [] : $this->check->groups($drawn->fitted, $object, $grade, $use),
            [...$this->check->spelling(null, $lines), ...array_filter([$this->first->says($lines)])],
            null === $drawn ? 0.0 : $this->check->weeding($drawn->fitted, $drawn->design, $grade),
            null === $film ? null : Suitability::warning($film->grade(), $use),
            $film?->life($this->rules->current()),
            $this->advice($answers, $use),
            $this->enough($items),
            \count($roster),
            [] === $roster ? [] : $this->rows->of($roster),
            $items,
        );
    }

    /** @param list<AskedItem|null> $items */
    private function enough(array $items): ?Enough
    {
        $known = array_values(array_filter($items));

        return [] === $known ? null : $this->enough->order($known, \count($items) - \count($known));
    }

    private function item(
        Answers $answers,
        DrawnDesign $drawn,
        MeasuredObject $object,
        FilmOnShelf $film,
        Usage $use,
    ): ?AskedItem {
        try {
            return $this->items->asked($answers, $drawn->whole, $object, $film, $use);
        } catch (Refused) {
            // The name is named among what is wrong, or will be.
            return null;
        }
    }

    /** Another thing of the order as far as it was answered; none where it cannot be drawn yet. */
    private function asked(Answers $answers): ?AskedItem
    {
        $film = $this->shelf->filmNumbered((int) $answers->film);
        $use = Usage::tryFrom($answers->useOf) ?? Usage::Indoor;
        $roster = TypedWords::roster($answers->roster);
        $lines = [] === $roster ? TypedWords::lines($answers->words) : Roster::longest($roster);
        if (null === $film || ([] === $lines && null === $answers->motif())) {
            return null;
        }
        try {
            $object = $this->objects->read($answers->object());
            $first = $this->first->of($lines, $answers->motif());
            $drawn = $this->drawer->draw($object, $lines, $first, $film->grade(), $use);

            return $this->item($answers, $drawn, $object, $film, $use);
        } catch (Refusals|Refused) {
            return null;
        }
    }

    /** @return list<array{Advice, list<FilmOnShelf>}> */
    private function advice(Answers $answers, Usage $use): array
    {
        $kept = [];
        foreach ($this->shelf->films() as $film) {
            $kept[$film->grade()->value][] = $film;
        }
        $advice = [];
        foreach (
            Advice::all(
                $this->rules->current(),
                $use,
                Material::tryFrom($answers->material),
                'inside' === $answers->side,
                true === Kind::tryFrom($answers->surface)?->isCurved(),
            ) as $one
        ) {
            if (isset($kept[$one->film->value])) {
                $advice[] = [$one, $kept[$one->film->value]];
            }
        }

        return $advice;
    }
}
