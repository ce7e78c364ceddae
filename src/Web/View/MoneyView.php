<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Price\Money;

/** An amount of money, as it is computed with and as it is shown in this shop. */
final readonly class MoneyView
{
    /**
     * @param int $minor hundredths of the currency
     * @param string $text as it is shown
     */
    public function __construct(public int $minor, public string $text)
    {
    }

    /** @param string $format a locale with its currency: en_GB@currency=EUR */
    public static function from(Money $money, string $format): self
    {
        $written = new \NumberFormatter($format, \NumberFormatter::CURRENCY);

        return new self($money->minor, (string) $written->format($money->major()));
    }
}
