<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** One's own password, changed. */
final readonly class PasswordRequest
{
    /**
     * @param string $old the one that is changed
     * @param string $password the new one, at least 12 letters
     */
    public function __construct(
        #[\SensitiveParameter] public string $old = '',
        #[\SensitiveParameter] public string $password = '',
    ) {
    }
}
