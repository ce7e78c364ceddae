<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Yelbo\Shop\Records\AnsweredRequests;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\StoreTrouble;
use Yelbo\Trade\Refused;
use Yelbo\Web\View\ProblemView;

/**
 * A page that got no answer asks again with the same key: what was done is not done twice, and what was answered is
 * answered again.
 */
final readonly class Repeats
{
    public const HEADER = 'X-Yelbo-Key';
    /** What answers a token that nobody keeps: asked again it is told that it was kept, and made anew by hand. */
    private const SECRET = ['docket-link', 'week-feed-make'];
    /** What a key looks like. */
    public const KEY = '~^[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$~D';

    public function __construct(private AnsweredRequests $requests, private Security $security)
    {
    }

    /** After the firewall: who asks is known. */
    #[AsEventListener(KernelEvents::REQUEST, priority: 4)]
    public function look(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $key = $this->key($request);
        if (!$event->isMainRequest() || null === $key) {
            return;
        }
        $answered = $this->requests->begin($key, $this->who(), self::what($request));
        if (null !== $answered) {
            $event->setResponse(self::again($answered));
        }
    }

    /** Two nodes were asked the same at once: the second finds the key taken and answers as the first. */
    #[AsEventListener(KernelEvents::EXCEPTION, priority: 8)]
    public function lookAgain(ExceptionEvent $event): void
    {
        $request = $event->getRequest();
        $key = $this->key($request);
        if (
            !$event->isMainRequest()
            || null === $key
            || !StoreTrouble::behind($event->getThrowable()) instanceof Conflict
        ) {
            return;
        }
        try {
            $answered = $this->requests->meanwhile($key, $this->who(), self::what($request));
        } catch (Conflict|Refused) {
            return;
        }
        if (null !== $answered) {
            $event->allowCustomResponseCode();
            $event->setResponse(self::again($answered));
        }
    }

    private function who(): string
    {
        return (string) $this->security->getUser()?->getUserIdentifier();
    }

    /**
     * What is asked, with all that is said: the same key with other words is another request. A path can hold a
     * customer's token, and a body a secret: what is kept of them is a hash.
     */
    private static function what(Request $request): string
    {
        return hash('sha256', "{$request->getMethod()} {$request->getPathInfo()}\n{$request->getContent()}");
    }

    /** @param array{status: int|null, body: string|null} $answered */
    private static function again(array $answered): Response
    {
        return
            null === $answered['status']
                ? Problems::response(
                    new ProblemView(
                        'about:blank',
                        'Kept already',
                        409,
                        'What you did was kept, and its answer got lost on the way. You see it fresh now.',
                        [],
                    ),
                )
                : new JsonResponse(
                    $answered['body'] ?? 'null',
                    $answered['status'],
                    $answered['status'] < 400 ? [] : ['Content-Type' => 'application/problem+json'],
                    true,
                );
    }

    /** What is answered is kept beside the key, but for faults: those are found out anew. */
    #[AsEventListener(KernelEvents::RESPONSE, priority: -900)]
    public function keep(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        if (\in_array($event->getRequest()->attributes->get('_route'), self::SECRET, true)) {
            return;
        }
        if ($event->isMainRequest() && null !== $this->key($event->getRequest()) && !$response->isServerError()) {
            $this->requests->answer($response->getStatusCode(), (string) $response->getContent());
        }
    }

    private function key(Request $request): ?string
    {
        $key = $request->headers->get(self::HEADER, '');

        return !$request->isMethodSafe() && 1 === preg_match(self::KEY, (string) $key) ? (string) $key : null;
    }
}
