<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\AskedItems;
use Yelbo\Shop\Orders\EnoughFor;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Film that is told with a price against film of the plan that is released for it, over orders made up from a seed: names,
 * lists, frames, signs in panels. YELBO_FILM_TOLD=200 tries so many and prints the figures of docs/benchmarks.md;
 * YELBO_FILM_SEED makes up others, YELBO_FILM_THINKS=5 has each plan thought about for so many seconds.
 */
final class FilmToldTest extends PlansTestCase
{
    private const NAMES = ['Kestrel', 'Ada', 'Bartholomew', 'Rope', 'Plot 9', 'Teal', "Sweet\nPeas", 'Wigeon', 'Heron', 'Cox', 'Marigold'];
    private const COPIES = ['1', '1', '2', '3', '5', '8', '12', '24'];
    private const FEW = 2;

    public function testWhatIsToldIsAboutWhatIsTaken(): void
    {
        for ($lots = 0; $lots < 8; ++$lots) {
            $this->get(Stockroom::class)->receive($this->navy, StockItem::SHEET, 300_000, 600_000, 250, 'x');
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
        sort($told);
        $near = \count(array_filter($told, static fn (float $share): bool => abs($share - 1) <= 0.1));
        $says = \sprintf(
            '%d orders: %d within 10 %%, the least %.2f, the middle one %.2f, the most %.2f of the plan’s film',
            \count($told),
            $near,
            $told[0] ?? 0,
            $told[intdiv(\count($told), 2)] ?? 0,
            $told[\count($told) - 1] ?? 0,
        );
        self::assertCount($many, $told);
        self::assertGreaterThan(0.75, $told[0], $says);
        self::assertLessThan(1.25, $told[$many - 1], $says);
        self::assertGreaterThanOrEqual(0.9 * $many, $near, $says);
        if ($many > self::FEW) {
            fwrite(\STDERR, "\n$says\n");
        }
    }

    /** Told film as a share of the plan's; none of what cannot be cut as it was made up. */
    private function order(Randomizer $random): ?float
    {
        $pick = static fn (array $of): mixed => $of[$random->getInt(0, \count($of) - 1)];
        $width = $random->getInt(40, 500);
        $kind = $random->getInt(0, 9);
        $height = $random->getInt(30, (int) max(40, 0.8 * $width));
        $typed = [
            'words' => $pick(self::NAMES),
            'width' => 1 === $kind ? '1800mm' : "{$width}mm",
            'height' => 1 === $kind ? '400mm' : "{$height}mm",
            'quantity' => $kind < 2 ? '1' : $pick(self::COPIES),
            'roster' => 0 === $kind
                ? implode("\n", array_map(static fn (): mixed => $pick(self::NAMES), range(1, 14)))
                : '',
            'film' => (string) $this->navy->id(),
        ];
        $typed['roster'] = str_replace('Sweet'."\n".'Peas', 'Sweet | Peas', $typed['roster']);
        try {
            $docket = $this->get(TakeOrder::class)->begin(new TypedOrder(Answers::fromKept($typed + $this->answers()->toArray())), true);
            $setting = match ($kind) {
                2 => ['frame' => 'ring'],
                3 => ['arrangement' => 'knockout'],
                default => null,
            };
            $this->draw($docket, new Design($pick(['bebas', 'pacifico', 'oswald', 'alfa-slab', 'fredoka']), setting: $setting));
        } catch (Refused|Refusals) {
            return null;
        }
        $enough = $this->get(EnoughFor::class)->order([$this->get(AskedItems::class)->drawn($docket->item())]);
        $this->approve($docket);
        $plan = $this->plannedFor((int) getenv('YELBO_FILM_THINKS'), ...$docket->pieces());
        $taken = 0.0;
        foreach ($this->get(PlanEditor::class)->release($plan, $plan->version()) as $batch) {
            $taken += $batch->width() * $batch->length() / 1e12;
        }
        $this->records->clear();
        $this->navy = $this->get(Shelf::class)->film($this->navy->id());
        // What is cut again is charged, and is in no plan.
        $again = 1 + Rules::standard()->value(Rule::RecutShare) / 100;

        return $enough->films[0]->needed() / $again / $taken;
    }
}
