<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Refusals;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;

/** Reads what was typed of film, tape and blanks, and does it where all of it can be read: one sentence a field where not. */
final readonly class Goods
{
    /** m: nothing on a shelf is longer. */
    private const LONGEST = 200;
    private const MOST = 10_000;

    public function __construct(private EntityManagerInterface $records, private Stockroom $stockroom, private Shelf $shelf, private Book $book)
    {
    }

    public function receive(FilmOnShelf $film, string $kind, string $width, string $height, string $count, string $bin, string $lot, ?int $item, string $corner = '', string $goneWidth = '', string $goneHeight = ''): StockItem
    {
        $read = new Typed();
        $kind = \in_array($kind, [StockItem::SHEET, StockItem::ROLL, StockItem::OFFCUT], true) ? $kind : StockItem::SHEET;
        $many = StockItem::SHEET === $kind ? $read->whole('count', $count, 1, self::MOST) : 1;
        $lot = $read->text('lot', $lot, 40);
        if (null !== $item) {
            $read->end();
            $known = $this->shelf->item($item);
            if ($known->film() !== $film || StockItem::SHEET !== $known->kind()) {
                throw Refusals::at('item', 'Only more sheets can be added to what is on the shelf.');
            }
            $this->stockroom->receiveMore($known, $many, $lot);

            return $known;
        }
        [$across, $down] = [$read->length('width', $width, self::LONGEST), $read->length('height', $height, self::LONGEST)];
        $bin = $read->text('bin', $bin, 20, 'Which bin does it go into?');
        $outline = StockItem::OFFCUT === $kind && '' !== $corner ? $this->withoutCorner($read, $across, $down, $corner, $goneWidth, $goneHeight) : null;
        $read->end();

        return $this->stockroom->receive($film, $kind, $across, $down, $many, $bin, $lot, $outline);
    }

    /**
     * The outline of a rectangle that lacks one corner.
     *
     * @param int    $width  µm
     * @param int    $height µm
     * @param string $corner `top-left`, `top-right`, `bottom-left` or `bottom-right`
     */
    private function withoutCorner(Typed $read, int $width, int $height, string $corner, string $goneWidth, string $goneHeight): string
    {
        [$across, $down] = [$read->length('goneWidth', $goneWidth, self::LONGEST), $read->length('goneHeight', $goneHeight, self::LONGEST)];
        foreach (['goneWidth' => [$across, $width], 'goneHeight' => [$down, $height]] as $field => [$gone, $all]) {
            if ($gone >= $all) {
                $read->refuse($field, 'That is all of it: what is missing has to be less than the offcut.');
            }
        }
        [$upper, $leftmost] = match ($corner) {
            'top-left' => [true, true],
            'top-right' => [true, false],
            'bottom-left' => [false, true],
            'bottom-right' => [false, false],
            default => [null, null],
        };
        if (null === $upper) {
            $read->refuse('corner', 'Choose which corner is missing.');
        }
        [$left, $top] = [true === $leftmost ? 0 : $width - $across, true === $upper ? 0 : $height - $down];

        return SvgPath::write(Geos::difference(Box::sized($width, $height)->region(), (new Box($left, $top, $left + $across, $top + $down))->region()));
    }

    public function correct(StockItem $item, int $version, string $amount, string $reason): void
    {
        $read = new Typed();
        $so = StockItem::ROLL === $item->kind() ? $read->length('amount', $amount, self::LONGEST, true) : $read->whole('amount', $amount, 0, StockItem::OFFCUT === $item->kind() ? 1 : self::MOST);
        $why = $read->text('reason', $reason, 250, 'Why is it not what the shelf says? A few words for the book.');
        $read->end();
        $this->stockroom->correct($item, $version, $so, $why);
    }

    public function scrap(StockItem $item, int $version, string $amount, string $reason): void
    {
        $read = new Typed();
        $so = StockItem::ROLL === $item->kind() ? $read->length('amount', $amount, self::LONGEST) : $read->whole('amount', $amount, 1, max(1, $item->count()));
        $why = $read->text('reason', $reason, 250, 'What is wrong with it? A few words for the book.');
        if (StockItem::ROLL === $item->kind() && $so > $item->height()) {
            $read->refuse('amount', 'There is not so much left on the roll.');
        }
        $read->end();
        $this->stockroom->scrap($item, $version, $so, $why);
    }

    public function film(?FilmOnShelf $film, string $grade, string $colour, string $swatch, string $finish, string $thickness, string $liner, bool $runsOneWay, string $maker, string $thinnest, string $outdoors, string $price, string $lowAt): FilmOnShelf
    {
        $read = new Typed();
        $of = Film::tryFrom($grade);
        if (null === $of) {
            $read->refuse('grade', 'Choose what kind of film it is.');
        }
        $colour = $read->text('colour', $colour, 40, 'Which colour is it?');
        if (1 !== preg_match('~^#[0-9a-f]{6}$~i', trim($swatch))) {
            $read->refuse('swatch', 'A colour as on screen, like #1b2f57.');
        }
        $finish = $read->text('finish', $finish, 20);
        $thick = '' === trim($thickness) ? null : $read->length('thickness', $thickness, 0.01);
        $liner = $read->text('liner', $liner, 40, 'Which colour is its liner?');
        $maker = $read->text('maker', $maker, 300);
        $least = '' === trim($thinnest) ? null : $read->length('thinnest', $thinnest, 0.05);
        $years = '' === trim($outdoors) ? null : $read->whole('outdoors', $outdoors, 0, 20);
        $minor = '' === trim($price) ? null : (int) round(100 * $read->figure('price', $price, 0, 100_000));
        $low = '' === trim($lowAt) ? null : (int) round(1e6 * $read->figure('lowAt', $lowAt, 0, 1000));
        $read->end();
        if (null === $film) {
            $film = new FilmOnShelf($of ?? Film::Permanent, $colour, strtolower(trim($swatch)));
            $this->records->persist($film);
        } elseif ($film->grade() !== $of) {
            throw Refusals::at('grade', 'A film stays what it is: add another one.');
        }
        $film->describe($colour, strtolower(trim($swatch)), $finish, $thick, $liner, $runsOneWay, $minor, $low);
        $film->makerSays($maker, $least, $years);
        $this->book->note('stock', "{$film->name()}: what is known of it was written down");
        $this->records->flush();

        return $film;
    }

    public function keep(string $kind, string $name, string $width, string $amount, string $bin, string $lowAt): Supply
    {
        $read = new Typed();
        $isTape = Supply::TAPE === $kind;
        $name = $read->text('name', $name, 80, $isTape ? 'Which kind of tape is it?' : 'What is it?');
        $wide = $isTape ? $read->length('width', $width, 5) : null;
        $so = $this->amount($read, 'amount', $isTape, $amount);
        $low = '' === trim($lowAt) ? null : $this->amount($read, 'lowAt', $isTape, $lowAt);
        $bin = $read->text('bin', $bin, 20, 'Which bin does it go into?');
        $read->end();
        $supply = new Supply($isTape ? Supply::TAPE : Supply::BLANK, $name, $wide, $so, $bin, $low);
        $this->stockroom->keep($supply);

        return $supply;
    }

    public function move(Supply $supply, int $version, string $what, string $amount, string $reason): void
    {
        $read = new Typed();
        $so = $this->amount($read, 'amount', Supply::TAPE === $supply->kind(), $amount);
        $why = $read->text('reason', $reason, 250, Movement::COUNTED === $what ? 'Why is it not what the shelf says? A few words for the book.' : null);
        $read->end();
        match ($what) {
            Movement::RECEIVED => $this->stockroom->receiveSupply($supply, $so, $why),
            Movement::COUNTED => $this->stockroom->correctSupply($supply, $version, $so, $why),
            default => $this->stockroom->useSupply($supply, $so, $why),
        };
    }

    /** Metres of tape are kept in mm; a bare figure is metres. */
    private function amount(Typed $read, string $field, bool $isTape, string $typed): int
    {
        if (!$isTape) {
            return $read->whole($field, $typed, 0, self::MOST);
        }

        return (int) round(is_numeric(str_replace(',', '.', trim($typed))) ? 1000 * $read->figure($field, $typed, 0, 10 * self::LONGEST) : $read->length($field, $typed, 10 * self::LONGEST, true) / 1000);
    }
}
