<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Orders\Customer;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Price\Costs;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\PieceState;

/** A taken order is changed, whatever was asked, wherever it stands; two people of one name stay two people. */
final class ChangeOrderTest extends WebCase
{
    use OrderWalk;

    private string $plum;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
        $this->plum = $this->shelved(Film::Permanent, 'plum');
    }

    /** @return array<string, mixed> the docket, at Size, with two of one and one of another */
    private function two(): array
    {
        $tin = ['object' => 'Seed tin', 'width' => '180mm', 'height' => '90mm', 'film' => $this->plum];

        return $this->asked(
            ['words' => 'Heron', 'quantity' => '2', 'contact' => '0700 900 181'] + $tin,
            [['words' => 'Wren'] + $tin],
        );
    }

    /** @return array<string, mixed> the docket, being made */
    private function made(): array
    {
        $docket = $this->two();
        $this->sized($docket['number'], ['words' => 'Heron']);
        $this->sized($docket['number'], ['words' => 'Wren', 'proof' => true], 2);

        return $this->agreed($docket['number']);
    }

    /**
     * @param array<string, string> $first  of the first item and the order
     * @param array<string, string> $second of the second
     *
     * @return array<string, mixed> the answer
     */
    private function change(int $number, array $first, array $second = [], bool $sure = true): array
    {
        $docket = $this->mustAsk('GET', "/api/dockets/$number");
        [$one, $two] = array_column($docket['items'], 'answers');

        return $this->ask('POST', "/api/dockets/$number/change", [
            'version' => $docket['version'],
            'answers' => $first + $one,
            'others' => [$second + $two],
            'items' => array_column($docket['items'], 'nth'),
            'sure' => $sure,
        ]);
    }

    public function testWhatIsSaidOnceIsChangedWithoutANewYes(): void
    {
        $docket = $this->made();
        $day = $this->clock->now()->modify('+16 days');
        $changed = $this->change($docket['number'], [
            'neededOn' => $day->format('Y-m-d'),
            'contact' => '0700 900 999',
            'note' => 'ring first',
        ]);
        self::assertSame(200, $this->status, json_encode($changed, \JSON_THROW_ON_ERROR));
        self::assertSame([], $changed['setsBack']);
        $now = $changed['docket'];
        self::assertSame(['making', '0700 900 999', 'ring first'], [$now['state'], $now['contact'], $now['note']]);
        self::assertStringStartsWith($day->format('Y-m-d'), $now['neededAt']);
        $told = array_column($now['log'], 'says');
        self::assertContains('Order changed: reached at: 0700 900 181 → 0700 900 999', $told);
        self::assertContains(
            "Order changed: used on: {$this->clock->now()->modify('+12 days')->format('D j M')} → "
                ."{$day->format('D j M')}",
            $told,
        );
        self::assertSame(3, \count($now['pieces']));
        $nothing = $this->change($docket['number'], []);
        self::assertSame(422, $this->status);
        self::assertSame('Nothing is different.', $nothing['detail']);
    }

    public function testOtherWordsOfOneItemTakeItsPiecesBackAndLeaveTheOther(): void
    {
        $docket = $this->made();
        $number = $docket['number'];
        $looked = $this->change($number, ['words' => 'Kestrel'], sure: false);
        self::assertSame(['item 1, the words: Heron → Kestrel'], $looked['says']);
        self::assertContains('The customer’s yes is taken back: a new proof, and a new yes.', $looked['setsBack']);
        self::assertNull($looked['docket']);
        self::assertSame('making', $this->mustAsk('GET', "/api/dockets/$number")['state'], 'only looked at');
        $now = $this->change($number, ['words' => 'Kestrel'])['docket'];
        self::assertSame(['sizing', 1], [$now['state'], \count($now['pieces'])]);
        self::assertSame('Wren', $now['pieces'][0]['label'], 'what is not different goes on');
        self::assertSame(['Kestrel'], $now['items'][0]['words']);
        $this->sized($number, ['words' => 'Kestrel', 'proof' => true]);
        $again = $this->agreed($number);
        self::assertSame(['making', 3], [$again['state'], \count($again['pieces'])]);
        self::assertEqualsCanonicalizing(['Wren', 'Kestrel', 'Kestrel'], array_column($again['pieces'], 'label'));
    }

    /** What is cut already is lost, is said before, and is charged for in what the order really cost. */
    public function testWhatIsCutIsLostAndCounted(): void
    {
        $docket = $this->made();
        $number = $docket['number'];
        $this->weeded($number);
        $before = $this->get(Costs::class)->spent(
            $this->get(Dockets::class)->numbered($number),
        ) ?? self::fail('It was cut.');
        $looked = $this->change($number, ['quantity' => '3'], sure: false);
        self::assertContains("{$docket['tag']}/1, {$docket['tag']}/2 are cut already and lost.", $looked['setsBack']);
        $now = $this->change($number, ['quantity' => '3'])['docket'];
        self::assertSame(['sizing', 1], [$now['state'], \count($now['pieces'])]);
        $this->records->clear();
        $after = $this->get(Costs::class)->spent(
            $this->get(Dockets::class)->numbered($number),
        ) ?? self::fail('It was cut.');
        self::assertEqualsWithDelta(
            array_sum(array_column($before->films, 'area')),
            array_sum(array_column($after->films, 'area')),
            1.0,
            'film that is gone is gone',
        );
        self::assertEqualsWithDelta($before->blade, $after->blade, 0.01);
        $this->sized($number, ['words' => 'Heron', 'proof' => true]);
        self::assertCount(4, $this->agreed($number)['pieces']);
    }

    /** @return iterable<string, array{PieceState, string}> */
    public static function tooLate(): iterable
    {
        yield 'on the cutter' => [PieceState::Cutting, 'on the cutter this moment'];
        yield 'posted' => [PieceState::OnItsWay, 'is with its customer, or on its way'];
        yield 'delivered' => [PieceState::Delivered, 'is with its customer, or on its way'];
    }

    #[DataProvider('tooLate')]
    public function testWhatCannotBeCalledBackIsRefused(PieceState $state, string $says): void
    {
        $docket = $this->made();
        $this->records->getConnection()->executeStatement(
            'UPDATE piece SET state = ? WHERE id = ?',
            [$state->value, $docket['pieces'][0]['id']],
        );
        $this->records->clear();
        $this->assertProblem(409, $says, $this->change($docket['number'], ['words' => 'Kestrel'], sure: false));
        $this->change($docket['number'], [], ['words' => 'Dunlin']);
        self::assertSame(200, $this->status, 'of the other item nothing has left');
    }

    public function testABatchLosesWhatIsDifferentAndTheOldProofDoesNotHold(): void
    {
        $docket = $this->two();
        $number = $docket['number'];
        $this->sized($number, ['words' => 'Heron']);
        $this->sized($number, ['words' => 'Wren', 'proof' => true], 2);
        $looked = $this->change($number, ['height' => '100mm'], sure: false);
        self::assertSame(['item 1, the height: 90mm → 100mm'], $looked['says']);
        self::assertContains('The proof that was made does not hold any more: a new one.', $looked['setsBack']);
        self::assertSame('sizing', $this->change($number, ['height' => '100mm'])['docket']['state']);
        self::assertEquals(
            100,
            $this->mustAsk('GET', "/api/dockets/$number")['items'][0]['object']['size']['height']['mm'],
        );
        $wrong = $this->change($number, ['height' => 'tall']);
        self::assertSame(['height'], array_column($wrong['fields'], 'field'), 'a sentence at its field');
    }

    public function testItemsComeAndGo(): void
    {
        $docket = $this->made();
        $number = $docket['number'];
        $read = $this->mustAsk('GET', "/api/dockets/$number");
        $second = $read['items'][1]['answers'];
        $changed = $this->ask('POST', "/api/dockets/$number/change", [
            'version' => $read['version'],
            'answers' => $second,
            'others' => [['words' => 'Dunlin'] + $second],
            'items' => [2, 0],
            'sure' => true,
        ]);
        self::assertSame(200, $this->status, json_encode($changed, \JSON_THROW_ON_ERROR));
        self::assertSame(['another item: Dunlin', 'not made after all: Heron'], $changed['says']);
        $now = $changed['docket'];
        self::assertSame(['Wren', 'Dunlin'], array_column($now['items'], 'label'));
        self::assertSame(['Wren'], array_column($now['pieces'], 'label'));
        self::assertSame('sizing', $now['state']);
        $this->assertProblem(422, 'which one it is', $this->ask('POST', "/api/dockets/$number/change", [
            'version' => $now['version'],
            'answers' => $second,
            'items' => [],
        ]));
    }

    /** The words as they were drawn are what is changed, not those that were typed first. */
    public function testWhatWasChangedAtSizeIsNotTurnedBack(): void
    {
        $docket = $this->two();
        $this->sized($docket['number'], ['words' => 'Herons']);
        $item = $this->mustAsk('GET', "/api/dockets/{$docket['number']}")['items'][0];
        self::assertSame('Herons', $item['answers']['words']);
        $changed = $this->change($docket['number'], ['quantity' => '4']);
        self::assertSame(['item 1, how many: 2 → 4'], $changed['says']);
        self::assertSame(['Herons'], $changed['docket']['items'][0]['words']);
    }

    public function testTwoOfOneNameAreAskedAboutAndNothingOfThemIsOverwritten(): void
    {
        $own = [
            'object' => 'Seed tin',
            'width' => '180mm',
            'height' => '90mm',
            'film' => $this->plum,
            'words' => 'Teal',
            'customer' => 'Osric Tamblyn',
        ];
        $first = $this->asked(['contact' => '0700 900 482'] + $own);
        $typed = ['contact' => '0700 900 111'] + $own;
        $heard = $this->mustAsk('POST', '/api/answers', $typed);
        self::assertStringContainsString(
            'number ending 482',
            array_column($heard['wrong'], 'says', 'field')['known'] ?? '',
        );
        $refused = $this->ask(
            'POST',
            '/api/dockets',
            ['take' => true, 'answers' => $typed + ['neededOn' => '2026-12-12']],
        );
        self::assertSame(['known'], array_column($refused['fields'], 'field'));
        $same = $this->asked(['contact' => '0700-900 482'] + $own);
        $another = $this->asked(['known' => 'new'] + $typed);
        $ids = array_map(
            fn (array $docket): int => $this->get(Dockets::class)->numbered($docket['number'])->customer()?->id() ?? 0,
            [$first, $same, $another],
        );
        self::assertSame([$ids[0], $ids[0]], [$ids[0], $ids[1]], 'a number is the same however it is spaced');
        self::assertNotSame($ids[0], $ids[2]);
        $them = $this->asked(['known' => (string) $ids[0], 'contact' => '0700 900 777'] + $own);
        self::assertSame('0700 900 777', $them['contact'], 'of this order');
        self::assertSame(
            '0700 900 482',
            $this->records->find(Customer::class, $ids[0])?->contact(),
            'of theirs nothing is overwritten',
        );
        $found = $this->mustAsk('GET', '/api/customers?find=osric')['customers'];
        self::assertSame(['number ending 482', 'number ending 111'], array_column($found, 'toldBy'));
    }

    public function testOnlyWhatIsOpenIsChanged(): void
    {
        $docket = $this->made();
        $this->weeded($docket['number']);
        $this->delivered($docket['number']);
        $this->assertProblem(409, 'not changed any more', $this->change($docket['number'], ['words' => 'Kestrel']));
        self::assertSame(
            [PieceState::Delivered],
            array_values(array_unique(array_map(
                static fn (Piece $piece): PieceState => $piece->state(),
                $this->get(Dockets::class)->numbered($docket['number'])->pieces(),
            ), \SORT_REGULAR)),
        );
    }
}
