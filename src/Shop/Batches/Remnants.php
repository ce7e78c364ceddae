<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\RemnantState;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Sheet\Remnant;

/** What cuts leave of their sheets, and where it goes. */
final readonly class Remnants
{
    public const SQUARE = 'square';
    public const ODD = 'odd';
    public const SCRAP = 'scrap';

    public function __construct(
        private Outlines $outlines,
        private Stockroom $stockroom,
        private ShopRules $rules,
        private Change $change,
        private Book $book,
        private Cache $cache,
    ) {
    }

    /** What a finished cut left of its sheet. What was spoiled since was cut all the same. */
    public function lying(Batch $batch): Remnant
    {
        $rules = $this->rules->current();
        $figures = [$rules->micrometres(Rule::OddRemnantAway), $rules->micrometres(Rule::ShortestOffcut)];

        return $this->cache->recall(
            'remnant.'.hash('xxh128', serialize([$batch->outline(), $batch->places(), $batch->boxes(), $figures])),
            function () use ($batch, $figures): Remnant {
                $cut = array_map(static fn (Box $box): Region => $box->region(), $batch->boxes());
                foreach ($batch->places() as $at) {
                    $region = $this->outlines->region($at['outline']);
                    $cut[] = PlacedOutline::place($at)->put($at['mirrored'] ?? false ? $region->mirrored() : $region);
                }

                return Remnant::ofSheet(SvgPath::read($batch->outline()), $cut, ...$figures);
            },
        );
    }

    /** What is usually done with it: SQUARE, ODD or SCRAP. */
    public static function usual(Remnant $remnant): string
    {
        return null !== $remnant->odd ? self::ODD : (null !== $remnant->square ? self::SQUARE : self::SCRAP);
    }

    /**
     * Puts it away: on the shelf, trimmed square or as odd as it is, or in the bin.
     *
     * @param string $how SQUARE, ODD or SCRAP
     *
     * @return StockItem|null what is on the shelf now
     *
     * @throws Refusals|Conflict
     */
    public function putAway(Batch $batch, int $version, string $how): ?StockItem
    {
        $remnant = $this->lying($batch);
        $outline = match ($how) {
            self::SQUARE => $remnant->square ??
                throw Refusals::at('rest', 'No square as large as an offcut has to be is left.'),
            self::ODD => $remnant->odd ?? throw Refusals::at('rest', 'Nothing odd worth keeping is left.'),
            default => null,
        };

        return $this->change->apply($batch, $version, function () use ($batch, $outline): ?StockItem {
            $batch->putAway(null === $outline ? RemnantState::Scrapped : RemnantState::Shelved);
            $item =
                null === $outline
                    ? null
                    : $this->stockroom->shelve(
                        $batch->film(),
                        $outline,
                        $batch->stock()->bin(),
                        $batch->stock()->lot(),
                        $batch->id(),
                    );
            $this->book->note(
                'stock',
                null === $item
                    ? "Batch {$batch->id()}: what was left of {$batch->stock()->number()} went into the bin"
                    : "Batch {$batch->id()}: rest of {$batch->stock()->number()} shelved as {$item->number()}",
            );

            return $item;
        });
    }
}
