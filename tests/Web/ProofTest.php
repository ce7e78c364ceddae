<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Doctrine\DBAL\Connection;
use Symfony\Component\Mailer\Envelope;
use Symfony\Component\Mailer\Transport\Dsn;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Process\Process;
use Yelbo\Device\Post\OutboxTransportFactory;
use Yelbo\Device\Post\Seal;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Proofs\ProofLinks;
use Yelbo\Trade\Geometry\SvgPath;

/** Cures that were tried, stops that are let pass, and a customer's page without a login. */
final class ProofTest extends WebCase
{
    public function testCuresAreTriedAndTakingOneTakesTheSnagAway(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        foreach (['great-vibes' => 'thin-stroke', 'playfair' => 'thin-stroke'] as $face => $code) {
            $drawing = [
                'docket' => $docket->number(),
                'words' => 'Kestrel',
                'face' => $face,
                'capHeight' => 'playfair' === $face ? '14mm' : '',
            ];
            $before = $this->stops($drawing);
            self::assertArrayHasKey($code, $before, $face);
            $tried = 0;
            foreach ($this->ask('POST', '/api/cures', $drawing)['snags'] as $snag) {
                foreach ($snag['cures'] as $cure) {
                    if (null === $cure['change']) {
                        continue;
                    }
                    ++$tried;
                    $after = $this->stops($this->taking($drawing, $cure['change']));
                    self::assertArrayNotHasKey($snag['code'], $after, "{$cure['says']} on $face");
                    self::assertSame([], array_diff_key($after, $before), "{$cure['says']} brings no new stop");
                    self::assertNotSame('', $cure['effect']);
                }
            }
            self::assertGreaterThan(0, $tried, $face);
        }
    }

    public function testStopsOfAWholeSetAreToldAndTheOwnerLetsThemPass(): void
    {
        $this->as('ines');
        $docket = $this->taken();
        $set = [
            'docket' => $docket->number(),
            'roster' => "Ada\nBartholomew Quillfeather\nCass",
            'face' => 'great-vibes',
        ];
        $codes = array_column($this->ask('POST', '/api/set/check', $set)['snags'], 'code');
        self::assertContains('thin-stroke', $codes);
        self::assertSame(
            [],
            $this->ask('POST', '/api/set/check', ['face' => 'alfa-slab', 'roster' => "Ada\nCass"] + $set)['snags'],
        );
        $design = [
            'version' => $docket->version(),
            'words' => '',
            'proof' => true,
        ] + array_diff_key($set, ['docket' => 0]);
        $this->assertProblem(
            422,
            'No proof yet',
            $this->ask('PUT', "/api/dockets/{$docket->number()}/design", $design),
        );
        // What is let pass is what is kept.
        $kept = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", ['proof' => false] + $design);
        $design['version'] = $kept['version'];
        foreach ($codes as $code) {
            $design['version'] = $this->ask('POST', "/api/dockets/{$docket->number()}/waiver", [
                'version' => $design['version'],
                'code' => $code,
                'reason' => 'for one day only',
            ])['version'];
        }
        self::assertCount(
            3,
            $this->ask(
                'PUT',
                "/api/dockets/{$docket->number()}/design",
                $design,
            )['proofs'][0]['pages'][0]['art']['parts'] ?? [],
        );
    }

    public function testOnlyTheOwnerLetsAStopPass(): void
    {
        $docket = $this->taken();
        $body = [
            'version' => $docket->version(),
            'code' => 'thin-stroke',
            'reason' => 'for one day only',
        ];
        $this->as('tomas');
        $this->assertProblem(
            403,
            'Only the owner',
            $this->ask('POST', "/api/dockets/{$docket->number()}/waiver", $body),
        );
        $this->as('ines');
        $this->assertProblem(
            422,
            'no such stop',
            $this->ask('POST', "/api/dockets/{$docket->number()}/waiver", ['code' => '<b>'] + $body),
        );
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        $this->draw($docket, new Design('great-vibes', 20_000), false, ['Kestrel']);
        $body['version'] = $docket->version();
        self::assertContains(
            'Let pass by Ines: for one day only',
            $this->ask('POST', "/api/dockets/{$docket->number()}/waiver", $body)['cautions'],
        );
        $check = $this->ask('POST', '/api/check', [
            'docket' => $docket->number(),
            'words' => 'Kestrel',
            'face' => 'great-vibes',
        ]);
        $thin = array_column($check['snags'], null, 'code')['thin-stroke'];
        self::assertSame('Ines: for one day only', $thin['waiver']);
    }

