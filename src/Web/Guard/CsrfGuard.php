<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/**
 * Every request that changes something carries the session's token in a header, which no other site can read or set; at
 * the door, where there is no session, the header alone. Runs before the firewall, so signing in is covered too.
 */
#[AsEventListener(KernelEvents::REQUEST, priority: 16)]
final readonly class CsrfGuard
{
    public const TOKEN = 'yelbo';
    public const HEADER = 'X-Yelbo-Token';
    /** What the header says where nobody is signed in, and no session is made for it. */
    public const AT_THE_DOOR = 'at-the-door';
    /** What customers do by their links. */
    private const GIVEN = '/api/given/';
    /** What is done at the door. */
    private const DOOR = ['/api/sign-in', '/api/first-owner'];

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
        if (\in_array($request->getPathInfo(), self::DOOR, true)) {
            $this->refuseForeign($request);

            return;
        }
        $token = new CsrfToken(self::TOKEN, (string) $request->headers->get(self::HEADER));
        // Without a session nobody is signed in, and the firewall answers.
        if ($request->hasPreviousSession() && !$this->tokens->isTokenValid($token)) {
            throw new AccessDeniedHttpException('This page was open too long. Load it again, then repeat.');
        }
    }

    /** No session stands behind it yet: only a page of ours can send JSON with a header of its own. */
    private function refuseForeign(Request $request): void
    {
        $origin = $request->headers->get('Origin');
        if (
            'json' !== $request->getContentTypeFormat()
            || '' === (string) $request->headers->get(self::HEADER)
            || (null !== $origin && parse_url($origin, \PHP_URL_HOST) !== $request->getHost())
        ) {
            throw new AccessDeniedHttpException('This is answered from Yelbo’s own page only.');
        }
    }
}
