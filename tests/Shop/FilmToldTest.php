<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\PrintedPictures;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\AskedItems;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\FilmNeed;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\StockCoverFor;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Film that is told with a price against film of the plan that is released for it, over orders made up from a seed:
 * names, lists, frames, signs in panels, rims and bases, stars in a film of their own, lattices, prints.
 * YELBO_FILM_TOLD=200 tries so many and prints the figures of docs/benchmarks.md; YELBO_FILM_SEED makes up others,
 * YELBO_FILM_THINKS=5 has each plan thought about for so many seconds.
 */
final class FilmToldTest extends PlansTestCase
{
    private const NAMES = [
        'Kestrel',
        'Ada',
        'Bartholomew',
        'Rope',
        'Plot 9',
        'Teal',
        "Sweet\nPeas",
        'Wigeon',
        'Heron',
        'Cox',
        'Marigold',
    ];
    private const COPIES = ['1', '1', '2', '3', '5', '8', '12', '24'];
    private const FEW = 3;
    private const SIGN = 1;
    private const LIST = 0;
    private const RIM = 10;
    private const RIM_AND_BASE = 11;
    private const STAR_BESIDE = 12;
    private const LATTICE = 13;
    private const PRINT = 14;

    private FilmOnShelf $white;
    private FilmOnShelf $gloss;

