<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Psr\Cache\CacheItemPoolInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AsAlias;
use Symfony\Component\DependencyInjection\Attribute\Target;
use Symfony\Component\HttpFoundation\RequestStack;
use Yelbo\Shop\Designs\GivenUp;
use Yelbo\Shop\Designs\StillWanted;

/**
 * A page that does not wait any more for what it asked for says so by the key it asked with, and the process that works
 * it out looks for that. Outside of a request everything is wanted.
 */
#[AsAlias(StillWanted::class)]
final readonly class AskedByAPage implements StillWanted
{
    public function __construct(
        private RequestStack $requests,
        private Security $security,
        #[Target('given_up.memory')] private CacheItemPoolInterface $givenUp,
    ) {
    }

    public function orStop(): void
    {
        $key = $this->requests->getMainRequest()?->headers->get(Repeats::HEADER);
        if (null !== $key && '' !== $key && $this->givenUp->hasItem($this->noted($key))) {
            throw new GivenUp();
        }
    }

    /** Whoever asked with that key, and is the same person, does not wait for it any more. */
    public function giveUp(string $key): void
    {
        $this->givenUp->save($this->givenUp->getItem($this->noted($key))->set(true));
    }

    private function noted(string $key): string
    {
        return hash('sha256', $this->security->getUser()?->getUserIdentifier()." $key");
    }
}
