<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Proofs\ProofLinks;

/** What is typed to break it becomes a sentence at its field, or simply works. */
final class HostileTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return array<array-key, string> */
    private function typed(string ...$more): array
    {
        return [
            'customer' => 'Osric Tamblyn',
            'words' => 'Kestrel',
            'object' => 'Coal hod',
            'surface' => 'rectangle',
            'width' => '180mm',
            'height' => '110mm',
            'useOf' => 'outdoor',
            'film' => (string) $this->navy->id(),
            'quantity' => '1',
            'neededOn' => '2026-12-05',
            'appliedBy' => 'shop',
            ...$more,
        ];
    }

    /** @return iterable<string, array{string}> */
    public static function addresses(): iterable
    {
        yield 'a script' => ['"<script>alert(1)</script>"@tamblyn.example'];
        yield 'too long for the record' => [
            str_repeat('a', 60).'@'.str_repeat('b', 60).'.'.str_repeat('c', 60).'.'.str_repeat('d', 20).'.example',
        ];
        yield 'two lines' => ["osric@tamblyn.example\nBcc: all@tamblyn.example"];
    }

    #[DataProvider('addresses')]
    public function testAnAddressNobodyHasIsRefusedAtItsField(string $to): void
    {
        $docket = $this->taken();
        $this->draw($docket, new \Yelbo\Shop\Designs\Design('bebas'));
        $this->assertProblem(
            422,
            'An address looks like',
            $this->ask('POST', "/api/dockets/{$docket->number()}/links", ['to' => $to]),
        );
    }

    public function testALongNameSaysYesByLink(): void
    {
        $docket = $this->taken();
        $this->draw($docket, new \Yelbo\Shop\Designs\Design('bebas'));
        [, $token] = $this->get(ProofLinks::class)->give($docket, '');
        $name = str_repeat('Osric Tamblyn ', 5).'of Lock 3';
        $this->ask('POST', "/api/given/$token/yes", ['name' => $name]);
        self::assertSame(200, $this->status);
        self::assertStringContainsString($name, $this->get(Book::class)->last($docket->number())?->says() ?? '');
    }

    public function testMoreThanOneOrderMayHaveIsSaidAtAskAndTheFigureIsTheShops(): void
    {
        $roster = implode("\n", array_map(static fn (int $nth): string => "Name $nth", range(1, 40)));
        $problem = $this->ask('POST', '/api/dockets', [
            'take' => true,
            'answers' => $this->typed(roster: $roster, quantity: '200'),
        ]);
        $this->assertProblem(422, '', $problem);
        self::assertSame('quantity', $problem['fields'][0]['field']);
        self::assertStringContainsString('8,000 pieces to cut, and one order has 2,000', $problem['fields'][0]['says']);
        $live = $this->ask('POST', '/api/answers', $this->typed(roster: $roster, quantity: '200'));
        self::assertContains($problem['fields'][0], $live['wrong'] ?? [], json_encode($live, \JSON_THROW_ON_ERROR));
        $this->ask('PUT', '/api/rules/most-pieces', ['value' => '3']);
        $problem = $this->ask('POST', '/api/dockets', ['take' => true, 'answers' => $this->typed(quantity: '4')]);
        self::assertStringContainsString('4 pieces to cut, and one order has 3', $problem['fields'][0]['says']);
    }

    public function testLayersCountAsPiecesWhenTheyAreDrawnAndWhenTheYesComes(): void
    {
        $docket = $this->taken(count: 2);
        $this->draw($docket, new \Yelbo\Shop\Designs\Design('bebas'));
        $this->ask('PUT', '/api/rules/most-pieces', ['value' => '1']);
        $problem = $this->ask('POST', "/api/dockets/{$docket->number()}/approve", [
            'version' => $docket->version(),
            'proof' => 1,
            'by' => 'Osric',
        ]);
        $this->assertProblem(422, '', $problem);
        self::assertStringContainsString('2 pieces to cut, and one order has 1', $problem['fields'][0]['says']);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bodies(): iterable
    {
        yield 'no JSON' => ['POST', '/api/answers', '{'];
        yield 'a list' => ['POST', '/api/dockets', '[]'];
        yield 'a number for text' => ['POST', '/api/answers', '{"words":1e999}'];
        yield 'beyond every number' => [
            'POST',
            '/api/plans/1/put',
            '{"version":1,"nth":0,"sheet":0,"x":1e400,"y":0,"turn":1e400}',
        ];
        yield 'very deep' => ['POST', '/api/answers', str_repeat('[', 2000).str_repeat(']', 2000)];
        yield 'half a letter' => ['POST', '/api/answers', "{\"words\":\"\xc3\x28\"}"];
    }

    #[DataProvider('bodies')]
    public function testABodyThatIsNoneIsRefused(string $method, string $path, string $body): void
    {
        $this->browser->request('GET', '/api/me');
        $me = json_decode((string) $this->browser->getResponse()->getContent(), true);
        \assert(\is_array($me));
        $this->browser->request($method, $path, [], [], [
            'CONTENT_TYPE' => 'application/json',
            'HTTP_X_YELBO_TOKEN' => (string) $me['csrf'],
        ], $body);
        $response = $this->browser->getResponse();
        self::assertContains($response->getStatusCode(), [400, 404, 413, 422], (string) $response->getContent());
        self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
    }

    public function testOneOwnersChangeDoesNotWipeAnothers(): void
    {
        $this->ask('PUT', '/api/rules/cure', ['value' => '48', 'version' => 0]);
        self::assertSame(200, $this->status);
        $rules = $this->ask('PUT', '/api/rules/cure', ['value' => '60', 'version' => 1])['rules'];
        self::assertSame(2, array_column($rules, 'version', 'rule')['cure']);
        $this->assertProblem(
            409,
            'was changed meanwhile',
            $this->ask('PUT', '/api/rules/cure', ['value' => '24', 'version' => 1]),
        );
    }

    public function testOneDescriptionOfAFilmDoesNotWipeAnother(): void
    {
        $film = array_column($this->ask('GET', '/api/stock')['films'], null, 'id')[$this->navy->id()];
        $typed = ['grade' => 'permanent', 'colour' => 'navy', 'swatch' => '#1b2f57', 'version' => $film['version']];
        $path = "/api/stock/films/{$this->navy->id()}";
        $this->ask('PUT', $path, [...$typed, 'price' => '9.80']);
        self::assertSame(200, $this->status);
        $this->assertProblem(409, 'Permanent, navy was changed meanwhile', $this->ask('PUT', $path, $typed));
    }
}
