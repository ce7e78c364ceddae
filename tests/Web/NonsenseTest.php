<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Bench\Nonsense;

require_once __DIR__.'/../../tools/bench/Nonsense.php';

/**
 * Whatever is sent, and whoever sends it, is answered with a sentence; nothing breaks. `./yelbo bench hostile` sends
 * more.
 */
final class NonsenseTest extends WebCase
{
    /** @return iterable<string, array{string|null, int}> */
    public static function people(): iterable
    {
        yield 'a stranger' => [null, 1];
        yield 'the bench' => ['tomas', 2];
        yield 'the owner' => ['ines', 3];
    }

    #[DataProvider('people')]
    public function testNonsenseIsAnsweredWithASentence(?string $who, int $seed): void
    {
        /** @var array<string, mixed> $description */
        $description = json_decode(
            (string) file_get_contents(__DIR__.'/../../docs/openapi.json'),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );
        $nonsense = new Nonsense($description, (int) (getenv('YELBO_NONSENSE') ?: $seed));
        $this->taken();
        if (null !== $who) {
            $this->as($who);
        }
        $this->browser->request('GET', '/api/me');
        $me = json_decode((string) $this->browser->getResponse()->getContent(), true);
        $token = \is_array($me) ? (string) ($me['csrf'] ?? '') : '';
        foreach ($nonsense->operations() as [$method, $path]) {
            // Whoever signs out, or is signed out, is a stranger from there on.
            if (preg_match('~sign-out|signed-in|password|sign-in|first-owner~', $path) && null !== $who) {
                continue;
            }
            foreach (range(1, 'GET' === $method ? 1 : 3) as $nth) {
                $request = $nonsense->request($method, $path);
                $this->browser->request(
                    $method,
                    $request['path'],
                    [],
                    [],
                    ['CONTENT_TYPE' => $request['type'], 'HTTP_X_YELBO_TOKEN' => $token],
                    $request['body'],
                );
                $response = $this->browser->getResponse();
                self::assertLessThan(
                    500,
                    $response->getStatusCode(),
                    "$method {$request['path']} {$request['type']} ".substr((string) $request['body'], 0, 1500),
                );
                if ($response->getStatusCode() >= 400) {
                    $problem = json_decode((string) $response->getContent(), true);
                    self::assertIsArray($problem);
                    self::assertMatchesRegularExpression(
                        '~^\S.* .*[.?]~s',
                        (string) $problem['detail'],
                        "$method $path",
                    );
                }
            }
        }
    }
}
