<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Yelbo\Shop\Records\Recovery;

/**
 * Sessions in the database. Where the database is away for a moment a session is unknown, not wrong: nobody is signed
 * out, and the browser keeps the cookie it has.
 */
final class SessionRecords implements \SessionHandlerInterface, \SessionUpdateTimestampHandlerInterface
{
    private bool $away = false;

    public function __construct(private readonly PdoSessionHandler $records, private readonly Recovery $recovery)
    {
    }

    public function open(string $path, string $name): bool
    {
        return $this->records->open($path, $name);
    }

    public function close(): bool
    {
        return $this->records->close();
    }

    /** Whether there is such a session; an id nobody can look up is not replaced by a new one. */
    public function validateId(string $id): bool
    {
        $known = $this->records->validateId($id);
        $this->away = $this->away || (!$known && $this->recovery->isUnderWay());

        return $known || $this->away;
    }

    public function read(string $id): string|false
    {
        if ($this->away) {
            throw new \RuntimeException('The database has just come back.');
        }
        try {
            return $this->records->read($id);
        } catch (\Throwable $away) {
            $this->away = true;
            throw $away;
        }
    }

    /** What could not be read is not written over. */
    public function write(string $id, string $data): bool
    {
        try {
            return $this->away || $this->records->write($id, $data);
        } catch (\Throwable $away) {
            $this->away = true;
            throw $away;
        }
    }

    public function updateTimestamp(string $id, string $data): bool
    {
        return $this->away || $this->records->updateTimestamp($id, $data);
    }

    public function destroy(string $id): bool
    {
        return $this->away || $this->records->destroy($id);
    }

    public function gc(int $max_lifetime): int|false
    {
        return $this->records->gc($max_lifetime);
    }

    /** A fault never changes who is signed in. After the session's own listener has set its cookie. */
    #[AsEventListener(KernelEvents::RESPONSE, priority: -2000)]
    public function keepCookie(ResponseEvent $event): void
    {
        if ($this->away || $event->getResponse()->isServerError()) {
            $event->getResponse()->headers->remove('Set-Cookie');
            header_remove('Set-Cookie');
        }
    }
}
