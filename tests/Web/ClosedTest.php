<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Symfony\Component\Routing\RouterInterface;

final class ClosedTest extends WebCase
{
    /** How the table says what an answer is. */
    private const ANSWERS = ['yes', 'no', 'own'];

    public function testUnderTlsTheBrowserIsToldToStayThere(): void
    {
        $this->browser->request('GET', '/api/me');
        self::assertFalse($this->browser->getResponse()->headers->has('Strict-Transport-Security'));
        $this->browser->request('GET', '/api/me', server: ['HTTP_X_FORWARDED_PROTO' => 'https']);
        $response = $this->browser->getResponse();
        self::assertSame('max-age=31536000', $response->headers->get('Strict-Transport-Security'));
        foreach ($response->headers->getCookies() as $cookie) {
            self::assertTrue($cookie->isSecure());
        }
    }

    /**
     * Every route the router knows, for a stranger, for somebody at the bench and for the owner, is answered as
     * docs/access.md says; and nothing stands there that the router does not know.
     */
    public function testEveryRouteForEveryRole(): void
    {
        $table = self::table();
        $names = array_values(array_unique(array_column($this->routes(), 0)));
        self::assertEqualsCanonicalizing($names, array_keys($table), 'every route stands in docs/access.md');
        foreach ([null, 'tomas', 'ines'] as $nth => $who) {
            foreach ($this->routes() as [$name, $method, $path]) {
                if (null !== $who) {
                    $this->as($who);
                }
                $problem = $this->ask($method, $path, 'GET' === $method ? null : []);
                $told = "$name, $method $path, ".($who ?? 'a stranger').": $this->status";
                self::assertLessThan(500, $this->status, $told);
                match ($table[$name][$nth]) {
                    'no' => null === $who
                        ? $this->assertProblem(401, 'Sign in', $problem)
                        : $this->assertProblem(403, 'Only the owner', $problem),
                    'yes' => self::assertNotContains($this->status, 'sign-in' === $name ? [403] : [401, 403], $told),
                    // Whose it is is tried below.
                    default => self::assertNotSame(401, $this->status, $told),
                };
            }
        }
    }

