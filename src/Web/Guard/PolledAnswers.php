<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Yelbo\Shop\Records\Ticks;

/** Lists that are asked for again and again carry a tag: who has the newest gets 304, for which no record is read. */
final readonly class PolledAnswers
{
    private const TAG = '_polled';

    public function __construct(private Ticks $ticks, private ClockInterface $clock)
    {
    }

    #[AsEventListener(KernelEvents::CONTROLLER)]
    public function ask(ControllerEvent $event): void
    {
        if ([] === $event->getAttributes(Polled::class)) {
            return;
        }
        $request = $event->getRequest();
        $request->attributes->set(self::TAG, $this->tag());
        if ($this->knows($request)) {
            $event->setController(static fn (): Response => new Response('', Response::HTTP_NOT_MODIFIED));
        }
    }

    #[AsEventListener(KernelEvents::RESPONSE)]
    public function answer(ResponseEvent $event): void
    {
        $tag = $event->getRequest()->attributes->get(self::TAG);
        if (\is_string($tag) && $event->getResponse()->getStatusCode() < Response::HTTP_BAD_REQUEST) {
            $event->getResponse()->setEtag($tag);
        }
    }

    private function knows(Request $request): bool
    {
        return \in_array('"'.$request->attributes->getString(self::TAG).'"', $request->getETags(), true);
    }

    /** What is late changes with the clock alone: once a minute all is told anew. */
    private function tag(): string
    {
        return $this->ticks->version().$this->clock->now()->format('.YmdHi');
    }
}
