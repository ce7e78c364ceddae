<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** Somebody new. */
final readonly class NewWorkerRequest
{
    /**
     * @param string $signIn the name to sign in with, small letters
     * @param string $name as people call them
     * @param string $role owner or bench
     * @param string $password at least 12 letters
     */
    public function __construct(
        public string $signIn = '',
        public string $name = '',
        public string $role = 'bench',
        #[\SensitiveParameter] public string $password = '',
    ) {
    }
}
