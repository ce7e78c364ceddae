<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Who is signed in, and the token every change has to carry. */
final readonly class MeView
{
    /**
     * @param bool $signedIn whether somebody is signed in
     * @param string $name who is signed in
     * @param string $role owner or bench
     * @param string $csrf the token every change has to carry
     * @param string $shop the name of the shop
     * @param string $now the time at the shop, ISO 8601
     * @param bool $needsOwner whether nobody works here yet
     */
    public function __construct(
        public bool $signedIn,
        public string $name,
        public string $role,
        public string $csrf,
        public string $shop,
        public string $now,
        public bool $needsOwner,
    ) {
    }
}