    public function testAnotherSpellingThanAskedForIsSaid(): void
    {
        $this->as('tomas');
        $docket = $this->taken();
        $says = fn (string $words): string => implode(
            ' ',
            $this->ask('POST', '/api/check', ['docket' => $docket->number(), 'words' => $words, 'face' => 'bebas'])[
                'spelling'
            ],
        );
        self::assertSame('', $says('Kestrel'));
        self::assertStringContainsString('One letter differs', $says('Kestral'));
        self::assertStringContainsString('Capitals differ', $says('KESTREL'));
        // Kept so, it is what the answers say; what was asked stays what it is held against.
        $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => 'Kestral',
            'face' => 'bebas',
        ]);
        $kept = $this->ask('GET', "/api/dockets/{$docket->number()}");
        self::assertSame('Kestral', $kept['items'][0]['answers']['words']);
        self::assertStringContainsString('One letter differs', $says('Kestral'));
        self::assertSame('', $says('Kestrel'));
    }

    public function testTheCustomersPageShowsThatOrderOnlyAndTakesAYes(): void
    {
        [$docket, $token] = $this->linked();
        $given = $this->ask('GET', "/api/given/$token");
        self::assertSame(200, $this->status);
        self::assertSame(
            ['waiting', $docket->tag(), 'Osric Tamblyn'],
            [$given['state'], $given['tag'], $given['customer']],
        );
        self::assertSame(
            ['K', 'e'],
            array_column(\array_slice($given['proof']['pages'][0]['heard']['readOut'][0]['letters'], 0, 2), 'letter'),
        );
        $text = (string) $this->browser->getResponse()->getContent();
        foreach (['0700 900 181', 'version":', 'Tomas', 'Ines'] as $inside) {
            self::assertStringNotContainsString($inside, $text, 'nothing of the shop’s own');
        }
        $this->assertProblem(403, 'own page only', $this->plain('POST', "/api/given/$token/yes", 'name=Osric'));
        $this->assertProblem(422, 'your name', $this->ask('POST', "/api/given/$token/yes", ['name' => ' '], false));
        $asked = $this->ask(
            'POST',
            "/api/given/$token/change",
            ['name' => 'Osric', 'note' => 'Higher', 'x' => 12.5, 'y' => 40],
            false,
        );
        self::assertSame(
            [12.5, 40.0],
            [$asked['changeRequests'][0]['spot']['x'], $asked['changeRequests'][0]['spot']['y']],
        );
        $asked = $this->ask('POST', "/api/given/$token/yes", ['name' => 'Osric'], false);
        self::assertStringContainsString('“Higher”', $asked['fields'][0]['says'], 'a wish is open');
        $yes = ['name' => 'Osric', 'asItIs' => true];
        self::assertSame('approved', $this->ask('POST', "/api/given/$token/yes", $yes, false)['state']);
        self::assertSame(
            'approved',
            $this->ask('POST', "/api/given/$token/yes", ['name' => 'Osric'], false)['state'],
            'said twice it is said once',
        );
        $this->assertProblem(
            409,
            'not waiting',
            $this->ask('POST', "/api/given/$token/change", ['name' => 'Osric', 'note' => 'Lower'], false),
        );
    }

    public function testTheShopGivesALinkSeesItOpenedAndWithdrawsIt(): void
    {
        [$docket] = $this->linked();
        $this->as('tomas');
        $links = "/api/dockets/{$docket->number()}/links";
        $this->assertProblem(422, 'name@example.org', $this->ask('POST', $links, ['to' => 'osric at home']));
        $given = $this->ask('POST', $links, ['to' => '']);
        self::assertSame(
            ['open', 1, null],
            [$given['link']['state'], $given['link']['proof'], $given['link']['openedAt']],
        );
        $token = substr((string) $given['url'], (int) strrpos((string) $given['url'], '/') + 1);
        self::assertGreaterThanOrEqual(40, \strlen($token), 'unguessable');
        self::assertStringNotContainsString(
            $token,
            (string) json_encode($this->ask('GET', $links)),
            'it is shown once',
        );
        $this->ask('GET', "/api/given/$token");
        self::assertNotNull($this->ask('GET', $links)['links'][0]['openedAt']);
        $after = $this->ask('POST', "$links/{$given['link']['id']}/withdraw");
        self::assertSame('withdrawn', $after['links'][0]['state']);
        $this->assertProblem(410, 'withdrawn', $this->ask('GET', "/api/given/$token"));
        $other = $this->approved('Teal');
        $this->assertProblem(
            404,
            'no such link',
            $this->ask('POST', "/api/dockets/{$other->number()}/links/{$given['link']['id']}/withdraw"),
        );
        $this->assertProblem(
            409,
            'no proof that waits',
            $this->ask('POST', "/api/dockets/{$other->number()}/links", ['to' => '']),
        );
    }

    public function testADocketGoesBackOrIsCancelledWithAReasonAndNotOtherwise(): void
    {
        [$docket] = $this->linked();
        $this->as('tomas');
        $moves = "/api/dockets/{$docket->number()}/moves";
        $move = fn (string $move, string $detail = ''): array => $this->ask('POST', $moves, [
            'move' => $move,
            'version' => $this->ask('GET', "/api/dockets/{$docket->number()}")['version'],
            'detail' => $detail,
        ]);
        $this->assertProblem(422, 'no such move', $move('fly'));
        $this->assertProblem(409, 'done at its station', $move('approve'));
        $this->assertProblem(422, 'Why is it cancelled', $move('cancel', '  '));
        self::assertSame('sizing', $move('change')['state']);
        self::assertSame('asking', $move('ask-again')['state']);
        self::assertSame('cancelled', $move('cancel', 'moved away')['state']);
        self::assertContains('Cancel the order: moved away', $this->book($docket));
        $this->assertProblem(409, 'cancelled', $move('change'));
    }

    public function testClosedLinksSayWhyAndThePageIsInNoIndex(): void
    {
        [$docket, $token] = $this->linked();
        $this->assertProblem(404, 'leads nowhere', $this->ask('GET', '/api/given/'.strrev($token)));
        $links = $this->get(ProofLinks::class);
        $links->withdraw($docket, $links->ofDocket($docket)[0]->id());
        $this->assertProblem(410, 'withdrawn', $this->ask('GET', "/api/given/$token"));
        $this->assertProblem(410, 'withdrawn', $this->ask('POST', "/api/given/$token/yes", ['name' => 'Osric'], false));
        $this->browser->request('GET', "/p/$token");
        $headers = $this->browser->getResponse()->headers;
        self::assertStringContainsString('noindex', (string) $headers->get('X-Robots-Tag'));
        self::assertSame('no-referrer', $headers->get('Referrer-Policy'));
        self::assertStringContainsString("default-src 'none'", (string) $headers->get('Content-Security-Policy'));
    }

    public function testThePaperIsTrueToSizeReadByAnotherProgram(): void
    {
        $this->as('ines');
        [$docket] = $this->linked();
        $this->browser->request('GET', "/api/dockets/{$docket->number()}/proofs/1.pdf");
        $pdf = (string) $this->browser->getResponse()->getContent();
        self::assertSame('application/pdf', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertStringContainsString(
            'attachment',
            (string) $this->browser->getResponse()->headers->get('Content-Disposition'),
        );
        $text = $this->reads(['pdftotext', '-layout', '-', '-'], $pdf);
        foreach ([$docket->tag(), 'Osric Tamblyn', 'Kestrel', 'Coal hod', 'Permanent, navy', '1:1'] as $said) {
            self::assertStringContainsString($said, $text);
        }
        // Filled navy in the page, as a picture at a known resolution: as wide and high as the proof says.
        $dots = 150;
        $picture = imagecreatefromstring(
            $this->reads(['pdftoppm', '-r', (string) $dots, '-png', '-singlefile', '-'], $pdf),
        );
        \assert(false !== $picture);
        [$left, $top, $right, $bottom] = [\PHP_INT_MAX, \PHP_INT_MAX, 0, 0];
        for ($y = 0; $y < imagesy($picture); ++$y) {
            for ($x = 0; $x < imagesx($picture); ++$x) {
                $colour = imagecolorat($picture, $x, $y);
                if (0x1B2F57 === $colour) {
                    [$left, $top, $right, $bottom] = [min($left, $x), min($top, $y), max($right, $x), max($bottom, $y)];
                }
            }
        }
        $size = $this->page($docket)->drawing()->size();
        $mm = 25.4 / $dots;
        self::assertEqualsWithDelta($size->width->micrometres / 1000, ($right - $left + 1) * $mm, 0.5);
        self::assertEqualsWithDelta($size->height->micrometres / 1000, ($bottom - $top + 1) * $mm, 0.5);
    }

    public function testTheDrawingGoesOutTrueToSize(): void
    {
        $this->as('ines');
        [$docket] = $this->linked();
        $this->browser->request('GET', "/api/dockets/{$docket->number()}/proofs/1.svg");
        $svg = new \SimpleXMLElement((string) $this->browser->getResponse()->getContent());
        $proof = $this->page($docket);
        self::assertSame($proof->drawing()->size()->width->micrometres / 1000, (float) $svg['width']);
        self::assertEquals(
            $this->get(Outlines::class)->region($proof->drawing()->outline()),
            SvgPath::read((string) $svg->g->path['d']),
        );
        self::assertStringContainsString(
            'sandbox',
            (string) $this->browser->getResponse()->headers->get('Content-Security-Policy'),
        );
    }

    /** A monogram is read out as what is cut, in its order. */
    public function testAMonogramIsReadOutAsItIsCut(): void
    {
        $this->as('ines');
        $docket = $this->taken("Ines\nTeal\nMarigold");
        $made = $this->ask('PUT', "/api/dockets/{$docket->number()}/design", [
            'version' => $docket->version(),
            'words' => "Ines\nTeal\nMarigold",
            'face' => 'alfa-slab',
            'setting' => ['arrangement' => 'monogram', 'order' => 'family-centre'],
            'proof' => true,
        ]);
        self::assertSame(200, $this->status, json_encode($made, \JSON_THROW_ON_ERROR));
        self::assertSame(['I M T'], array_column($made['proofs'][0]['pages'][0]['heard']['readOut'], 'line'));
        self::assertSame([], $made['proofs'][0]['pages'][0]['heard']['spelling'], 'as asked for');
    }

    public function testPricesAreReadAndRefused(): void
    {
        $this->as('tomas');
        $docket = $this->taken();
        $path = "/api/dockets/{$docket->number()}/price";
        $priced = $this->ask('PUT', $path, ['version' => $docket->version(), 'price' => '24,50']);
        self::assertSame(2_450, $priced['price']);
        $this->assertProblem(
            422,
            'plain amount',
            $this->ask('PUT', $path, ['version' => $priced['version'], 'price' => 'cheap']),
        );
        $open = $this->ask('PUT', $path, ['version' => $priced['version'], 'price' => '']);
        self::assertSame([200, null], [$this->status, $open['price']]);
    }

    public function testThePostThatShipsKeepsLettersForTheShopToRead(): void
    {
        $factory = new OutboxTransportFactory(
            $this->get(Connection::class),
            $this->get(Seal::class),
            '/nothing/lies/here',
        );
        self::assertTrue($factory->supports(new Dsn('outbox', 'shop')));
        self::assertFalse($factory->supports(new Dsn('smtp', 'mail.example')));
        $factory
            ->create(new Dsn('outbox', 'shop'))
            ->send(
                (new Email())->from('a@shop.example')->to('b@home.example')->subject('Your proof')->text('Look here.'),
                new Envelope(new Address('a@shop.example'), [new Address('b@home.example')]),
            );
        $this->as('tomas');
        $outbox = $this->ask('GET', '/api/outbox');
        self::assertTrue($outbox['simulated']);
        self::assertSame(
            ['b@home.example', 'Your proof', 'Look here.'],
            [$outbox['letters'][0]['to'], $outbox['letters'][0]['subject'], $outbox['letters'][0]['body']],
        );
    }

    /**
     * @param array<string, mixed> $drawing
     *
     * @return array<string, int> how many of each kind
     */
    private function stops(array $drawing): array
    {
        $stops = array_filter(
            $this->ask('POST', '/api/check', $drawing)['snags'],
            static fn (array $snag): bool => 'stop' === $snag['severity'],
        );

        return array_column($stops, 'count', 'code');
    }

    /**
     * @param array<string, mixed> $drawing
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function taking(array $drawing, array $change): array
    {
        foreach (['capHeight', 'face', 'film'] as $field) {
            $drawing[$field] = $change[$field] ?? ($drawing[$field] ?? '');
        }

        return ['setting' => array_column($change['setting'], 'value', 'name') + ($drawing['setting'] ?? [])] +
            $drawing;
    }

    /** @return array{Docket, string} */
    private function linked(): array
    {
        $docket = $this->taken();
        $this->draw($docket, new Design('bebas'));

        return [$docket, $this->get(ProofLinks::class)->give($docket, '')[1]];
    }

    /** @return array<string, mixed> */
    private function plain(string $method, string $path, string $body): array
    {
        $this->browser->request($method, $path, [], [], ['CONTENT_TYPE' => 'application/x-www-form-urlencoded'], $body);
        $this->status = $this->browser->getResponse()->getStatusCode();
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true);

        return \is_array($answer) ? $answer : [];
    }

    /** @param list<string> $command */
    private function reads(array $command, string $input): string
    {
        return (new Process($command, input: $input))->mustRun()->getOutput();
    }
}
