<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A name and a password. */
final readonly class SignInRequest
{
    public function __construct(public string $signIn, public string $password)
    {
    }
}