    public function testWhatIsToldIsAboutWhatIsTaken(): void
    {
        $this->white = new FilmOnShelf(Film::Permanent, 'chalk', '#f4f4f0');
        $this->gloss = new FilmOnShelf(Film::Printable, 'gloss', '#ffffff');
        $this->records->persist($this->white);
        $this->records->persist($this->gloss);
        $this->records->flush();
        foreach ([$this->navy, $this->white, $this->gloss] as $film) {
            for ($lots = 0; $lots < 8; ++$lots) {
                $this->get(Stockroom::class)->receive($film, StockItem::SHEET, 300_000, 600_000, 250, 'x');
            }
        }
        $many = (int) (getenv('YELBO_FILM_TOLD') ?: self::FEW);
        $random = new Randomizer(new Mt19937((int) (getenv('YELBO_FILM_SEED') ?: 27)));
        $told = [];
        for ($nth = 0; \count($told) < $many && $nth < 3 * $many; ++$nth) {
            $share = $this->order($random);
            if (null !== $share) {
                $told[] = $share;
            }
        }
        usort($told, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $worst = 'the least of '.($told[0][1] ?? 'none');
        $told = array_column($told, 0);
        $near = \count(array_filter($told, static fn (float $share): bool => abs($share - 1) <= 0.1));
        $says = \sprintf(
            '%d orders: %d within 10 %%, the least %.2f, the middle one %.2f, the most %.2f of the plan’s film; %s',
            \count($told),
            $near,
            $told[0] ?? 0,
            $told[intdiv(\count($told), 2)] ?? 0,
            $told[\count($told) - 1] ?? 0,
            $worst,
        );
        self::assertCount($many, $told);
        self::assertGreaterThan(0.75, $told[0], $says);
        self::assertLessThan(1.25, $told[$many - 1], $says);
        self::assertGreaterThanOrEqual(0.9 * $many, $near, $says);
        if ($many > self::FEW) {
            fwrite(\STDERR, "\n$says\n");
        }
    }

    /**
     * Told film as a share of the plan's, and what was ordered; none of what cannot be cut as it was made up.
     *
     * @return array{float, string}|null
     */
    private function order(Randomizer $random): ?array
    {
        $pick = static fn (array $of): mixed => $of[$random->getInt(0, \count($of) - 1)];
        $width = $random->getInt(40, 500);
        $kind = $random->getInt(0, 14);
        $height = $random->getInt(30, (int) max(40, 0.8 * $width));
        $typed = [
            'words' => self::LATTICE === $kind ? '' : $pick(self::NAMES),
            'motif' => self::LATTICE === $kind ? 'lattice' : '',
            'width' => self::SIGN === $kind ? '1800mm' : "{$width}mm",
            'height' => self::SIGN === $kind ? '400mm' : "{$height}mm",
            'quantity' => $kind < 2 ? '1' : $pick(self::COPIES),
            'roster' => self::LIST === $kind
                ? implode("\n", array_map(static fn (): mixed => $pick(self::NAMES), range(1, 14)))
                : '',
            'film' => (string) (self::PRINT === $kind ? $this->gloss : $this->navy)->id(),
        ];
        $typed['roster'] = str_replace('Sweet'."\n".'Peas', 'Sweet | Peas', $typed['roster']);
        try {
            $docket = $this->get(TakeOrder::class)->begin(
                new TypedOrder(Answers::fromKept($typed + $this->answers()->toArray())),
                true,
            );
            $this->drawn($docket, $kind, $pick(['bebas', 'pacifico', 'oswald', 'alfa-slab', 'fredoka']));
        } catch (Refused|Refusals) {
            return null;
        }
        $enough = $this->get(StockCoverFor::class)->order([$this->get(AskedItems::class)->drawn($docket->item())]);
        $this->approve($docket);
        $taken = 0.0;
        foreach ($enough->films as $need) {
            $plan = $this->plannedFor(
                (int) getenv('YELBO_FILM_THINKS'),
                ...array_filter($docket->pieces(), static fn (Piece $piece): bool => $piece->film() === $need->film),
            );
            foreach ($this->get(PlanEditor::class)->release($plan, $plan->version()) as $batch) {
                $taken += $batch->width() * $batch->length() / 1e12;
            }
        }
        $this->records->clear();
        foreach (['navy', 'white', 'gloss'] as $film) {
            $this->$film = $this->get(Shelf::class)->film($this->$film->id());
        }
        // What is cut again is charged, and is in no plan.
        $again = 1 + Rules::standard()->value(Rule::RecutShare) / 100;

        $told = array_sum(array_map(static fn (FilmNeed $need): float => $need->needed(), $enough->films)) / $again;

        return [$told / $taken, "kind $kind, ".json_encode($typed, \JSON_THROW_ON_ERROR)];
    }

    /** An order drawn as its kind says, with its proof. */
    private function drawn(Docket $docket, int $kind, string $face): void
    {
        $item = $docket->item();
        $white = $this->white->id();
        $setting = match ($kind) {
            2 => ['frame' => 'ring'],
            3 => ['arrangement' => 'knockout'],
            default => null,
        };
        $layers = match ($kind) {
            self::RIM => [['offset' => 3000, 'film' => $white]],
            self::RIM_AND_BASE => [
                ['offset' => 2000, 'film' => $white],
                ['offset' => 5000, 'film' => $this->navy->id()],
            ],
            default => null,
        };
        $beside = new DesignElement(
            DesignElement::SHAPE,
            'star',
            high: 18_000,
            wide: 18_000,
            sides: 5,
            film: $white,
            left: 4000,
            top: 4000,
        );
        $design = match ($kind) {
            self::LATTICE => $item->draft()->design,
            self::PRINT => new Design($face, art: [
                'id' => $this->get(PrintedPictures::class)->bring(
                    $docket->number(),
                    'lamp.png',
                    self::disc(),
                    50_000,
                    3000,
                )->id(),
                'layers' => [['colour' => '#000000', 'film' => null]],
            ]),
            default => new Design($face, setting: $setting, layers: $layers),
        };
        $this->get(DrawOrder::class)->draw(
            $item,
            $docket->version(),
            new Draft($item->words(), $design, $item->roster(), elements: self::STAR_BESIDE === $kind ? [$beside] : []),
            true,
        );
    }

    /** A picture of a disc, as a PNG. */
    private static function disc(): string
    {
        $image = imagecreatetruecolor(300, 240);
        imagefill($image, 0, 0, 0xFFFFFF);
        imagefilledellipse($image, 150, 120, 200, 160, 0x804060);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
