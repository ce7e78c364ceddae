<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;
use Symfony\Component\HttpKernel\KernelEvents;
use Yelbo\Shop\Proofs\GivenProofs;

/**
 * What a request carries is looked at only once it is known that whoever sends it may: first the right, or the link's
 * token, then how much it is, and only then what it says. At the door, where nobody is known, how much comes first.
 */
final readonly class Bodies
{
    /** Bytes: what is read of those nobody knows, and of workers. The server in front has the same bounds. */
    private const AT_THE_DOOR = 8192;
    private const BY_LINK = 16_384;
    private const INSIDE = 2_097_152;
    /** Where the body is a file. */
    private const FILES = ['photo', 'docket-art', 'art-trace', 'docket-picture'];

    public function __construct(private GivenProofs $given)
    {
    }

    /** Before the firewall reads a sign-in. */
    #[AsEventListener(KernelEvents::REQUEST, priority: 12)]
    public function atTheDoor(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (\in_array($request->attributes->get('_route'), ['sign-in', 'first-owner'], true)) {
            $this->refuse($request, self::AT_THE_DOOR);
        }
    }

    /** After it: who asks is known. */
    #[AsEventListener(KernelEvents::REQUEST, priority: 6)]
    public function inside(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $route = (string) $request->attributes->get('_route');
        $token = $request->attributes->get('token');
        $isByLink = str_starts_with($route, 'given') && \is_string($token) && 'given-page' !== $route;
        if ($isByLink) {
            $this->given->refuseClosed($token);
        }
        if (!$request->isMethodSafe() && !\in_array($route, self::FILES, true)) {
            $this->refuse($request, $isByLink ? self::BY_LINK : self::INSIDE);
        }
    }

    private function refuse(Request $request, int $most): void
    {
        $body = $request->getContent();
        if (\strlen($body) > $most) {
            throw new HttpException(413, 'More than is said here.');
        }
        if ('' === $body && [] === $request->request->all()) {
            return;
        }
        // Other formats have readers of their own, and no page of ours sends them.
        if ('json' !== $request->getContentTypeFormat()) {
            throw new UnsupportedMediaTypeHttpException('JSON is read here.');
        }
        JsonBounds::refuse($body);
    }
}
