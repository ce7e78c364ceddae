<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Web\Guard\AskedByAPage;
use Yelbo\Web\Request\GivenUpRequest;

/** Pages that do not wait any more for what they asked for. */
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
}
