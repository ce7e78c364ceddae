<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Bench\TapeKind;
use Yelbo\Trade\Bench\TapeRoll;
use Yelbo\Trade\Bench\Taping;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** The shop's rolls of tape, and which of them lifts a decal. */
final readonly class TapeOnShelf
{
    public function __construct(private Shelf $shelf, private ShopRules $rules)
    {
    }

    /**
     * The kind of tape a decal takes.
     *
     * @param Rules|null $rules with a school of the decal's own; the shop's where left out
     */
    public function choice(Size $art, Film $film, Usage $use, ?Material $on, ?Rules $rules = null): TapeChoice
    {
        $longer = max($art->width->micrometres, $art->height->micrometres);

        return TapeChoice::for($longer, $film, $use, $on, false, $rules ?? $this->rules->current());
    }

    /** @return list<Supply> rolls there is something on */
    public function rolls(): array
    {
        return array_values(
            array_filter(
                $this->shelf->supplies(),
                static fn (Supply $supply): bool => null !== $supply->tape() && $supply->amount() > 0,
            ),
        );
    }

    /** How many strips of tape a decal takes side by side; one where no roll fits. */
    public function strips(Size $art, TapeChoice $choice, Usage $use): int
    {
        $rolls = array_map(
            static fn (Supply $supply): TapeRoll => new TapeRoll(
                $supply->tape() ?? TapeKind::Clear,
                $supply->width() ?? 0,
            ),
            $this->rolls(),
        );
        try {
            return \count(Taping::of($art, $choice, $use, $rolls, $this->rules->current())->strips);
        } catch (Refused) {
            return 1;
        }
    }

    /**
     * @param list<Supply> $supplies as `rolls()` gives them
     *
     * @return array{Supply, int}|null the roll, and how much comes off it in µm; none where no roll fits
     */
    public function lifts(Size $art, TapeChoice $choice, Usage $use, array $supplies): ?array
    {
        $rolls = [];
        foreach ($supplies as $supply) {
            $rolls[] = new TapeRoll($supply->tape() ?? TapeKind::Clear, $supply->width() ?? 0);
        }
        try {
            $taping = Taping::of($art, $choice, $use, $rolls, $this->rules->current());
        } catch (Refused) {
            return null;
        }
        foreach ($supplies as $supply) {
            if ($supply->tape() === $taping->roll->kind && $supply->width() === $taping->roll->width) {
                return [$supply, $taping->length()];
            }
        }

        return null;
    }
}
