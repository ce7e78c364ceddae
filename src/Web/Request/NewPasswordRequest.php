<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A password set by the owner. */
final readonly class NewPasswordRequest
{
    /**
     * @param string $password at least 12 letters
     */
    public function __construct(#[\SensitiveParameter] public string $password = '')
    {
    }
}
