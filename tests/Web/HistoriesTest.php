<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Price\Costs;
use Yelbo\Shop\Price\CreditNote;
use Yelbo\Shop\Price\Invoice;
use Yelbo\Shop\Price\Invoices;
use Yelbo\Shop\Price\Receipt;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\DocketState;

/**
 * Made histories: orders that are changed, priced anew, opened again, cancelled, spoiled at every station, invoiced and
 * paid at any time. Whatever happens, film that is charged is film that is gone, papers are what was agreed, and what
 * is owed is one sum. `YELBO_HISTORIES=300` makes as many.
 */
final class HistoriesTest extends WebCase
{
    use OrderWalk;

    private const USUAL = 6;
    private const ACTS = 12;

    private int $seed = 0;
    /** @var array<int, float> mm² that came, by film */
    private array $came = [];
    /** @var list<string> what happened, to be read where something does not hold */
    private array $told = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        $many = (int) (getenv('YELBO_HISTORIES') ?: self::USUAL);
        for ($seed = 1; $seed <= $many; ++$seed) {
            yield "history $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testWhateverHappensTheSumsHold(int $seed): void
    {
        $this->seed = 7919 * $seed;
        $number = $this->begun();
        $this->proofed($number);
        $this->holds($number);
        for ($act = 0; $act < self::ACTS; ++$act) {
            $acts = $this->possible($number);
            if ([] === $acts) {
                break;
            }
            $name = array_keys($acts)[$this->pick(\count($acts))];
            $this->told[] = $name;
            $acts[$name]();
            $this->holds($number);
        }
        self::assertNotSame([], $this->told);
    }

    /**
     * What can happen to it as it stands.
     *
     * @return array<string, \Closure(): mixed>
     */
    private function possible(int $number): array
    {
        $docket = $this->docket($number);
        $pieces = $this->mustAsk('GET', "/api/dockets/$number")['pieces'];
        $of = static fn (string ...$states): array => array_values(
            array_filter($pieces, static fn (array $piece): bool => \in_array($piece['state'], $states, true)),
        );
        $account = $this->get(Invoices::class)->account($docket);
        $standing = $account->standing();
        $acts = [];
        if (DocketState::Sizing === $docket->state()) {
            $acts['a proof'] = fn () => $this->proofed($number);
        }
        if (DocketState::Proofing === $docket->state()) {
            $acts['a yes'] = fn () => $this->agreed($number);
            $acts['another price'] = fn () => $this->priced($number);
        }
        if (DocketState::Making === $docket->state()) {
            $acts['an invoice'] = fn () => $this->mustAsk('POST', "/api/dockets/$number/invoice");
            if ([] !== $of('waiting')) {
                $acts['a cut'] = fn () => $this->cutFilm($of('waiting'));
                $acts['another cut'] = $acts['a cut'];
            }
            if ([] !== $of('weeding')) {
                $acts['weeded'] = fn () => $this->weededOne($of('weeding')[0]);
            }
            if ($of('waiting', 'withdrawn') === $pieces) {
                $acts['opened again'] = fn () => $this->reopened($number);
            }
            foreach (['weeding', 'applying'] as $state) {
                if ([] !== $of($state)) {
                    $acts["spoiled at $state"] = fn () => $this->spoiled($of($state)[$this->pick(\count($of($state)))]);
                }
            }
        }
        if (\in_array($docket->state(), [DocketState::Sizing, DocketState::Proofing, DocketState::Making], true)
            && [] === $of('cutting', 'on-its-way', 'delivered')) {
            $acts['changed'] = fn () => $this->changed($number);
            if ($of('withdrawn') === $pieces && 0 === $this->pick(4)) {
                $acts['cancelled'] = fn () => $this->step($number, 'cancel');
            }
        }
        if (null !== $standing && null === $account->receipt() && $account->owed()->minor > 0) {
            $acts['paid'] = fn () => $this->mustAsk(
                'POST',
                "/api/invoices/{$standing->number()}/receipt",
                ['paidBy' => 'cash'],
            );
        }
        foreach ($this->get(Batches::class)->withRemnant(50) as $batch) {
            $acts['a rest put away'] = fn () => $this->putAway($batch->id());
        }

        return $acts;
    }

    /** Film, papers and what is owed. */
    private function holds(int $number): void
    {
        $this->records->clear();
        $docket = $this->docket($number);
        $so = implode(', ', $this->told);
        $charged = array_column($this->get(Costs::class)->spent($docket)->films ?? [], 'area', 'name');
        $waiting = [];
        foreach ($this->get(Batches::class)->withRemnant(50) as $batch) {
            $waiting[$batch->film()->id()] = ($waiting[$batch->film()->id()] ?? 0.0)
                + $batch->width() * ($batch->height() - $batch->length()) / 1e6;
        }
        foreach ($this->came as $id => $came) {
            $film = $this->get(Shelf::class)->film($id);
            // What lies at the cutter and waits to be put away is not gone.
            $gone = $came - $this->get(Shelf::class)->amount($film) - ($waiting[$id] ?? 0.0);
            self::assertEqualsWithDelta($gone, $charged[$film->name()] ?? 0.0, 1.0, "{$film->name()} after: $so");
        }
        $account = $this->get(Invoices::class)->account($docket);
        $sum = static fn (array $of): int => array_sum(array_map(
            static fn (Invoice|CreditNote|Receipt $one): int => $one instanceof Receipt
                ? $one->amount()->minor
                : $one->total()->minor,
            $of,
        ));
        $owed = $sum($account->invoices) - $sum($account->credits) - $sum($account->receipts);
        self::assertSame($owed, $account->owed()->minor, $so);
        self::assertSame($owed, $this->mustAsk('GET', "/api/dockets/$number/quote")['owed']['minor'], $so);
        $standing = $account->standing();
        self::assertLessThanOrEqual(
            1,
            \count($account->invoices) - \count($account->credits),
            "one invoice stands after: $so",
        );
        if (DocketState::Cancelled === $docket->state()) {
            self::assertNull($standing, $so);
            self::assertSame(-$sum($account->receipts), $owed, $so);
        } elseif (DocketState::Making === $docket->state() && null !== $standing) {
            self::assertSame(
                $this->get(Invoices::class)->agreed($docket)?->minor,
                $standing->total()->minor,
                "papers as agreed after: $so",
            );
        }
    }

    private function begun(): int
    {
        foreach (['sage', 'plum'] as $colour) {
            $films[] = $this->shelved(Film::Permanent, "$colour $this->seed");
        }
        foreach ($films as $film) {
            $this->came[(int) $film] = 8 * 300.0 * 600.0;
        }
        $item = fn (): array => [
            'words' => ['Heron', 'Kestrel', "Sweet\nPeas", 'Mallow', ''][$this->pick(5)],
            'motif' => ['star', 'disc', 'lattice'][$this->pick(3)],
            'object' => 'Seed tin',
            'width' => 110 + 10 * $this->pick(10).'mm',
            'height' => 60 + 10 * $this->pick(6).'mm',
            'useOf' => 'indoor',
            'film' => $films[$this->pick(2)],
            'quantity' => (string) (1 + $this->pick(3)),
            'appliedBy' => ['shop', 'customer'][$this->pick(2)],
        ];

        return $this->asked($item(), 0 === $this->pick(2) ? [] : [$item()])['number'];
    }

    private function proofed(int $number): void
    {
        $docket = $this->mustAsk('GET', "/api/dockets/$number");
        $items = array_values(array_filter($docket['items'], static fn (array $item): bool => !$item['beingMade']));
        foreach ($items as $nth => $item) {
            $design = $item['design'];
            $docket = $this->mustAsk('PUT', "/api/dockets/$number/design", [
                'version' => $docket['version'],
                'item' => $item['nth'],
                'words' => implode("\n", $item['words']),
                'face' => ['oswald', 'bebas', 'fredoka'][$this->pick(3)],
                'motif' => $design['motif'],
                'elements' => [],
                'proof' => $nth === \count($items) - 1,
            ]);
        }
    }

    private function priced(int $number): void
    {
        $version = $this->mustAsk('GET', "/api/dockets/$number")['version'];
        $this->mustAsk(
            'PUT',
            "/api/dockets/$number/price",
            ['version' => $version, 'price' => (string) (20 + $this->pick(80))],
        );
    }

    private function reopened(int $number): void
    {
        $this->step($number, 'reopen');
        $this->proofed($number);
        if (0 === $this->pick(2)) {
            $this->priced($number);
        }
        $this->agreed($number);
    }

    private function step(int $number, string $move): void
    {
        $version = $this->mustAsk('GET', "/api/dockets/$number")['version'];
        $this->mustAsk(
            'POST',
            "/api/dockets/$number/moves",
            ['version' => $version, 'move' => $move, 'detail' => 'so it was wanted'],
        );
    }

    private function changed(int $number): void
    {
        $docket = $this->docket($number);
        $items = $docket->items();
        $all = array_map(static fn ($item): array => $item->answers()->toArray(), $items);
        $at = $this->pick(\count($all));
        $all[$at]['quantity'] = (string) (1 + (int) $all[$at]['quantity'] % 4);
        $body = [
            'version' => $docket->version(),
            'answers' => $all[0],
            'others' => \array_slice($all, 1),
            'items' => array_map(static fn ($item): int => $item->nth(), $items),
            'sure' => true,
        ];
        $this->mustAsk('POST', "/api/dockets/$number/change", $body);
    }

    /** @param non-empty-list<array<string, mixed>> $waiting */
    private function cutFilm(array $waiting): void
    {
        $film = $waiting[$this->pick(\count($waiting))]['film']['id'];
        $this->cutOut($film, array_filter($waiting, static fn (array $piece): bool => $piece['film']['id'] === $film));
    }

    /** @param array<string, mixed> $piece */
    private function weededOne(array $piece): void
    {
        $weeding = $this->mustAsk('GET', "/api/pieces/{$piece['id']}/weeding");
        $counted = $this->mustAsk('PUT', "/api/pieces/{$piece['id']}/out", [
            'version' => $weeding['piece']['version'],
            'numbers' => array_column($weeding['insides'], 'nth'),
        ]);
        $this->moved($counted['piece'], 'weeded');
    }

    /** @param array<string, mixed> $piece */
    private function spoiled(array $piece): void
    {
        $this->mustAsk('POST', "/api/pieces/{$piece['id']}/moves", [
            'move' => 'spoil',
            'version' => $piece['version'],
            'detail' => 'a corner lifted',
        ]);
    }

    private function putAway(int $batch): void
    {
        $remnant = $this->get(Remnants::class)->lying($this->get(Batches::class)->batch($batch));
        $ways = array_values(array_filter([
            null === $remnant->square ? null : Remnants::SQUARE,
            null === $remnant->odd ? null : Remnants::ODD,
            Remnants::SCRAP,
        ]));
        $this->mustAsk('POST', "/api/batches/$batch/remnant", [
            'version' => $this->get(Batches::class)->batch($batch)->version(),
            'how' => $ways[$this->pick(\count($ways))],
        ]);
    }

    private function docket(int $number): Docket
    {
        return $this->get(Dockets::class)->numbered($number);
    }

    /** A whole number below a bound, the same for the same seed. */
    private function pick(int $below): int
    {
        $this->seed = ($this->seed * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return ($this->seed >> 8) % $below;
    }
}
