<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Designs\DesignLibrary;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;

/** The shop's own designs: kept from what is drawn, taken for objects of any size, and no order's any more. */
final class DesignsTest extends WebCase
{
    private const SVG = <<<'SVG'
        <svg xmlns="http://www.w3.org/2000/svg" width="20mm" height="20mm" viewBox="0 0 20 20">
        <path fill="#aa2222" d="M0 0h20v20H0z"/></svg>
        SVG;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    private function order(string $width, string $height): Docket
    {
        $docket = $this->taken();
        $taken = $this->ask('POST', '/api/dockets', [
            'answers' => [
                'words' => 'Heron',
                'object' => "Board $width",
                'width' => $width,
                'height' => $height,
            ] + $this->answers()->toArray(),
            'take' => true,
        ]);
        self::assertSame(200, $this->status, json_encode($taken, \JSON_THROW_ON_ERROR));
        self::assertNotSame($docket->number(), $taken['number']);

        return $this->get(Dockets::class)->numbered($taken['number']);
    }

    /**
     * @param list<array<string, mixed>> $elements
     *
     * @return array<string, mixed>
     */
    private function keep(Docket $docket, string $name, array $elements): array
    {
        return $this->ask('POST', '/api/designs', [
            'docket' => $docket->number(),
            'words' => 'Heron',
            'face' => 'zilla-slab',
            'capHeight' => '30mm',
            'setting' => ['tracking' => '20'],
            'elements' => $elements,
            'name' => $name,
        ]);
    }

    public function testADesignIsAsLargeAsTheObjectItIsTakenFor(): void
    {
        $large = $this->order('400mm', '200mm');
        $small = $this->order('200mm', '120mm');
        $art = $this->bring($large->number(), self::SVG);
        $kept = $this->keep($large, 'River board', [
            [
                'kind' => 'shape',
                'what' => 'disc',
                'high' => '20mm',
                'left' => '30mm',
                'top' => '90mm',
                'film' => (string) $this->navy->id(),
            ],
            ['kind' => 'drawing', 'art' => ['id' => $art['id'], 'layers' => []], 'high' => '24mm'],
        ]);
        self::assertSame(200, $this->status, json_encode($kept, \JSON_THROW_ON_ERROR));
        self::assertSame([400.0, 200.0], [(float) $kept['on']['width']['mm'], (float) $kept['on']['height']['mm']]);
        self::assertSame(
            ['River board'],
            array_column($this->ask('GET', '/api/designs?find=river')['designs'], 'name'),
        );
        self::assertSame([], $this->ask('GET', '/api/designs?find=none')['designs']);

        $there = $this->ask('GET', "/api/designs/{$kept['id']}/taken?docket={$large->number()}");
        self::assertSame(200, $this->status, json_encode($there, \JSON_THROW_ON_ERROR));
        $there = $there['design'];
        self::assertSame(['30mm', '30mm', '90mm', '20'], [
            $there['capHeight'],
            $there['elements'][0]['left'],
            $there['elements'][0]['top'],
            $there['setting']['tracking'],
        ]);
        // Half as wide, 0.6 as high: half as large, as far off the middle as that is.
        $taken = $this->ask('GET', "/api/designs/{$kept['id']}/taken?docket={$small->number()}")['design'];
        self::assertSame(['15mm', '10mm', '15mm', '55mm', '12mm'], [
            $taken['capHeight'],
            $taken['elements'][0]['high'],
            $taken['elements'][0]['left'],
            $taken['elements'][0]['top'],
            $taken['elements'][1]['high'],
        ]);
        // Its drawing came along, and can be drawn for this order too.
        self::assertNotSame($art['id'], $taken['elements'][1]['art']['id']);
        $fit = $this->ask('POST', '/api/fit', ['docket' => $small->number(), ...$taken]);
        self::assertSame(200, $this->status, json_encode($fit, \JSON_THROW_ON_ERROR));
        self::assertCount(2, $fit['film']['elements']);
    }

    public function testANameIsGivenOnceAndADesignIsTakenOffTheList(): void
    {
        $docket = $this->order('400mm', '200mm');
        $said = $this->keep($docket, ' ', []);
        self::assertSame([422, 'name'], [$this->status, $said['fields'][0]['field']]);
        $kept = $this->keep($docket, 'River board', []);
        $said = $this->keep($docket, 'River board', []);
        self::assertSame('name', $said['fields'][0]['field']);
        $this->ask('POST', "/api/designs/{$kept['id']}/drop", ['version' => $kept['version'] + 1]);
        self::assertSame(409, $this->status);
        $this->ask('POST', "/api/designs/{$kept['id']}/drop", ['version' => $kept['version']]);
        self::assertSame(200, $this->status);
        self::assertSame([], $this->get(DesignLibrary::class)->found(''));
        $this->ask('GET', "/api/designs/{$kept['id']}/taken?docket={$docket->number()}");
        self::assertSame(404, $this->status);
    }

    /** The same again from another order: its drawing comes along, and is drawn for this one. */
    public function testTheSameAgainBringsItsDrawingAlong(): void
    {
        $first = $this->order('300mm', '150mm');
        $art = $this->bring($first->number(), self::SVG);
        $drawn = $this->ask('PUT', "/api/dockets/{$first->number()}/design", [
            'version' => $first->version(),
            'words' => 'Heron',
            'face' => 'oswald',
            'art' => ['id' => $art['id'], 'layers' => []],
        ]);
        self::assertSame(200, $this->status, json_encode($drawn, \JSON_THROW_ON_ERROR));
        $second = $this->order('300mm', '150mm');
        $added = $this->ask('POST', "/api/dockets/{$second->number()}/items/again", [
            'version' => $second->version(),
            'docket' => $first->number(),
            'item' => 1,
            'words' => '',
        ]);
        self::assertSame(200, $this->status, json_encode($added, \JSON_THROW_ON_ERROR));
        $item = end($added['items']);
        self::assertNotSame($art['id'], $item['design']['art']['id']);
        $this->ask('POST', '/api/fit', [
            'docket' => $second->number(),
            'item' => $item['nth'],
            'words' => 'Heron',
            'face' => 'oswald',
            'art' => $item['design']['art'],
        ]);
        self::assertSame(200, $this->status);
    }
}
