<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Orders\AskedFilms;
use Yelbo\Shop\Orders\AskedOn;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Price\Costs;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Shop\Week\OrderStep;
use Yelbo\Shop\Week\OrderWorks;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\PieceState;

/** What is in hand is one thing, however many films are on it: coated, rested, packed and handed over as one. */
final class ThingsTest extends WebCase
{
    use OrderWalk;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** Three films that touch nowhere, under two coats, on each of two lids. */
    private function lids(): Docket
    {
        $film = fn (string $name, string $swatch): string => $this->shelved(Film::Permanent, $name, $swatch);
        $docket = $this->asked([
            'words' => 'Heron',
            'object' => 'Tool chest lid',
            'width' => '400mm',
            'height' => '200mm',
            'quantity' => '2',
            'appliedBy' => 'shop',
            'finish' => 'brushed',
            'material' => 'smooth',
            'film' => $film('navy blue', '#1b2f57'),
        ]);
        $star = ['kind' => 'shape', 'what' => 'star', 'high' => '25mm', 'top' => '12mm'];
        $this->sized($docket['number'], [
            'words' => 'Heron',
            'capHeight' => '40mm',
            'elements' => [
                ['left' => '20mm', 'film' => $film('red', '#a02020')] + $star,
                ['left' => '350mm', 'film' => $film('cream', '#efe6c8')] + $star,
            ],
            'proof' => true,
        ]);
        $this->agreed($docket['number']);

        return $this->docketOf($docket['number']);
    }

    private function docketOf(int $number): Docket
    {
        $this->records->clear();

        return $this->get(Dockets::class)->numbered($number);
    }

    /** @return array<string, mixed> the plan of work */
    private function steps(int $thing): array
    {
        return $this->mustAsk('GET', "/api/things/$thing/steps");
    }

    /**
     * @param list<string> $done
     *
     * @return array<string, mixed> the plan of work
     */
    private function ticked(int $thing, array $done): array
    {
        return $this->mustAsk('PUT', "/api/things/$thing/steps", [
            'version' => $this->steps($thing)['thing']['version'],
            'done' => $done,
        ]);
    }

    /** All of it, and the coats one after the other as they dry. */
    private function applied(int $thing): void
    {
        do {
            $steps = $this->steps($thing)['steps'];
            $done = [];
            foreach ($steps as $step) {
                $done[] = $step['name'];
                if (!$step['done'] && $step['wait'] > 0) {
                    break;
                }
            }
            $this->ticked($thing, $done);
            $this->clock->modify('+30 minutes');
        } while (\count($done) < \count($steps));
        $this->movedThing($this->steps($thing)['thing'], 'applied');
    }

    public function testThreeFilmsOnOneObjectAreCoatedTwiceInAll(): void
    {
        $docket = $this->lids();
        $number = $docket->number();
        self::assertCount(6, $docket->pieces());
        self::assertCount(2, $docket->things());
        self::assertSame(
            ["{$docket->tag()}/1", "{$docket->tag()}/2"],
            array_map(static fn (Thing $thing): string => $thing->tag(), $docket->things()),
        );
        $coats = static fn (array $steps): array => array_values(array_filter(
            $steps,
            static fn (OrderStep $step): bool => str_starts_with($step->key, 'coat'),
        ));
        self::assertCount(2, $coats($this->get(OrderWorks::class)->of($docket)->steps), 'two coats in the week');
        $this->weeded($number);
        [$first, $second] = array_column($this->mustAsk('GET', '/api/things?station=apply')['things'], 'id');
        $plan = $this->steps($first);
        $kinds = array_count_values(array_column($plan['steps'], 'kind'));
        self::assertSame(
            [3, 3, 1, 1, 2],
            [$kinds['tape'], $kinds['rub-down'], $kinds['clean'], $kinds['look-over'], $kinds['coat']],
        );
        self::assertCount(7, $plan['arts'], 'each film on the mat and on its thing, and the whole');
        self::assertSame(
            3,
            \count($plan['arts'][array_column($plan['steps'], 'art', 'kind')['look-over']]['films']),
            'the last look is at all of it',
        );
        $this->applied($first);
        $this->applied($second);
        $resting = $this->mustAsk('GET', '/api/drying')['shelf'];
        self::assertSame(["{$docket->tag()}/1", "{$docket->tag()}/2"], array_column($resting, 'tag'), 'a clock each');
        $this->clock->modify('+73 hours');
        $this->as('ines');
        $this->mustAsk('POST', '/api/drying', [
            'things' => array_map(
                static fn (array $one): array => ['id' => $one['thing'], 'version' => $one['version']],
                $this->mustAsk('GET', '/api/drying')['shelf'],
            ),
        ]);
        $parcel = $this->mustAsk('GET', "/api/things/$first/parcel");
        self::assertSame(["{$docket->tag()}/2"], $parcel['too']);
        self::assertCount(1, preg_grep('~rested its 72 h~', $parcel['care']) ?: [], 'one wait on one card');
        $this->mustAsk('POST', "/api/things/$first/moves", [
            'move' => 'hand-over',
            'version' => $parcel['thing']['version'],
            'alike' => true,
        ]);
        $docket = $this->docketOf($number);
        self::assertSame('done', $docket->state()->value);
        $cost = $this->get(Costs::class)->spent($docket) ?? self::fail('It was made.');
        self::assertSame(4, $cost->coats[1], 'two coats on each of two things');
        $card = $this->mustAsk('GET', "/api/dockets/$number");
        self::assertCount(
            2,
            array_filter($card['log'], static fn (array $line): bool => str_contains($line['says'], 'looked over')),
        );
        self::assertSame([], $this->ask('GET', '/api/things?station=send')['things']);
    }

