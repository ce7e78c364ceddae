<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Symfony\Component\Process\Process;

/** An order of many items over HTTP: added to, drawn, proofed on paper a sheet each, wished at by its customer. */
final class ItemsTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return array<string, mixed> */
    private function item(string $words, string $object): array
    {
        return ['words' => $words, 'object' => $object, 'width' => '120mm', 'height' => '60mm', 'quantity' => '1']
            + $this->answers()->toArray();
    }

    /** @return array<string, mixed> */
    private function ofTwo(): array
    {
        $docket = $this->ask('POST', '/api/dockets', [
            'answers' => $this->answers()->toArray(),
            'others' => [$this->item('Tea', 'Drawer front')],
            'take' => true,
        ]);
        self::assertSame(200, $this->status, json_encode($docket, \JSON_THROW_ON_ERROR));

        return $docket;
    }

    public function testItemsAreAddedAndLeftOut(): void
    {
        $docket = $this->ofTwo();
        $path = "/api/dockets/{$docket['number']}";
        self::assertSame(['Kestrel', 'Tea'], array_column($docket['items'], 'label'));
        $problem = $this->ask('POST', "$path/items", [
            'version' => $docket['version'],
            'answers' => $this->item('', 'Peg'),
        ]);
        self::assertSame('words', $problem['fields'][0]['field']);
        $more = $this->ask('POST', "$path/items", [
            'version' => $docket['version'],
            'answers' => $this->item('Ada', 'Peg'),
        ]);
        self::assertSame([1, 2, 3], array_column($more['items'], 'nth'));
        $this->assertProblem(409, 'changed meanwhile', $this->ask('POST', "$path/items", [
            'version' => $docket['version'],
            'answers' => $this->item('Ada', 'Peg'),
        ]));
        $again = $this->ask('POST', "$path/items/again", [
            'version' => $more['version'],
            'docket' => $docket['number'],
            'item' => 3,
            'words' => 'Cass',
        ]);
        self::assertSame(['Kestrel', 'Tea', 'Ada', 'Cass'], array_column($again['items'], 'label'));
        $less = $this->ask('POST', "$path/items/2/drop", ['version' => $again['version']]);
        self::assertSame([1, 3, 4], array_column($less['items'], 'nth'));
        $this->assertProblem(404, 'has no item 2', $this->ask('POST', '/api/fit', [
            'docket' => $docket['number'],
            'item' => 2,
            'words' => 'Tea',
            'face' => 'bebas',
        ]));
        $fit = $this->ask('POST', '/api/fit', [
            'docket' => $docket['number'],
            'item' => 3,
            'words' => 'Ada',
            'face' => 'bebas',
        ]);
        self::assertEqualsWithDelta(120, $fit['surface']['object']['width']['mm'], 0.001, 'on its own object');
    }

    public function testOneProofOnPaperHasASheetForEveryItemAndAWishIsAboutOneOfThem(): void
    {
        $docket = $this->ofTwo();
        $path = "/api/dockets/{$docket['number']}";
        $made = $this->ask('PUT', "$path/design", [
            'version' => $docket['version'],
            'item' => 2,
            'words' => 'Tea',
            'face' => 'bebas',
            'proof' => true,
        ]);
        self::assertSame([1, 2], array_column($made['proofs'][0]['pages'], 'item'));
        $this->browser->request('GET', "$path/proofs/1.pdf");
        $pdf = (string) $this->browser->getResponse()->getContent();
        $info = (new Process(['pdfinfo', '-'], input: $pdf))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('~Pages:\s+2\b~', $info);
        foreach ([1 => 'Coal hod', 2 => 'Drawer front'] as $page => $object) {
            $text = (new Process(
                ['pdftotext', '-layout', '-f', (string) $page, '-l', (string) $page, '-', '-'],
                input: $pdf,
            ))->mustRun()->getOutput();
            self::assertStringContainsString($object, $text);
            self::assertStringContainsString("proof 1, $page of 2", $text);
        }
        $this->browser->request('GET', "$path/proofs/1.svg?item=2");
        self::assertStringContainsString('<svg', (string) $this->browser->getResponse()->getContent());
        $this->assertProblem(404, 'no such proof', $this->ask('GET', "$path/proofs/1.svg?item=3"));

        $link = $this->ask('POST', "$path/links", ['to' => '']);
        $token = basename($link['url']);
        $given = $this->ask('POST', "/api/given/$token/change", [
            'name' => 'Osric',
            'note' => 'a little larger',
            'x' => 10,
            'y' => 12,
            'item' => 2,
        ]);
        self::assertSame([[2, 'a little larger']], array_map(
            static fn (array $wish): array => [$wish['item'], $wish['note']],
            $given['changeRequests'],
        ));
        $yes = $this->ask('POST', "/api/given/$token/yes", ['name' => 'Osric', 'asItIs' => true]);
        self::assertSame(['approved', 'Osric'], [$yes['state'], $yes['proof']['approvedBy']]);
        $fresh = $this->ask('GET', $path);
        self::assertSame([1, 1, 2], array_column($fresh['pieces'], 'item'));
        $opened = $this->ask('POST', "$path/moves", [
            'move' => 'reopen',
            'version' => $fresh['version'],
            'detail' => 'larger',
            'items' => [2],
        ]);
        self::assertSame([true, false], array_column($opened['items'], 'beingMade'));
    }
}
