<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Bench\LearnedPace;
use Yelbo\Shop\Bench\Paces;
use Yelbo\Shop\Bench\TimedWork;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\TimedStation;
use Yelbo\Trade\Rule;

/** What work took is kept, learned from, and used wherever minutes are told. */
final class PacesTest extends ShopTestCase
{
    /** @return list<TimedWork> */
    private function timed(): array
    {
        return $this->records->getRepository(TimedWork::class)->findBy([], ['id' => 'ASC']);
    }

    /** From when the piece came, or its worker last did something else; several in one go share it. */
    public function testWhatWorkTookIsKept(): void
    {
        $this->get(Book::class)->as('Tomas');
        $docket = $this->approved('Heron', 2);
        $this->release(...$docket->pieces());
        foreach ($docket->pieces() as $piece) {
            $piece->move(PieceMove::StartCut, $this->clock->now());
            $piece->move(PieceMove::CutDone, $this->clock->now());
        }
        $this->records->flush();
        [$first, $second] = $docket->pieces();
        $this->clock->sleep(7 * 60);
        $this->weed($first);
        $this->clock->sleep(4 * 60);
        $this->weed($second);
        self::assertSame(
            [[TimedStation::Weed, 7.0, 'Tomas'], [TimedStation::Weed, 4.0, 'Tomas']],
            array_map(
                static fn (TimedWork $one): array => [
                    $one->entry()->station,
                    round((float) $one->entry()->minutes, 2),
                    $one->who(),
                ],
                $this->timed(),
            ),
        );
        $entry = $this->timed()[0]->entry();
        self::assertGreaterThan(100, $entry->cut);
        self::assertGreaterThan(0, $entry->waste);
    }

    public function testWhatIsLearnedIsUsedWhereverMinutesStand(): void
    {
        $docket = $this->approved('Heron', 1);
        $minutes = fn (): float => $this->get(PieceWeeding::class)->weeding($docket->pieces()[0])->minutes;
        $before = $minutes();
        $paces = $this->get(Paces::class);
        $paces->learn();
        self::assertSame([1.0, 1.0, 1.0], array_map(
            static fn (LearnedPace $pace): float => $pace->times(),
            $paces->all(),
        ), 'nothing was timed: the handbook holds');
        self::assertSame($before, $minutes());
        // A shop that takes twice as long, a break among it now and then.
        mt_srand(5);
        $rules = $this->get(ShopRules::class)->own();
        for ($nth = 0; $nth < 80; ++$nth) {
            $of = new Entry(
                TimedStation::Weed,
                Film::Permanent,
                mt_rand(1, 40),
                mt_rand(300, 9000),
                0,
                mt_rand(900, 40_000),
            );
            $took = 2 * TimedStation::Weed->minutes($of, $rules) * (mt_rand(85, 115) / 100) * (0 === $nth % 11 ? 9 : 1);
            $this->records->persist(new TimedWork(
                new Entry($of->station, $of->film, $of->waste, $of->cut, 0.0, $of->area, $took),
                'Tomas',
                $this->clock->now(),
            ));
        }
        $this->records->flush();
        $paces->learn();
        $pace = array_values(array_filter(
            $paces->all(),
            static fn (LearnedPace $one): bool => TimedStation::Weed === $one->station(),
        ))[0];
        self::assertEqualsWithDelta(2.0, $pace->times(), 0.15);
        self::assertSame(80, $pace->timed());
        self::assertGreaterThanOrEqual(7, $pace->mishaps());
        self::assertLessThan($pace->handbookError(), $pace->learnedError());
        self::assertEqualsWithDelta($pace->times(), $minutes() / $before, 0.1);
        self::assertSame(20.0, $this->get(ShopRules::class)->own()->value(Rule::WeedStart), 'its own figure stays');
        $paces->learn();
        self::assertEqualsWithDelta(2.0, $paces->all()[0]->times(), 0.15, 'learned again it is not doubled again');
        self::assertCount(9, $this->records->getRepository(LearnedPace::class)->findAll(), 'each is kept with its day');
    }
}
