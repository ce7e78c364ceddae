<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Price\Money;

/** An amount of money, as it is computed with and as it is shown in this shop. */
final readonly class MoneyView
{
    private const LOCALE = 'en_GB';

    /**
     * @param int $minor hundredths of the currency
     * @param string $text as it is shown
     */
    public function __construct(public int $minor, public string $text)
    {
    }

    /** @param string $currency ISO 4217: EUR */
    public static function from(Money $money, string $currency): self
    {
        $format = new \NumberFormatter(self::LOCALE, \NumberFormatter::CURRENCY);

        return new self($money->minor, (string) $format->formatCurrency($money->major(), $currency));
    }
}
