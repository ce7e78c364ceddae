<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Access\SignIns;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\People\Worker;
use Yelbo\Tests\Shop\ShopTestCase;

/** The API as the page uses it: JSON in and out, with the session's token. */
abstract class WebCase extends ShopTestCase
{
    protected int $status = 0;

    protected function as(string $signIn): void
    {
        $worker = $this->records->getRepository(Worker::class)->findOneBy(['signIn' => $signIn]);
        \assert($worker instanceof Worker);
        $this->browser->loginUser($worker);
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        foreach ($this->browser->getCookieJar()->all() as $cookie) {
            $this->get(EntityManagerInterface::class)
                ->getConnection()
                ->executeStatement(
                    'REPLACE INTO signed_in (worker_id, session, at, seen_at, address, browser) VALUES (?, ?, ?, ?, '
                        .'?, ?)',
                    [$worker->id(), SignIns::hash($cookie->getValue()), $now, $now, '127.0.0.1', 'The test'],
                );
        }
    }

    /** @return array<string, mixed> */
    protected function ask(string $method, string $path, mixed $body = null, bool $token = true): array
    {
        $headers = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
        if ('GET' !== $method && $token) {
            $this->browser->request('GET', '/api/me');
            $me = json_decode((string) $this->browser->getResponse()->getContent(), true);
            $headers['HTTP_X_YELBO_TOKEN'] = \is_array($me) ? (string) ($me['csrf'] ?? '') : '';
        }
        $this->browser->request(
            $method,
            $path,
            [],
            [],
            $headers,
            null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR),
        );
        $response = $this->browser->getResponse();
        $this->status = $response->getStatusCode();
        $answer = json_decode((string) $response->getContent(), true);

        return \is_array($answer) ? $answer : [];
    }

    /** @param array<string, mixed> $problem */
    protected function assertProblem(int $status, string $says, array $problem): void
    {
        self::assertSame($status, $this->status, json_encode($problem, \JSON_THROW_ON_ERROR));
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertSame($status, $problem['status']);
        self::assertStringContainsString($says, (string) $problem['detail']);
        self::assertStringNotContainsString('Exception', (string) $this->browser->getResponse()->getContent());
    }

    /**
     * Pieces laid out and released, the way the page does it; no thought is given to it.
     *
     * @param list<array{id: int, version: int}> $pieces
     *
     * @return array<string, mixed> the batch, or the problem
     */
    protected function released(array $pieces): array
    {
        $nesting = $this->ask('POST', '/api/nestings', ['film' => $this->navy->id(), 'pieces' => $pieces]);
        if (!isset($nesting['plans'])) {
            return $nesting;
        }
        $plan = $nesting['plans'][0];
        $this->get(LayPlanHandler::class)(new LayPlan($plan['id']));
        $version = $this->get(PlanEditor::class)->plan($plan['id'])->version();
        $released = $this->ask('POST', "/api/plans/{$plan['id']}/release", ['version' => $version]);

        return isset($released['batches'])
            ? $this->ask('GET', "/api/batches/{$released['batches'][0]['id']}")
            : $released;
    }

    /** @return array<string, mixed> */
    protected function bring(int $docket, string $file, string $name = 'drawing.svg'): array
    {
        return $this->send("/api/dockets/$docket/art?name=".rawurlencode($name), $file);
    }

    /**
     * A file, which is the body itself.
     *
     * @return array<string, mixed>
     */
    protected function send(string $path, string $file): array
    {
        $this->browser->request('GET', '/api/me');
        $me = json_decode((string) $this->browser->getResponse()->getContent(), true);
        $this->browser->request(
            'POST',
            $path,
            [],
            [],
            [
                'CONTENT_TYPE' => 'application/octet-stream',
                'HTTP_X_YELBO_TOKEN' => \is_array($me) ? (string) $me['csrf'] : '',
            ],
            $file,
        );
        $this->status = $this->browser->getResponse()->getStatusCode();
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true);

        return \is_array($answer) ? $answer : [];
    }

    /** A file as it comes. */
    protected function fetch(string $path): string
    {
        $this->browser->request('GET', $path);
        self::assertResponseIsSuccessful();

        return (string) $this->browser->getInternalResponse()->getContent();
    }
}
