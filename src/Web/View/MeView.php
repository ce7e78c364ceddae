<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Who is signed in, and the token every change has to carry. */
final readonly class MeView
{
    public function __construct(
        public bool $signedIn,
        public string $name,
        public string $role,
        public string $csrf,
        public string $shop,
        public string $now,
    ) {
    }
}
