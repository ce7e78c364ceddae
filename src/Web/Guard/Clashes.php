<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Yelbo\Shop\Records\OnceOnly;
use Yelbo\Shop\Records\StoreTrouble;

/**
 * Two waited for each other, and the database gave one of them up: nothing of it was kept, and nobody else changed
 * what it is about. The kernel does such a request again; only where that does not help either is it told.
 */
final readonly class Clashes
{
    /** How often a request is done before its clash is told. */
    public const TRIES = 4;
    /** The longest wait before the first time again, µs; with each time again it is longer. */
    public const PAUSE = 40_000;
    private const CLASHED = '_clashed';

    public function __construct(private OnceOnly $once)
    {
    }

    /** Whether the request was given up by the database before anything of it was kept. */
    public static function met(Request $request): bool
    {
        return $request->attributes->getBoolean(self::CLASHED);
    }

    #[AsEventListener(KernelEvents::EXCEPTION, priority: 16)]
    public function look(ExceptionEvent $event): void
    {
        if ($event->isMainRequest() && !$this->once->hasEnded() && StoreTrouble::isClash($event->getThrowable())) {
            $event->getRequest()->attributes->set(self::CLASHED, true);
        }
    }
}
