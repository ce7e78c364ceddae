<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A name and a password. */
final readonly class SignInAsk
{
    public function __construct(public string $signIn, public string $password)
    {
    }
}
