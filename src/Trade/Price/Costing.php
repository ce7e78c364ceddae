<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What an order really cost: film and minutes as they were, at what they cost the shop, with no margin. Its lines are
 * called as those of the quote, to be held against it. Source: handbook section 16.
 */
final readonly class Costing
{
    private StepMinutes $minutes;

    public function __construct(private Rules $rules)
    {
        $this->minutes = new StepMinutes($rules);
    }

    /** @return list<CostLine> in the order of a quote's */
    public function cost(Spent $spent): array
    {
        return [
            $this->told(Pricer::SET_UP, $this->minutes->setUp($spent->designs)),
            ...array_map($this->film(...), $spent->films),
            ...$this->material(Pricer::TAPE, $spent->tape / 1000, Rule::TapePrice, ' m'),
            ...$this->material(Pricer::BLANKS, (float) $spent->blanks, Rule::BlankPrice, ''),
            ...$this->printing($spent->printed),
            $this->cutting($spent),
            $this->worked(Pricer::WEEDING, ...$spent->weeding),
            $this->worked(Pricer::BENCH, ...$spent->bench),
            ...$this->coats(...$spent->coats),
            $this->told(Pricer::PACKING, $this->minutes->pack()),
            ...$this->delivery($spent->delivery),
        ];
    }

    /** All its minutes of hands, timed or told. */
    public function minutes(Spent $spent): float
    {
        return $this->minutes->setUp($spent->designs) +
            $spent->cutting +
            ($spent->printed > 0.0 ? $this->minutes->print() : 0.0) +
            array_sum($spent->weeding) +
            array_sum($spent->bench) +
            $spent->coats[0] +
            $this->minutes->pack() +
            $spent->delivery->minutes($this->rules);
    }

    /** @return list<CostLine> none where nothing was printed */
    private function printing(float $printed): array
    {
        $line = $this->told(Pricer::PRINTING, $this->minutes->print());
        $area = $printed / 1e6;

        return $printed <= 0.0
            ? []
            : [
                new CostLine(
                    $line->what,
                    \sprintf('%s, and %.3f m² of ink', $line->says, $area),
                    $line->amount->plus(Money::of($area * $this->rules->value(Rule::InkPrice))),
                    false,
                ),
            ];
    }

    /** @return list<CostLine> none where nothing was coated */
    private function coats(float $minutes, int $laid): array
    {
        $line = $this->told(Pricer::COATS, $minutes);

        return 0 === $laid
            ? []
            : [
                new CostLine(
                    $line->what,
                    "$line->says, and $laid laid on",
                    $line->amount->plus(Money::of($laid * $this->rules->value(Rule::CoatPrice))),
                    false,
                ),
            ];
    }

    /** @return list<CostLine> none where it is collected */
    private function delivery(Handover $way): array
    {
        $minutes = $way->minutes($this->rules);
        $carriage = Money::of($way->carriage($this->rules));

        return match (true) {
            $minutes > 0.0 => [$this->told(Pricer::DELIVERY, $minutes)],
            $carriage->minor > 0 => [new CostLine(Pricer::DELIVERY, 'a parcel', $carriage, false)],
            default => [],
        };
    }

    /** @param array{name: string, area: float, price: int|null, cuts: int} $film */
    private function film(array $film): CostLine
    {
        $area = $film['area'] / 1e6;
        $of = \sprintf('%.3f m² of %s', $area, 1 === $film['cuts'] ? 'one sheet' : "{$film['cuts']} sheets");
        if (null === $film['price']) {
            return new CostLine($film['name'], "$of; it has no price yet", Money::none(), false);
        }
        $price = Money::minor($film['price']);

        return new CostLine(
            $film['name'],
            "$of, at {$price->plain()} a m²",
            Money::minor((int) round($area * $price->minor)),
            true,
        );
    }

    /** @return list<CostLine> none where none was taken */
    private function material(string $what, float $amount, Rule $price, string $unit): array
    {
        return $amount <= 0
            ? []
            : [new CostLine($what, round($amount, 2).$unit, Money::of($amount * $this->rules->value($price)), true)];
    }

    private function cutting(Spent $spent): CostLine
    {
        $line = $this->told(Pricer::CUTTING, $spent->cutting);

        return new CostLine(
            $line->what,
            $line->says.\sprintf(', and %.1f m of blade', $spent->blade / 1000),
            $line->amount->plus(Money::of(($spent->blade / 1000) * $this->rules->value(Rule::BladePrice))),
            false,
        );
    }

    private function worked(string $what, float $timed, float $told): CostLine
    {
        $parts = [
            ...$timed > 0.0 ? [\sprintf('%.1f min timed', $timed)] : [],
            ...$told > 0.0 || 0.0 === $timed ? [\sprintf('%.1f min told', $told)] : [],
        ];

        return new CostLine($what, implode(' and ', $parts), $this->hands($timed + $told), $timed > 0.0);
    }

    private function told(string $what, float $minutes): CostLine
    {
        return new CostLine($what, \sprintf('%.1f min told', $minutes), $this->hands($minutes), false);
    }

    private function hands(float $minutes): Money
    {
        return Money::of(($minutes / 60) * $this->rules->value(Rule::BenchHour));
    }
}
