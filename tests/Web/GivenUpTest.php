<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

/** What nobody waits for any more is not worked out to its end. */
final class GivenUpTest extends WebCase
{
    public function testIsEndedForWhoGaveItUpAndForNobodyElse(): void
    {
        $this->as('ines');
        $drawing = [
            'docket' => $this->taken()->number(),
            'words' => 'Kestrel',
            'face' => 'playfair',
            'capHeight' => '13.7mm',
        ];
        foreach (['cures', 'samples'] as $nth => $what) {
            $mine = \sprintf('%08x-ab4f-0b2f-2bb5-f8859a61a794', random_int(0, 0xFFFFFFFF));
            $this->ask('POST', '/api/given-up', ['key' => $mine]);
            self::assertSame(204, $this->status);
            // A face of its own each: what is known already is answered at once.
            $asked = ['face' => ['great-vibes', 'playfair'][$nth], 'capHeight' => ''] + $drawing;
            $this->assertProblem(409, 'Nobody waits', $this->keyed("/api/$what", $asked, $mine));
            $this->as('tomas');
            $this->keyed("/api/$what", $asked, $mine);
            self::assertSame(200, $this->status, 'another person’s key is another');
            $this->as('ines');
            $this->keyed("/api/$what", $asked, str_replace('ab4f', 'ab5f', $mine));
            self::assertSame(200, $this->status, 'asked anew it is worked out');
        }
        $this->ask('POST', '/api/given-up', ['key' => str_repeat('../', 400)]);
        self::assertSame(422, $this->status);
    }

    public function testAProofOfManyNamesTellsHowFarItHasComeAndCanBeStopped(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $at = "/api/dockets/{$docket->number()}";
        $body = ['version' => $docket->version(), 'roster' => "Ada\nHal\nWren", 'face' => 'oswald', 'proof' => true];
        $key = static fn (int $nth): string => \sprintf(
            '%08x-ab4f-0b2f-2bb5-f8859a61a79%d',
            random_int(0, 0xFFFFFFFF),
            $nth,
        );
        $stopped = $key(1);
        $this->ask('POST', '/api/given-up', ['key' => $stopped]);
        $this->assertProblem(409, 'Nobody waits', $this->keyed("$at/design", $body, $stopped, 'PUT'));
        self::assertSame('sizing', $this->ask('GET', $at)['state']);
        $made = $key(2);
        self::assertSame(['what' => null, 'done' => 0, 'of' => 0], $this->ask('GET', "/api/under-way/$made"));
        self::assertSame('proofing', $this->keyed("$at/design", $body, $made, 'PUT')['state']);
        ['what' => $what, 'done' => $done, 'of' => $of] = $this->ask('GET', "/api/under-way/$made");
        self::assertContains($what, ['names set', 'outlines written']);
        self::assertSame(3, $of);
        self::assertLessThanOrEqual(3, $done);
        $this->as('tomas');
        self::assertNull($this->ask('GET', "/api/under-way/$made")['what'], 'another person’s key is another');
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    private function keyed(string $path, array $body, string $key, string $method = 'POST'): array
    {
        $this->browser->setServerParameter('HTTP_X_YELBO_KEY', $key);
        try {
            return $this->ask($method, $path, $body);
        } finally {
            $this->browser->setServerParameter('HTTP_X_YELBO_KEY', '');
        }
    }
}
