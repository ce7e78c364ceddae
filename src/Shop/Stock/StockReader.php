<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Film\Film;
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
    private const THICKEST = 10_000;
    private const COARSEST = 50_000;
    /** Minor units a square metre. */
    private const DEAREST = 10_000_000;
    private const MOST = 10_000;

    public function __construct(
        private EntityManagerInterface $records,
        private Stockroom $stockroom,
        private Shelf $shelf,
        private Book $book,
        private Change $change,
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
     * A second film of one grade, colour and finish is asked about: it may be the same.
     *
     * @throws Refusals
     */
    private function refuseTwin(?Film $grade, string $colour, string $finish): void
    {
        $plain = static fn (string $text): string => mb_strtolower(trim($text));
        foreach ($this->shelf->films() as $one) {
            if (
                $one->grade() === $grade
                && $plain($one->colour()) === $plain($colour)
                && $plain($one->finish()) === $plain($finish)
            ) {
                throw Refusals::at(
                    'another',
                    "{$one->name()} is on the shelf already. Take more of it in there, or say that this is another.",
                );
            }
        }
    }

    /**
     * Writes down what is known of a film; a new one where none is given.
     *
     * @throws Refusals|Conflict
     */
    public function film(?FilmOnShelf $film, TypedFilm $typed): FilmOnShelf
    {
        $fields = new Fields();
        $grade = $fields->choice('grade', $typed->grade, Film::class, 'Choose what kind of film it is.');
        $known = $this->known($fields, $typed);
        $fields->refuseIfWrong();
        if (null !== $film && $film->grade() !== $grade) {
            throw Refusals::at('grade', 'A film stays what it is: add another one.');
        }
        if (null === $film && !$typed->another) {
            $this->refuseTwin($grade, $known->colour, $known->finish);
        }
        $version = null === $film ? null : $typed->version;
        $film ??= new FilmOnShelf(
            $grade ?? throw new \LogicException('A wrong grade was not noted.'),
            $known->colour,
            $known->swatch,
        );
        $this->records->persist($film);
        $this->change->apply($film, $version ?? $film->version(), function () use ($film, $known): void {
            $film->describe($known);
            $this->book->note('stock', "{$film->name()}: what is known of it was written down");
        });

        return $film;
    }

    private function known(Fields $fields, TypedFilm $typed): FilmFacts
    {
        $length = static fn (string $at, string $value, int $most): ?int => Fields::isEmpty($value)
            ? null
            : self::length($fields, $at, $value, $most);
        $colour = $fields->text('colour', $typed->colour, 40, 'Which colour is it?');
        $swatch = strtolower(trim($typed->swatch));
        if (1 !== preg_match('~^#[0-9a-f]{6}$~', $swatch)) {
            $fields->refuse('swatch', 'A colour as on screen, like #1b2f57.');
        }

        return new FilmFacts(
            $colour,
            $swatch,
            $fields->text('finish', $typed->finish, 20),
            $length('thickness', $typed->thickness, self::THICKEST),
            $fields->text('liner', $typed->liner, 40, 'Which colour is its liner?'),
            $typed->runsOneWay,
            $fields->text('maker', $typed->maker, 300),
            $length('thinnest', $typed->thinnest, self::COARSEST),
            Fields::isEmpty($typed->outdoors) ? null : $fields->whole('outdoors', $typed->outdoors, 0, 20),
            Fields::isEmpty($typed->price) ? null : $fields->money('price', $typed->price, self::DEAREST),
            Fields::isEmpty($typed->lowAt)
                ? null
                : (int) round(1e6 * $fields->figure('lowAt', $typed->lowAt, 0, 1000)),
        );
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
        $this->stockroom->keep($supply);

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
            Movement::RECEIVED => $this->stockroom->receiveSupply($supply, $so, $why),
            Movement::COUNTED => $this->stockroom->correctSupply($supply, $version, $so, $why),
            default => $this->stockroom->useSupply($supply, $so, $why),
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
