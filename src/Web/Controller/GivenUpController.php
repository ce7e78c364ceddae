<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Web\Address;
use Yelbo\Web\Guard\AskedByAPage;
use Yelbo\Web\Request\GivenUpRequest;
use Yelbo\Web\View\UnderWayView;

/** Pages that wait for what takes long, and those that do not wait any more. */
final readonly class GivenUpController
{
    public function __construct(private AskedByAPage $asked)
    {
    }

    /** Ends what is being worked out for a request that nobody waits for any more. */
    #[Route('/api/given-up', name: 'given-up', methods: ['POST'])]
    public function giveUp(#[MapRequestPayload] GivenUpRequest $given): Response
    {
        $this->asked->giveUp($given->key);

        return new Response('', Response::HTTP_NO_CONTENT);
    }

    /** Tells how far a request has come that takes long, by the key it was asked with. */
    #[Route('/api/under-way/{key}', name: 'under-way', requirements: ['key' => Address::KEY], methods: ['GET'])]
    public function underWay(string $key): UnderWayView
    {
        return new UnderWayView(...$this->asked->howFar($key) ?? [null, 0, 0]);
    }
}
