<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Yelbo\Trade\Cache;
use Yelbo\Trade\InMemoryCache;

/** Remembers across requests, in shared memory first and then on disk. */
final readonly class PoolCache implements Cache
{
    private InMemoryCache $near;

    public function __construct(
        #[Autowire(service: 'trade.memory')]
        private CacheInterface $pool,
    ) {
        $this->near = new InMemoryCache();
    }

    public function recall(string $key, \Closure $make): mixed
    {
        return $this->near->recall($key, fn (): mixed => $this->pool->get(hash('xxh128', $key), $make));
    }
}
