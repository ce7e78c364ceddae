<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The first owner of a shop nobody works in yet. */
final readonly class FirstOwnerRequest
{
    /**
     * @param string $code as it stands on the console
     * @param string $signIn the name to sign in with, small letters
     * @param string $name as people call them
     * @param string $password at least 12 letters
     */
    public function __construct(
        #[\SensitiveParameter] public string $code = '',
        public string $signIn = '',
        public string $name = '',
        #[\SensitiveParameter] public string $password = '',
    ) {
    }
}