    public function testAFilmThatIsCutAgainTakesTheThingBackToTheBenchAndTheRestWaitsThere(): void
    {
        $docket = $this->lids();
        $number = $docket->number();
        $this->weeded($number);
        [$first] = array_column($this->mustAsk('GET', '/api/things?station=apply')['things'], 'id');
        $this->applied($first);
        $before = $this->steps($first);
        self::assertSame('curing', $before['thing']['state']);
        [, $red] = $before['thing']['films'];
        $spoiled = $this->mustAsk('POST', "/api/things/$first/moves", [
            'move' => 'spoil',
            'version' => $before['thing']['version'],
            'detail' => 'an edge lifted',
            'pieces' => [$red['piece']],
        ]);
        self::assertSame(['applying', 'waiting', 'applying'], array_column($spoiled['films'], 'state'));
        self::assertSame([null, null], [$spoiled['restsUntil'], $spoiled['driesUntil']]);
        $after = $this->steps($first);
        $done = array_column(array_filter($after['steps'], static fn (array $step): bool => $step['done']), 'name');
        self::assertContains('clean', $done, 'what is on lies on a clean thing');
        self::assertContains('rub-down', $done);
        self::assertSame([], array_intersect(['rub-down/b', 'look-over', 'coat', 'coat-2'], $done));
        self::assertSame([$red['tag']], $spoiled['missing']);
        self::assertSame(
            [$first],
            array_values(array_intersect(
                array_column($this->mustAsk('GET', '/api/things?station=apply')['things'], 'id'),
                [$first],
            )),
            'it stands at Apply and waits',
        );
        $due = $this->mustAsk('GET', "/api/dockets/$number")['due'];
        self::assertSame(
            ['batch', $red['piece'], "Batch {$red['tag']}"],
            [$due['station'], $due['piece'], $due['says']],
        );

        // Cut again, it goes on by itself, and the whole is coated anew.
        $this->weeded($number);
        $left = array_filter($this->steps($first)['steps'], static fn (array $step): bool => !$step['done']);
        self::assertSame(
            [],
            array_filter(
                $left,
                static fn (array $step): bool => !\in_array($step['piece'], [null, $red['piece']], true),
            ),
            'nothing of the other films is done twice',
        );
        $this->applied($first);
        self::assertSame('curing', $this->steps($first)['thing']['state']);
        self::assertSame(PieceState::Curing, $this->docketOf($number)->things()[0]->state());
    }

