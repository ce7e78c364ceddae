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
final class AskedByAPage implements StillWanted
{
    /** ns between two looks at whether it is still wanted. */
    private const BETWEEN = 150_000_000;

    private int|float $looked = 0;

    public function __construct(
        private readonly RequestStack $requests,
        private readonly Security $security,
        #[Target('given_up.memory')] private readonly CacheItemPoolInterface $givenUp,
    ) {
    }

    public function orStop(): void
    {
        $key = $this->key();
        if (null !== $key && $this->givenUp->hasItem($this->noted($key))) {
            throw new GivenUp();
        }
    }

    public function orStopAt(string $what, int $done, int $of): void
    {
        // Looked for now and then: what is counted is done in milliseconds.
        $now = hrtime(true);
        if ($now - $this->looked < self::BETWEEN) {
            return;
        }
        $this->looked = $now;
        $this->orStop();
        $key = $this->key();
        if (null !== $key) {
            $this->givenUp->save($this->givenUp->getItem('at.'.$this->noted($key))->set([$what, $done, $of]));
        }
    }

    /**
     * How far what was asked for with that key, by the same person, has come.
     *
     * @return array{string, int, int}|null what is counted, how many of them are done, and of how many; none where
     *     nothing was told yet
     */
    public function howFar(string $key): ?array
    {
        $told = $this->givenUp->getItem('at.'.$this->noted($key))->get();

        return \is_array($told) && \is_string($told[0]) && \is_int($told[1]) && \is_int($told[2])
            ? [$told[0], $told[1], $told[2]]
            : null;
    }

    private function key(): ?string
    {
        $key = $this->requests->getMainRequest()?->headers->get(Repeats::HEADER);

        return '' === $key ? null : $key;
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
