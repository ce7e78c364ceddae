<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Designs\Design;

/** A request that is repeated with its key is done once. */
final class RepeatsTest extends WebCase
{
    private const KEY = '0b5e2f10-6f3a-4c7e-9d21-5a8f00000001';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return array<string, mixed> */
    private function keyed(string $method, string $path, mixed $body, string $key = self::KEY): array
    {
        $this->browser->setServerParameter('HTTP_X_YELBO_KEY', $key);
        $answer = $this->ask($method, $path, $body);
        $this->browser->setServerParameter('HTTP_X_YELBO_KEY', '');

        return $answer;
    }

    /** @return array<string, mixed> */
    private function order(): array
    {
        return ['take' => true, 'answers' => $this->answers()->toArray()];
    }

    private function orders(): int
    {
        $count = $this->records->getConnection()->fetchOne('SELECT COUNT(*) FROM docket');
        \assert(is_numeric($count));

        return (int) $count;
    }

    public function testAskedAgainItAnswersTheSameAndDoesNothing(): void
    {
        $first = $this->keyed('POST', '/api/dockets', $this->order());
        self::assertSame(200, $this->status);
        self::assertSame($first, $this->keyed('POST', '/api/dockets', $this->order()));
        self::assertSame(1, $this->orders());
        $another = $this->keyed('POST', '/api/dockets', $this->order(), str_replace('1', '2', self::KEY));
        self::assertNotSame($first['number'], $another['number']);
    }

    public function testWhereTheAnswerGotLostItIsSaidThatItWasKept(): void
    {
        $this->keyed('POST', '/api/dockets', $this->order());
        $this->records->getConnection()->executeStatement('UPDATE answered SET status = NULL, body = NULL');
        $this->assertProblem(409, 'was kept', $this->keyed('POST', '/api/dockets', $this->order()));
        self::assertSame(1, $this->orders());
    }

    public function testTheSameKeyWithOtherWordsIsRefused(): void
    {
        $first = $this->keyed('POST', '/api/dockets', $this->order());
        $other = [...$this->order(), 'answers' => [...$this->answers()->toArray(), 'quantity' => '7']];
        $this->assertProblem(422, 'key of another', $this->keyed('POST', '/api/dockets', $other));
        self::assertSame(1, $this->orders());
        self::assertSame($first, $this->keyed('POST', '/api/dockets', $this->order()));
    }

    public function testWhatWasNotKeptIsDoneWhenItIsAskedAgain(): void
    {
        $wrong = [...$this->order(), 'answers' => [...$this->answers()->toArray(), 'quantity' => 'many']];
        $this->keyed('POST', '/api/dockets', $wrong);
        self::assertSame(422, $this->status);
        $this->keyed('POST', '/api/dockets', $this->order());
        self::assertSame(200, $this->status);
        self::assertSame(1, $this->orders());
    }

    public function testAKeyIsForOneRequestOfOnePerson(): void
    {
        $this->keyed('POST', '/api/dockets', $this->order());
        $this->assertProblem(422, 'key of another', $this->keyed('POST', '/api/stock/receive', []));
        $this->as('tomas');
        $this->assertProblem(422, 'key of another', $this->keyed('POST', '/api/dockets', $this->order()));
    }

    public function testNoTokenOfACustomersLinkIsKept(): void
    {
        $docket = $this->taken();
        $this->draw($docket, new Design('bebas'));
        $link = $this->keyed('POST', "/api/dockets/{$docket->number()}/links", ['to' => '']);
        $token = basename((string) parse_url((string) $link['url'], \PHP_URL_PATH));
        $this->keyed('POST', "/api/given/$token/yes", ['name' => 'Osric'], str_replace('1', '3', self::KEY));
        self::assertSame(200, $this->status);
        $kept = json_encode($this->records->getConnection()->fetchAllAssociative('SELECT * FROM answered'));
        self::assertStringContainsString(self::KEY, (string) $kept);
        self::assertStringNotContainsString($token, (string) $kept);
    }

    public function testWithoutAKeyNothingIsKept(): void
    {
        $this->ask('POST', '/api/dockets', $this->order());
        self::assertSame('0', (string) $this->records->getConnection()->fetchOne('SELECT COUNT(*) FROM answered'));
    }
}