    /** What was laid over one another is one by then: it cannot be taken apart to cut half of it again. */
    public function testWhatIsJoinedIsCutAgainTogether(): void
    {
        $cream = $this->shelved(Film::Permanent, 'cream', '#efe6c8');
        $docket = $this->asked([
            'words' => 'Wren',
            'object' => 'Tool chest lid',
            'width' => '400mm',
            'height' => '200mm',
            'film' => $this->shelved(Film::Permanent, 'navy blue'),
        ]);
        $number = $docket['number'];
        $this->sized(
            $number,
            [
                'words' => 'Wren',
                'capHeight' => '40mm',
                'setting' => ['offset' => '3mm', 'offsetFilm' => $cream],
                'proof' => true,
            ],
        );
        $this->agreed($number);
        $this->weeded($number);
        [$thing] = array_column($this->mustAsk('GET', '/api/things?station=apply')['things'], 'id');
        self::assertCount(2, $this->steps($thing)['thing']['films']);
        self::assertContains(
            'Decal on its tape and liner, flat in card',
            $this->mustAsk('GET', "/api/things/$thing/parcel")['contents'],
            'what is joined is one decal',
        );
        [$top, $rim] = $this->steps($thing)['thing']['films'];
        $this->ticked($thing, ['join-layer']);
        $spoiled = $this->mustAsk('POST', "/api/things/$thing/moves", [
            'move' => 'spoil',
            'version' => $this->steps($thing)['thing']['version'],
            'detail' => 'the marks did not meet',
            'pieces' => [$rim['piece']],
        ]);
        self::assertSame(['waiting', 'waiting'], array_column($spoiled['films'], 'state'), $top['tag']);
        self::assertSame([], $this->docketOf($number)->things()[0]->progress()->done);
    }

    /** A lantern of four panes is one thing: four decals, one blank, one card. */
    public function testWhatHasPanesIsOneThing(): void
    {
        $blank = new Supply(Supply::BLANK, 'Lantern', null, 9, 'shelf');
        $this->records->persist($blank);
        $this->records->flush();
        $docket = $this->asked([
            'words' => 'Wren',
            'object' => 'Lantern',
            'surface' => 'panes',
            'width' => '120mm',
            'height' => '160mm',
            'panes' => '4',
            'quantity' => '2',
            'film' => $this->shelved(Film::Permanent, 'navy blue'),
            'blank' => (string) $blank->id(),
        ]);
        $on = AskedOn::drawn($this->get(Dockets::class)->numbered($docket['number'])->item());
        $undrawn = $this->get(AskedFilms::class)->unseen(150_000, $on);
        self::assertCount(4, $undrawn, 'undrawn, a decal for each pane');
        self::assertSame(0, $undrawn[0]->decal->overhang()->most(), 'it reaches over no edge');
        $this->sized($docket['number'], ['words' => 'Wren', 'proof' => true]);
        $agreed = $this->agreed($docket['number']);
        self::assertCount(8, $agreed['pieces']);
        self::assertSame(
            ["{$agreed['tag']}/1–4", "{$agreed['tag']}/5–8"],
            array_column($agreed['things'], 'tag'),
        );
        $this->weeded($docket['number']);
        $thing = $agreed['things'][0]['id'];
        $kinds = array_count_values(array_column($this->steps($thing)['steps'], 'kind'));
        self::assertSame([4, 1, 1], [$kinds['tape'], $kinds['pack-flat'], $kinds['care-card']]);
        self::assertContains(
            '4 decals, each on its tape and liner, flat in card',
            $this->mustAsk('GET', "/api/things/$thing/parcel")['contents'],
        );
        $done = $this->delivered($docket['number']);
        self::assertSame('done', $done['state']);
        $this->records->refresh($blank = $this->records->find(Supply::class, $blank->id()) ?? self::fail('gone'));
        self::assertSame(7, $blank->amount(), 'a blank for each lantern');
    }

    /** Whoever leads to a station leads to the very thing, though many stand before it. */
    public function testOneIsGivenByItsNumberWhereverItComes(): void
    {
        $docket = $this->lids();
        $this->weeded($docket->number());
        [$first, $second] = array_column($this->mustAsk('GET', '/api/things?station=apply')['things'], 'id');
        self::assertSame(
            [$first],
            array_column($this->mustAsk('GET', '/api/things?station=apply&most=1')['things'], 'id'),
        );
        self::assertSame(
            [$first, $second],
            array_column($this->mustAsk('GET', "/api/things?station=apply&most=1&with=$second")['things'], 'id'),
        );
        self::assertSame(
            [],
            $this->mustAsk('GET', "/api/things?station=send&with=$second")['things'],
            'only where it stands',
        );
        $due = $this->mustAsk('GET', "/api/dockets/{$docket->number()}")['due'];
        self::assertSame(
            ['apply', $first, 'Burnish the film: '.$docket->tag().'/1'],
            [$due['station'], $due['thing'], $due['says']],
        );
    }
}
