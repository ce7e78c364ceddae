<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
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

    private const KEPT = '_kept';

    public function __construct(
        private Ticks $ticks,
        private ClockInterface $clock,
        #[Autowire(service: 'answers.memory')] private CacheItemPoolInterface $memory,
    ) {
    }

    #[AsEventListener(KernelEvents::CONTROLLER)]
    public function ask(ControllerEvent $event): void
    {
        [$polled] = [...$event->getAttributes(Polled::class), null];
        if (!$polled instanceof Polled) {
            return;
        }
        $request = $event->getRequest();
        $request->attributes->set(self::TAG, $this->tag());
        if ($this->knows($request)) {
            $event->setController(static fn (): Response => new Response('', Response::HTTP_NOT_MODIFIED));
        } elseif ($polled->kept) {
            $kept = $this->memory->getItem(self::key($request))->get();
            if (\is_array($kept) && $kept[0] === $request->attributes->get(self::TAG) && \is_string($kept[1])) {
                $event->setController(static fn (): Response => new JsonResponse($kept[1], json: true));
            } else {
                $request->attributes->set(self::KEPT, true);
            }
        }
    }

    #[AsEventListener(KernelEvents::RESPONSE)]
    public function answer(ResponseEvent $event): void
    {
        $tag = $event->getRequest()->attributes->get(self::TAG);
        if (\is_string($tag) && $event->getResponse()->getStatusCode() < Response::HTTP_BAD_REQUEST) {
            $event->getResponse()->setEtag($tag);
            if ($event->getRequest()->attributes->getBoolean(self::KEPT)) {
                $this->memory->save(
                    $this->memory->getItem(self::key($event->getRequest()))->set([
                        $tag,
                        (string) $event->getResponse()->getContent(),
                    ]),
                );
            }
        }
    }

    /** One for each list: what was kept of it before makes room. */
    private static function key(Request $request): string
    {
        return 'answer.'.hash('xxh128', $request->getRequestUri());
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
