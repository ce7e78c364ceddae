<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/**
 * Every request that changes something carries the session's token in a header, which no
 * other site can read or set. Runs before the firewall, so signing in is covered too.
 */
#[AsEventListener(KernelEvents::REQUEST, priority: 16)]
final readonly class CsrfGuard
{
    public const TOKEN = 'yelbo';
    public const HEADER = 'X-Yelbo-Token';
    /** What customers do by their links. */
    private const GIVEN = '/api/given/';

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe()) {
            return;
        }
        if (str_starts_with($request->getPathInfo(), self::GIVEN)) {
            // No session stands behind it: the token in the address is the key, and only a page of ours can send JSON.
            if ('json' !== $request->getContentTypeFormat()) {
                throw new AccessDeniedHttpException('This is answered from the proof’s own page only.');
            }

            return;
        }
        if (!$this->tokens->isTokenValid(new CsrfToken(self::TOKEN, (string) $request->headers->get(self::HEADER)))) {
            throw new AccessDeniedHttpException('This page was open too long. Load it again, then repeat.');
        }
    }
}
