<?php

declare(strict_types=1);

namespace Yelbo\Shop\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Machines\TypedFigure;
use Yelbo\Shop\Machines\TypedMachine;
use Yelbo\Shop\Stock\FilmFacts;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Shop\Stock\SupplyShelf;
use Yelbo\Trade\Film\Film;

/** Film, tape and blanks on the made-up wharf’s shelves, and its machines. */
final readonly class DemoStock
{
    public function __construct(
        private EntityManagerInterface $records,
        private Stockroom $stockroom,
        private SupplyShelf $supplies,
        private Machines $machines,
    ) {
    }

    /** The machines the wharf cuts on. */
    public function machines(): void
    {
        foreach (DemoOrders::MACHINES as [$name, $kind, $figures, $force, $blade]) {
            $this->machines->add(
                new TypedMachine(
                    $name,
                    $kind,
                    array_map(
                        static fn (string $rule, string $value): TypedFigure => new TypedFigure($rule, $value),
                        array_keys($figures),
                        $figures,
                    ),
                    $force,
                    $blade,
                    '1',
                ),
            );
        }
    }

    /** @return list<FilmOnShelf> in the order of `DemoOrders::FILMS` */
    public function stock(): array
    {
        $films = [];
        foreach (DemoOrders::FILMS as [$grade, $colour, $swatch, $sheets, $finish, $thickness, $liner, $price, $low]) {
            $film = new FilmOnShelf(Film::from($grade), $colour, $swatch);
            $maker = DemoOrders::MAKERS[$grade] ?? ['', null, null];
            $low *= 180_000;
            $film->describe(
                new FilmFacts($colour, $swatch, $finish, $thickness, $liner, false, ...[...$maker, $price, $low]),
            );
            $films[] = $film;
            $this->records->persist($film);
            $this->records->flush();
            $this->stockroom->receive(
                $film,
                StockItem::SHEET,
                300_000,
                600_000,
                $sheets,
                (string) \count($films),
                'L'.(418 + \count($films)),
            );
        }
        $this->offcuts(DemoOrders::OFFCUTS_BEFORE, $films);
        foreach (DemoOrders::ROLLS as [$film, $width, $length, $bin]) {
            $this->stockroom->receive(
                $films[$film],
                StockItem::ROLL,
                $width * 1000,
                $length * 1000,
                1,
                $bin,
                'L431',
            );
        }
        foreach (DemoOrders::SUPPLIES as [$kind, $name, $width, $amount, $bin, $low]) {
            $this->supplies->keep(
                new Supply($kind, $name, null === $width ? null : $width * 1000, $amount, $bin, $low),
            );
        }

        return $films;
    }

    /**
     * @param list<array{int, int, int, string, string|null}> $offcuts
     * @param list<FilmOnShelf> $films
     */
    public function offcuts(array $offcuts, array $films): void
    {
        foreach ($offcuts as [$film, $width, $height, $bin, $outline]) {
            $this->stockroom->receive(
                $films[$film],
                StockItem::OFFCUT,
                $width * 1000,
                $height * 1000,
                1,
                $bin,
                '',
                $outline,
                'left over before Yelbo',
            );
        }
    }
}
