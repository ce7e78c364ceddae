<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Yelbo\Shop\Access\FirstOwner;
use Yelbo\Shop\People\Worker;
use Yelbo\Web\Guard\CsrfGuard;
use Yelbo\Web\Request\FirstOwnerRequest;
use Yelbo\Web\Request\SignInRequest;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\MeView;

/** Who is there; in and out. */
final readonly class SignInController
{
    public function __construct(
        private Security $security,
        private CsrfTokenManagerInterface $tokens,
        private ClockInterface $clock,
        private FirstOwner $first,
        #[Autowire('%env(YELBO_SHOP)%')] private string $shop,
    ) {
    }

    /** Says who is signed in, and gives the token that changes have to carry. */
    #[Route('/api/me', name: 'me', methods: ['GET'])]
    public function me(): MeView
    {
        $worker = $this->security->getUser();
        $known = $worker instanceof Worker;

        return new MeView(
            $known,
            $known ? $worker->name() : '',
            $known ? $worker->role()->value : '',
            $known ? $this->tokens->getToken(CsrfGuard::TOKEN)->getValue() : CsrfGuard::AT_THE_DOOR,
            $this->shop,
            $this->clock->now()->format(\DATE_ATOM),
            !$known && $this->first->isMissing(),
        );
    }

    /** Signs a worker in. */
    #[Route('/api/sign-in', name: 'sign-in', methods: ['POST'])]
    public function signIn(#[MapRequestPayload] SignInRequest $request): DoneView
    {
        throw new \LogicException('The firewall answers first.');
    }

    /** Makes the first owner, by the code from the console. */
    #[Route('/api/first-owner', name: 'first-owner', methods: ['POST'])]
    public function firstOwner(#[MapRequestPayload] FirstOwnerRequest $typed): DoneView
    {
        $this->first->make($typed->code, $typed->signIn, $typed->name, $typed->password);

        return new DoneView();
    }

    /** Signs the worker out. */
    #[Route('/api/sign-out', name: 'sign-out', methods: ['POST'])]
    public function signOut(): DoneView
    {
        $this->security->logout(false);

        return new DoneView();
    }
}
