<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\Access\People;
use Yelbo\Shop\Access\SecurityEvent;
use Yelbo\Shop\Access\SecurityLog;
use Yelbo\Shop\Access\SignedIn;
use Yelbo\Shop\Access\SignIns;
use Yelbo\Shop\People\Worker;
use Yelbo\Web\Address;
use Yelbo\Web\Request\NewPasswordRequest;
use Yelbo\Web\Request\NewWorkerRequest;
use Yelbo\Web\Request\PasswordRequest;
use Yelbo\Web\Request\WorkerRequest;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\PeopleView;
use Yelbo\Web\View\SecurityEventView;
use Yelbo\Web\View\SecurityLogView;
use Yelbo\Web\View\SignedInView;
use Yelbo\Web\View\WorkerView;

/** Who works here and who is signed in: the owner's page; and everybody's own password. */
final readonly class PeopleController
{
    public function __construct(
        private People $people,
        private SignIns $signIns,
        private SecurityLog $log,
        private Security $security,
    ) {
    }

    /** Lists who works here, and who is signed in where. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/people', name: 'people', methods: ['GET'])]
    public function all(Request $request): PeopleView
    {
        $session = $request->hasSession() ? SignIns::hash($request->getSession()->getId()) : '';

        return new PeopleView(
            array_map(WorkerView::from(...), $this->people->all()),
            array_map(
                static fn (SignedIn $one): SignedInView => SignedInView::from($one, $one->isOf($session)),
                $this->signIns->open(),
            ),
        );
    }

    /** Adds somebody. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/people', name: 'people-add', methods: ['POST'])]
    public function add(#[MapRequestPayload] NewWorkerRequest $typed, Request $request): PeopleView
    {
        $this->people->add($typed->signIn, $typed->name, $typed->role, $typed->password);

        return $this->all($request);
    }

    /** Changes somebody's name or role, shuts them out, or lets them in again. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/people/{id}', name: 'people-change', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function change(int $id, #[MapRequestPayload] WorkerRequest $typed, Request $request): PeopleView
    {
        $worker = $this->people->worker($id);
        $this->people->change($worker, $typed->version, $typed->name, $typed->role, $typed->disabled, $typed->stations);

        return $this->all($request);
    }

    /** Sets somebody's password anew, and signs them out everywhere. */
    #[IsGranted('ROLE_OWNER')]
    #[Route(
        '/api/people/{id}/password',
        name: 'people-password',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    ),]
    public function reset(int $id, #[MapRequestPayload] NewPasswordRequest $typed, Request $request): PeopleView
    {
        $this->people->reset($this->people->worker($id), $typed->password);

        return $this->all($request);
    }

    /** Signs one browser out. */
    #[IsGranted('ROLE_OWNER')]
    #[Route(
        '/api/signed-in/{id}/end',
        name: 'signed-in-end',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function end(int $id, Request $request): PeopleView
    {
        $this->signIns->end($this->signIns->signedIn($id));

        return $this->all($request);
    }

    /** Sets one's own password. */
    #[Route('/api/me/password', name: 'my-password', methods: ['POST'])]
    public function renew(#[MapRequestPayload] PasswordRequest $typed, Request $request): DoneView
    {
        $worker = $this->security->getUser();
        if ($worker instanceof Worker) {
            $this->people->renew($worker, $typed->old, $typed->password, $request->getSession()->getId());
        }

        return new DoneView();
    }

    /** Reads the log of what concerns who may do what, the newest first. */
    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/security', name: 'security', methods: ['GET'])]
    public function log(#[MapQueryParameter] ?int $before = null): SecurityLogView
    {
        [$events, $more] = $this->log->page($before);

        return new SecurityLogView(
            array_map(
                static fn (SecurityEvent $event): SecurityEventView => SecurityEventView::from($event),
                $events,
            ),
            $more,
        );
    }
}
