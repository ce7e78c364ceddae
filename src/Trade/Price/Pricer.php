<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What an order costs: material by what it takes, minutes at the shop's rate, set up once, less for many, each line
 * with how it came about. More pieces, or larger ones, never cost less. Source: handbook section 16.
 */
final readonly class Pricer
{
    public const SET_UP = 'Set-up';
    public const TAPE = 'Transfer tape';
    public const BLANKS = 'Blanks';
    public const PRINTING = 'Printing';
    public const CUTTING = 'Cutting';
    public const WEEDING = 'Weeding';
    public const BENCH = 'Tape and apply';
    public const COATS = 'Coats';
    public const PACKING = 'Packing';
    public const DELIVERY = 'Delivery';

    private const STEPS = [
        [Rule::FewFrom, Rule::FewLess],
        [Rule::SomeFrom, Rule::SomeLess],
        [Rule::ManyFrom, Rule::ManyLess],
    ];

    private StepMinutes $minutes;

    public function __construct(private Rules $rules)
    {
        $this->minutes = new StepMinutes($rules);
    }

    /** The price of an order, line by line: one order has one price, every time. */
    public function quote(PricedOrder $order): Quote
    {
        $lines = [
            $this->setUp(\count($order->things)),
            ...array_map($this->film(...), $order->films),
            ...$this->material(self::TAPE, $order->tape / 1000, Rule::TapePrice, 'm'),
            ...$this->material(self::BLANKS, (float) $order->blanks, Rule::BlankPrice, ''),
            ...$this->printing($order),
            $this->cutting($order),
            $this->repeated(self::WEEDING, $order->things, static fn (PricedThing $one): float => $one->weed),
            $this->repeated(self::BENCH, $order->things, static fn (PricedThing $one): float => $one->bench),
            ...$this->coats($order->things),
            $this->line(self::PACKING, $this->minutes->pack(), ''),
            ...$this->delivery($order->delivery),
        ];
        $lines = [...$lines, ...$this->rush($order, $lines)];
        $lines = [...$lines, ...$this->minimum($lines)];
        $share = $this->rules->value(Rule::TaxShare);
        $whole = self::sum($lines)->plus(self::sum($lines)->share($share));
        $total = $whole->roundedUpTo(Money::of($this->rules->value(Rule::RoundTo)));
        // Of what is paid, as every paper tells it; what is rounded up is rounded once.
        $tax = $total->taxIn($share);
        $rounded = $total->less($tax)->less(self::sum($lines));

        $roundTo = Money::of($this->rules->value(Rule::RoundTo))->plain();
        $open = array_filter($order->films, static fn (array $film): bool => null === $film['price']);

        return new Quote(
            [
                ...$lines,
                ...0 === $tax->minor ? [] : [new QuoteLine('Tax', "$share %", $tax)],
                ...0 === $rounded->minor ? [] : [new QuoteLine('Rounding', "up to $roundTo", $rounded)],
            ],
            $total,
            $tax,
            array_column($open, 'name'),
        );
    }

    /**
     * Pieces whose minutes are charged: less for many, and never less for more of them.
     *
     * @return array{float, float} so many, and the share by which they are less, %
     */
    public function charged(int $copies): array
    {
        $best = [$copies * 1.0, 0.0];
        foreach (self::STEPS as [$from, $less]) {
            $many = (int) round($this->rules->value($from));
            $share = $this->rules->value($less);
            $pays = max($copies, $many) * (1 - $share / 100);
            $best = $pays < $best[0] ? [$pays, $share] : $best;
        }

        return $best;
    }

    private function setUp(int $designs): QuoteLine
    {
        return $this->line(self::SET_UP, $this->minutes->setUp($designs), 1 === $designs ? '' : "$designs designs");
    }

    /** @param array{name: string, area: float, price: int|null} $film */
    private function film(array $film): QuoteLine
    {
        if (null === $film['price']) {
            return new QuoteLine(
                $film['name'],
                \sprintf('%.3f m², not charged: it has no price yet. Give it one at Stock', $film['area'] / 1e6),
                Money::none(),
            );
        }
        $price = Money::minor($film['price']);
        $margin = $this->rules->value(Rule::MaterialMargin);
        $area = $film['area'] / 1e6;

        return new QuoteLine(
            $film['name'],
            \sprintf('%.3f m², cut again included, at %s a m², × %s', $area, $price->plain(), $margin),
            Money::minor((int) round($area * $price->minor * $margin)),
        );
    }

    /** @return list<QuoteLine> none where none is taken */
    private function material(string $what, float $amount, Rule $price, string $unit): array
    {
        $margin = $this->rules->value(Rule::MaterialMargin);
        $each = $this->rules->value($price);

        return $amount <= 0
            ? []
            : [
                new QuoteLine(
                    $what,
                    \sprintf(
                        '%s at %s%s, × %s',
                        '' === $unit ? (string) (int) $amount : \sprintf('%.2f %s', $amount, $unit),
                        Money::of($each)->plain(),
                        '' === $unit ? '' : " a $unit",
                        $margin,
                    ),
                    Money::of($amount * $each * $margin),
                ),
            ];
    }

    /** @return list<QuoteLine> none where nothing is printed */
    private function printing(PricedOrder $order): array
    {
        if ($order->printed <= 0.0) {
            return [];
        }
        $coats = $this->minutes->printCoats();
        $says = 1 === $coats ? 'one clear coat' : "$coats clear coats";
        $line = $this->line(self::PRINTING, $this->minutes->print(), $says);
        $area = $order->printed / 1e6;
        [$each, $margin] = [$this->rules->value(Rule::InkPrice), $this->rules->value(Rule::MaterialMargin)];

        return [
            new QuoteLine(
                $line->what,
                \sprintf('%s, %.3f m² of ink at %s a m², × %s', $line->says, $area, Money::of($each)->plain(), $margin),
                $line->amount->plus(Money::of($area * $each * $margin)),
            ),
        ];
    }

    private function cutting(PricedOrder $order): QuoteLine
    {
        $sheets = \count($order->films);
        $line = $this->line(
            self::CUTTING,
            $this->minutes->cut($order->blade, $sheets),
            1 === $sheets ? 'one film' : "$sheets films",
        );
        $blade = Money::of(($order->blade / 1000) * $this->rules->value(Rule::BladePrice));

        return new QuoteLine(
            $line->what,
            $line->says.\sprintf(', and %.1f m of blade', $order->blade / 1000),
            $line->amount->plus($blade),
        );
    }

    /**
     * @param list<PricedThing>             $things
     * @param \Closure(PricedThing): float $each minutes
     */
    private function repeated(string $what, array $things, \Closure $each): QuoteLine
    {
        $minutes = $less = 0.0;
        foreach ($things as $thing) {
            [$charged, $share] = $this->charged($thing->copies);
            $minutes += $charged * $each($thing);
            $less = max($less, $share);
        }
        $pieces = array_sum(array_map(static fn (PricedThing $one): int => $one->copies, $things));

        return $this->line(
            $what,
            $minutes,
            (1 === $pieces ? 'one piece' : "$pieces pieces").($less > 0 ? ", less $less % for many" : ''),
        );
    }

    /** @return list<QuoteLine> none where it is collected */
    private function delivery(Handover $way): array
    {
        $minutes = $way->minutes($this->rules);
        $carriage = Money::of($way->carriage($this->rules));

        return match (true) {
            $minutes > 0.0 => [$this->line(self::DELIVERY, $minutes, 'on our round')],
            $carriage->minor > 0 => [new QuoteLine(self::DELIVERY, 'a parcel', $carriage)],
            default => [],
        };
    }

    /**
     * @param list<PricedThing> $things
     *
     * @return list<QuoteLine> none where nothing is coated
     */
    private function coats(array $things): array
    {
        $minutes = 0.0;
        $coats = $laid = 0;
        foreach ($things as $thing) {
            $coats = max($coats, $thing->coats);
            $laid += $thing->coats * $thing->things();
            $minutes += $thing->coats * $this->minutes->coat($thing->things());
        }
        if (0 === $coats) {
            return [];
        }
        $line = $this->line(self::COATS, $minutes, 1 === $coats ? 'one' : (string) $coats);
        [$each, $margin] = [$this->rules->value(Rule::CoatPrice), $this->rules->value(Rule::MaterialMargin)];

        return [
            new QuoteLine(
                $line->what,
                $line->says.\sprintf(', and %d at %s, × %s', $laid, Money::of($each)->plain(), $margin),
                $line->amount->plus(Money::of($laid * $each * $margin)),
            ),
        ];
    }

    /**
     * @param list<QuoteLine> $lines
     *
     * @return list<QuoteLine>
     */
    private function rush(PricedOrder $order, array $lines): array
    {
        $share = $this->rules->value(Rule::RushShare);

        return !$order->rush || 0.0 === $share
            ? []
            : [
                new QuoteLine(
                    'Rush',
                    "wanted within {$this->rules->value(Rule::RushDays)} days: $share % more",
                    self::sum($lines)->share($share),
                ),
            ];
    }

    /**
     * @param list<QuoteLine> $lines
     *
     * @return list<QuoteLine>
     */
    private function minimum(array $lines): array
    {
        $least = Money::of($this->rules->value(Rule::MinimumOrder));
        $lacks = $least->less(self::sum($lines));

        return $lacks->minor <= 0 ? [] : [new QuoteLine('Smallest order', "up to {$least->plain()}", $lacks)];
    }

    private function line(string $what, float $minutes, string $of): QuoteLine
    {
        $rate = $this->rules->value(Rule::BenchHour);

        return new QuoteLine(
            $what,
            ('' === $of ? '' : "$of, ").\sprintf('%.1f min at %s an hour', $minutes, Money::of($rate)->plain()),
            Money::of(($minutes / 60) * $rate),
        );
    }

    /** @param list<QuoteLine> $lines */
    private static function sum(array $lines): Money
    {
        return Money::sum(array_map(static fn (QuoteLine $line): Money => $line->amount, $lines));
    }
}
