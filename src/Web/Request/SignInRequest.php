<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A name and a password. */
final readonly class SignInRequest
{
    /**
     * @param string $signIn the name to sign in with
     * @param string $password the password
     */
    public function __construct(public string $signIn, public string $password)
    {
    }
}