    /** @return array<string, array{string, string, string}> what a stranger, the bench and the owner are answered */
    private static function table(): array
    {
        $table = [];
        foreach (file(__DIR__.'/../../docs/access.md', \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if (1 === preg_match('~^\| `([a-z0-9-]+)` \| [^|]* \| (\w+) \| (\w+) \| (\w+) \| ~', $line, $row)) {
                self::assertContains($row[2], self::ANSWERS, $line);
                self::assertContains($row[3], self::ANSWERS, $line);
                self::assertContains($row[4], self::ANSWERS, $line);
                self::assertArrayNotHasKey($row[1], $table, $line);
                $table[$row[1]] = [$row[2], $row[3], $row[4]];
            }
        }

        return $table;
    }

    /** @return list<array{string, string, string}> the name of each route, a method of it and a path of it */
    private function routes(): array
    {
        $routes = $this->get(RouterInterface::class)->getRouteCollection();
        self::assertGreaterThan(30, $routes->count());
        $asked = [];
        foreach ($routes as $name => $route) {
            foreach ($route->getMethods() ?: ['GET', 'POST'] as $method) {
                $path =
                    preg_replace('~/(photos?|laid)/\{name\}~', '/$1/'.str_repeat('0f', 16), $route->getPath()) ?? '';
                $path =
                    preg_replace(
                        [
                            '~\{(number|id|nth|item)\}~',
                            '~\{format\}~',
                            '~\{order\}~',
                            '~\{name\}~',
                            '~\{move\}~',
                            '~\{token\}~',
                            '~\{path\}~',
                            '~\{key\}~',
                        ],
                        [
                            '1',
                            'svg',
                            'pause',
                            'cure',
                            'counted',
                            str_repeat('x', 43),
                            'ask',
                            '0b5e2f10-6f3a-4c7e-9d21-5a8f00000001',
                        ],
                        $path,
                    ) ?? '';
                self::assertStringNotContainsString('{', $path, "$name: fill in its placeholder");
                $asked[] = [$name, $method, $path];
            }
        }

        return $asked;
    }

    public function testABenchWorkerIsRefusedTheOwnersPage(): void
    {
        $this->as('tomas');
        $this->assertProblem(403, 'Only the owner', $this->ask('PUT', '/api/rules/cure', ['value' => '1']));
        $this->as('ines');
        self::assertArrayHasKey('rules', $this->ask('GET', '/api/rules'));
    }

    public function testEveryChangeNeedsTheSessionsToken(): void
    {
        $this->as('ines');
        $this->assertProblem(403, 'open too long', $this->ask('POST', '/api/dockets', ['answers' => []], false));
        $this->assertProblem(
            403,
            'own page only',
            $this->ask('POST', '/api/sign-in', ['signIn' => 'ines', 'password' => 'lantern'], false),
        );
    }

    public function testAStrangerHasNoSession(): void
    {
        $this->ask('GET', '/api/me');
        $this->ask('POST', '/api/sign-in', ['signIn' => 'ines', 'password' => 'wrong']);
        $this->ask('GET', '/api/line');
        $this->ask('POST', '/api/dockets', ['answers' => []]);
        $this->ask('GET', '/api/given/'.str_repeat('x', 43));
        self::assertSame([], $this->browser->getCookieJar()->all());
        $foreign = [
            'HTTP_ORIGIN' => 'https://elsewhere.example',
            'HTTP_X_YELBO_TOKEN' => 'x',
            'CONTENT_TYPE' => 'application/json',
        ];
        $this->browser->request('POST', '/api/sign-in', [], [], $foreign, '{"signIn":"ines","password":"lantern"}');
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
        self::assertSame([], $this->browser->getCookieJar()->all());
    }

    public function testSigningInAndOut(): void
    {
        $this->assertProblem(
            401,
            'do not go together',
            $this->ask('POST', '/api/sign-in', ['signIn' => 'ines', 'password' => 'wrong']),
        );
        $this->assertProblem(
            401,
            'do not go together',
            $this->ask('POST', '/api/sign-in', ['signIn' => 'nobody', 'password' => 'lantern']),
        );
        self::assertFalse($this->ask('GET', '/api/me')['signedIn']);
        $this->ask('POST', '/api/sign-in', ['signIn' => 'ines', 'password' => 'lantern']);
        self::assertSame(200, $this->status);
        $me = $this->ask('GET', '/api/me');
        self::assertSame(['Ines', 'owner', true], [$me['name'], $me['role'], $me['signedIn']]);
        $this->ask('POST', '/api/sign-out');
        self::assertSame(200, $this->status);
        $this->assertProblem(401, 'Sign in', $this->ask('GET', '/api/line'));
    }

    public function testAnswersCarryStrictHeaders(): void
    {
        $this->ask('GET', '/api/me');
        $headers = $this->browser->getResponse()->headers;
        self::assertSame("default-src 'none'; frame-ancestors 'none'", $headers->get('Content-Security-Policy'));
        self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        self::assertStringContainsString('no-store', (string) $headers->get('Cache-Control'));
    }

    public function testErrorsNeverShowTraces(): void
    {
        $this->as('ines');
        $this->assertProblem(404, 'no docket Y-0009', $this->ask('GET', '/api/dockets/9'));
        $this->assertProblem(404, 'nothing here', $this->ask('GET', '/api/nowhere'));
        $this->assertProblem(405, 'cannot be done', $this->ask('DELETE', '/api/line'));
        $this->browser->request(
            'POST',
            '/api/fit',
            [],
            [],
            [
                'CONTENT_TYPE' => 'application/json',
                'HTTP_X_YELBO_TOKEN' => (string) $this->ask('GET', '/api/me')['csrf'],
            ],
            '{broken',
        );
        self::assertSame(400, $this->browser->getResponse()->getStatusCode());
        self::assertStringContainsString('cannot read', (string) $this->browser->getResponse()->getContent());
    }

    public function testACalendarLinkIsItsPersonsAndTheOwners(): void
    {
        $workers = $this->records->getRepository(\Yelbo\Shop\People\Worker::class);
        $of = static fn (string $who): int => $workers->findOneBy(['signIn' => $who])?->id() ?? 0;
        $this->as('tomas');
        foreach (['', '/drop'] as $end) {
            $this->assertProblem(403, 'its person', $this->ask('POST', "/api/week/feeds/{$of('ines')}$end"));
            $this->ask('POST', "/api/week/feeds/{$of('tomas')}$end");
            self::assertSame(200, $this->status);
        }
        $this->as('ines');
        $this->ask('POST', "/api/week/feeds/{$of('tomas')}");
        self::assertSame(200, $this->status);
        self::assertStringNotContainsString(
            '.ics',
            json_encode(
                $this->records->getConnection()->fetchAllAssociative('SELECT body FROM answered'),
                \JSON_THROW_ON_ERROR,
            ),
        );
    }
}
