<?php

declare(strict_types=1);

namespace Yelbo\Shop;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Lettering\ShortMemory;

/** Remembers across requests, in shared memory first and then on disk. */
final readonly class PoolMemory implements Memory
{
    private ShortMemory $near;

    public function __construct(
        #[Autowire(service: 'trade.memory')]
        private CacheInterface $pool,
    ) {
        $this->near = new ShortMemory();
    }

    public function recall(string $key, \Closure $make): mixed
    {
        return $this->near->recall($key, fn (): mixed => $this->pool->get(hash('xxh128', $key), $make));
    }
}
