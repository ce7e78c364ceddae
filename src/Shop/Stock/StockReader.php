<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;

/**
 * Reads what was typed of film, tape and blanks, and does it where all of it can be read: one sentence a field where
 * not.
 */
final readonly class StockReader
{
    /** µm: nothing on a shelf is longer, or wider. */
    private const LONGEST = 200_000_000;
    private const WIDEST_TAPE = 5_000_000;
    private const MOST = 10_000;

    public function __construct(
        private Stockroom $stockroom,
        private SupplyShelf $supplies,
        private Shelf $shelf,
    ) {
    }

    /**
     * Reads film that came in.
     *
     * @throws Refusals
     */
    public function receive(FilmOnShelf $film, TypedReceipt $typed): StockItem
    {
        $fields = new Fields();
        $kind = \in_array($typed->kind, [StockItem::SHEET, StockItem::ROLL, StockItem::OFFCUT], true)
            ? $typed->kind
            : StockItem::SHEET;
        $many = StockItem::SHEET === $kind ? $fields->whole('count', $typed->count, 1, self::MOST) : 1;
        $lot = $fields->text('lot', $typed->lot, 40);
        if (null !== $typed->item) {
            $fields->refuseIfWrong();
            $known = $this->shelf->item($typed->item);
            if ($known->film() !== $film || StockItem::SHEET !== $known->kind()) {
                throw Refusals::at('item', 'Only more sheets can be added to what is on the shelf.');
            }
            $this->stockroom->receiveMore($known, $many, $lot);

            return $known;
        }
        [$across, $down] = [
            self::length($fields, 'width', $typed->width),
            self::length($fields, 'height', $typed->height),
        ];
        $bin = $fields->text('bin', $typed->bin, 20, 'Which bin does it go into?');
        $outline =
            StockItem::OFFCUT === $kind && '' !== $typed->corner
                ? $this->withoutCorner($fields, $across, $down, $typed)
                : null;
        $fields->refuseIfWrong();

        return $this->stockroom->receive($film, $kind, $across, $down, $many, $bin, $lot, $outline);
    }

    /**
     * The outline of a rectangle that lacks one corner.
     *
     * @param int    $width  µm
     * @param int    $height µm
     */
    private function withoutCorner(Fields $fields, int $width, int $height, TypedReceipt $typed): string
    {
        [$across, $down] = [
            self::length($fields, 'goneWidth', $typed->goneWidth),
            self::length($fields, 'goneHeight', $typed->goneHeight),
        ];
        foreach (['goneWidth' => [$across, $width], 'goneHeight' => [$down, $height]] as $field => [$gone, $all]) {
            if ($gone >= $all) {
                $fields->refuse($field, 'That is all of it: what is missing has to be less than the offcut.');
            }
        }
        [$upper, $leftmost] = match ($typed->corner) {
            'top-left' => [true, true],
            'top-right' => [true, false],
            'bottom-left' => [false, true],
            'bottom-right' => [false, false],
            default => [null, null],
        };
        if (null === $upper) {
            $fields->refuse('corner', 'Choose which corner is missing.');
        }
        [$left, $top] = [true === $leftmost ? 0 : $width - $across, true === $upper ? 0 : $height - $down];

        return SvgPath::write(
            Geos::difference(
                Box::sized($width, $height)->region(),
                (new Box($left, $top, $left + $across, $top + $down))->region(),
            ),
        );
    }

    /**
     * Reads a count.
     *
     * @throws Refusals
     */
    public function correct(StockItem $item, int $version, string $amount, string $reason): void
    {
        $fields = new Fields();
        $so =
            StockItem::ROLL === $item->kind()
                ? self::length($fields, 'amount', $amount, least: 0)
                : $fields->whole('amount', $amount, 0, StockItem::OFFCUT === $item->kind() ? 1 : self::MOST);
        $why = $fields->text('reason', $reason, 250, 'Why is it not what the shelf says? A few words for the book.');
        $fields->refuseIfWrong();
        $this->stockroom->correct($item, $version, $so, $why);
    }

    /**
     * Reads what is thrown away.
     *
     * @throws Refusals
     */
    public function scrap(StockItem $item, int $version, string $amount, string $reason): void
    {
        $fields = new Fields();
        $so =
            StockItem::ROLL === $item->kind()
                ? self::length($fields, 'amount', $amount)
                : $fields->whole('amount', $amount, 1, max(1, $item->count()));
        $why = $fields->text('reason', $reason, 250, 'What is wrong with it? A few words for the book.');
        if (StockItem::ROLL === $item->kind() && $so > $item->height()) {
            $fields->refuse('amount', 'There is not so much left on the roll.');
        }
        $fields->refuseIfWrong();
        $this->stockroom->scrap($item, $version, $so, $why);
    }

    /**
     * A tape or a blank the shop keeps from now on.
     *
     * @throws Refusals
     */
    public function keep(TypedSupply $typed): Supply
    {
        $fields = new Fields();
        $isTape = Supply::TAPE === $typed->kind;
        $name = $fields->text('name', $typed->name, 80, $isTape ? 'Which kind of tape is it?' : 'What is it?');
        $width = $isTape ? self::length($fields, 'width', $typed->width, self::WIDEST_TAPE) : null;
        $amount = $this->amount($fields, 'amount', $isTape, $typed->amount);
        $low = Fields::isEmpty($typed->lowAt) ? null : $this->amount($fields, 'lowAt', $isTape, $typed->lowAt);
        $bin = $fields->text('bin', $typed->bin, 20, 'Which bin does it go into?');
        $fields->refuseIfWrong();
        $supply = new Supply($isTape ? Supply::TAPE : Supply::BLANK, $name, $width, $amount, $bin, $low);
        $this->supplies->keep($supply);

        return $supply;
    }

    /**
     * Reads what happens to a supply.
     *
     * @throws Refusals
     */
    public function move(Supply $supply, int $version, string $what, string $amount, string $reason): void
    {
        $fields = new Fields();
        $so = $this->amount($fields, 'amount', Supply::TAPE === $supply->kind(), $amount);
        $why = $fields->text(
            'reason',
            $reason,
            250,
            Movement::COUNTED === $what ? 'Why is it not what the shelf says? A few words for the book.' : null,
        );
        $fields->refuseIfWrong();
        match ($what) {
            Movement::RECEIVED => $this->supplies->receive($supply, $so, $why),
            Movement::COUNTED => $this->supplies->correct($supply, $version, $so, $why),
            default => $this->supplies->use($supply, $so, $why),
        };
    }

    /** Metres of tape are kept in mm; a bare figure is metres. */
    private function amount(Fields $fields, string $field, bool $isTape, string $typed): int
    {
        if (!$isTape) {
            return $fields->whole($field, $typed, 0, self::MOST);
        }

        return (int) round(
            is_numeric(str_replace(',', '.', trim($typed)))
                ? 1000 * $fields->figure($field, $typed, 0, self::LONGEST / 100_000)
                : self::length($fields, $field, $typed, 10 * self::LONGEST, 0) / 1000,
        );
    }

    /** @return int µm */
    private static function length(
        Fields $fields,
        string $field,
        string $typed,
        int $longest = self::LONGEST,
        int $least = 1,
    ): int {
        return $fields->length($field, $typed, $least, $longest);
    }
}
