<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Price\CostLine;
use Yelbo\Trade\Price\QuoteLine;

/** A line of what was quoted beside what it really cost. */
final readonly class CostLineView
{
    /**
     * @param string $what what it is for
     * @param MoneyView|null $quoted what was quoted for it; null where nothing was
     * @param MoneyView|null $cost what it cost; null where that is no cost
     * @param string $says from what it cost that
     * @param bool $measured whether that was timed, cut or counted
     */
    public function __construct(
        public string $what,
        public ?MoneyView $quoted,
        public ?MoneyView $cost,
        public string $says,
        public bool $measured,
    ) {
    }

    /** @param array{what: string, quoted: QuoteLine|null, cost: CostLine|null} $line */
    public static function from(array $line, string $format): self
    {
        [$quoted, $cost] = [$line['quoted'], $line['cost']];

        return new self(
            $line['what'],
            null === $quoted ? null : MoneyView::from($quoted->amount, $format),
            null === $cost ? null : MoneyView::from($cost->amount, $format),
            $cost->says ?? '',
            $cost->measured ?? false,
        );
    }
}
