<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

/** How a customer said yes. */
enum Assent: string
{
    case InTheShop = 'shop';
    case ByPhone = 'phone';
    case ByLetter = 'letter';
    case ByLink = 'link';

    /** As the book says it. */
    public function inWords(): string
    {
        return match ($this) {
            self::InTheShop => 'in the shop',
            self::ByPhone => 'by phone',
            self::ByLetter => 'by letter',
            self::ByLink => 'by link',
        };
    }

    /** @return list<self> what somebody in the shop may say of it */
    public static function heard(): array
    {
        return [self::InTheShop, self::ByPhone, self::ByLetter];
    }
}
