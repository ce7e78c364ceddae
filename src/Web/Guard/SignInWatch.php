<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;
use Symfony\Contracts\Cache\CacheInterface;
use Yelbo\Shop\Access\SecurityLog;
use Yelbo\Shop\Access\SignInGate;
use Yelbo\Shop\Access\SignIns;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Records\Recovery;
use Yelbo\Shop\Records\Unreachable;

/** What goes on at the door: who comes in, who guesses, and who is not in any more. */
final readonly class SignInWatch
{
    /** What is asked for by whoever is not signed in. */
    private const OPEN = ['/api/me', '/api/sign-in'];
    private const STRANGER = 'stranger.hash';

    public function __construct(
        private SignInGate $gate,
        private SignIns $signIns,
        private SecurityLog $log,
        private Security $security,
        private TokenStorageInterface $tokens,
        private PasswordHasherFactoryInterface $hashers,
        private CacheInterface $cache,
        private SignInAnswers $answers,
        private Recovery $recovery,
    ) {
    }

    /** Before anything is looked up: who guesses waits. */
    #[AsEventListener(CheckPassportEvent::class, priority: 2080)]
    public function slow(CheckPassportEvent $event): void
    {
        $badge = $event->getPassport()->getBadge(UserBadge::class);
        $wait = $this->gate->wait($badge instanceof UserBadge ? $badge->getUserIdentifier() : '');
        if ($wait > 0) {
            throw new CustomUserMessageAuthenticationException(
                'Too many sign-ins that were wrong. Wait {{ wait }}, then try again.',
                ['{{ wait }}' => $wait < 90 ? "$wait s" : ceil($wait / 60).' min'],
                429,
            );
        }
    }

    /** After the password was right. */
    #[AsEventListener(CheckPassportEvent::class, priority: -2080)]
    public function refuseShutOut(CheckPassportEvent $event): void
    {
        $worker = $event->getPassport()->getUser();
        if ($worker instanceof Worker && $worker->isDisabled()) {
            throw new CustomUserMessageAuthenticationException(
                'You may not sign in here any more. Ask the owner.',
                [],
                403,
            );
        }
    }

    /** After the session has its new id. */
    #[AsEventListener(LoginSuccessEvent::class, priority: -64)]
    public function note(LoginSuccessEvent $event): void
    {
        $worker = $event->getUser();
        $request = $event->getRequest();
        if ($worker instanceof Worker) {
            $session = $request->getSession();
            // Nobody has one before.
            $session->start();
            $this->signIns->begin(
                $worker,
                $session->getId(),
                $this->log->address(),
                (string) $request->headers->get('User-Agent'),
            );
            $this->log->note(SecurityLog::SIGNED_IN, $worker->getUserIdentifier(), "{$worker->name()} signed in");
        }
    }

    /** A name nobody has takes as long to refuse as a wrong password. */
    #[AsEventListener(LoginFailureEvent::class)]
    public function refused(LoginFailureEvent $event): void
    {
        $fault = $event->getException();
        if ($fault instanceof CustomUserMessageAuthenticationException) {
            return;
        }
        $badge = $event->getPassport()?->getBadge(UserBadge::class);
        $who = $badge instanceof UserBadge ? $badge->getUserIdentifier() : '';
        if ($fault instanceof UserNotFoundException || $fault->getPrevious() instanceof UserNotFoundException) {
            $hasher = $this->hashers->getPasswordHasher(Worker::class);
            $hasher->verify(
                $this->cache->get(self::STRANGER, static fn (): string => $hasher->hash(bin2hex(random_bytes(8)))),
                'nobody',
            );
        }
        $this->log->note(SecurityLog::REFUSED, $who, 'Name and password did not go together');
    }

    /** After the firewall: a sign-in that was ended, or is too old, is none. */
    #[AsEventListener(KernelEvents::REQUEST, priority: 7)]
    public function look(RequestEvent $event): void
    {
        $worker = $this->security->getUser();
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !$worker instanceof Worker || !$request->hasSession()) {
            return;
        }
        $session = $request->getSession()->getId();
        if (!$this->signIns->isOpen($worker, $session)) {
            // That somebody is here is noted now and then: what was being noted when the database was killed is not
            // seen until it has taken it back. Nobody is signed out by that.
            if (!$this->signIns->isKnown($session) && $this->recovery->isUnderWay()) {
                throw new Unreachable(new \RuntimeException('The database has just come back.'));
            }
            $this->tokens->setToken(null);
            $request->getSession()->invalidate();
            // Whether one may come in was decided before this; what anybody may see goes on.
            $path = $request->getPathInfo();
            if (str_starts_with($path, '/api/') && !\in_array($path, self::OPEN, true)) {
                $event->setResponse($this->answers->start($request));
            }
        }
    }

    /** Whoever is not signed in is told so; no session is made to remember where they wanted to go. */
    #[AsEventListener(KernelEvents::EXCEPTION, priority: 2)]
    public function turnAway(ExceptionEvent $event): void
    {
        if ($event->getThrowable() instanceof AccessDeniedException && null === $this->security->getUser()) {
            $event->setResponse($this->answers->start($event->getRequest(), null));
        }
    }

    /** Signed out by hand. */
    #[AsEventListener(LogoutEvent::class, priority: 64)]
    public function left(LogoutEvent $event): void
    {
        if ($event->getRequest()->hasSession()) {
            $this->signIns->endSession($event->getRequest()->getSession()->getId());
        }
    }
}
