<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\Parts;

/** What pieces are in a nest: whole decals, or the parts they are cut in, each by its name. */
final readonly class NestParts
{
    public function __construct(private FilmToCut $film, private Outlines $outlines)
    {
    }

    /**
     * The nest's pieces by their names: whole decals, or parts of those that are split or larger than the machine.
     *
     * @param list<Piece> $pieces
     * @param list<int>   $split
     *
     * @return array<int|string, NestPiece>
     */
    public function of(array $pieces, array $split, Rules $rules): array
    {
        $parts = $panels = [];
        foreach ($pieces as $piece) {
            $panel = $panels[$piece->film()->id()] ??= $this->film->panel($piece->film());
            $of = $this->ofPiece($piece, \in_array($piece->id(), $split, true), $rules, $panel);
            foreach ($of as $nth => $region) {
                $id = 1 === \count($of) ? (string) $piece->id() : "{$piece->id()}#$nth";
                $parts[$id] = new NestPiece($id, $region, 1, null, (string) $piece->docket()->number());
            }
        }

        return $parts;
    }

    /**
     * @param array{int, int}|null $panel how large a part may be, µm, where that is known already
     *
     * @return list<Region> the decal alone, or its parts in its own frame
     */
    public function ofPiece(Piece $piece, bool $split, Rules $rules, ?array $panel = null): array
    {
        $region = $this->outlines->forKnife($piece);
        $parts = $split ? Parts::apart($region, $rules->micrometres(Rule::GapInsideOrder)) : [$region];

        return array_merge(
            ...array_map(fn (Region $part): array => $this->film->parts($part, $piece->film(), $panel), $parts),
        );
    }

    /** What a piece, or a part of it, is called in a nest: `17`, `17#2`. */
    public static function name(int $piece, int $part): string
    {
        return $part < 0 ? (string) $piece : "$piece#$part";
    }

    /** What a piece, or a part of it, is called on screen: `Y-0412/3 part 2`. */
    public static function tag(Piece $piece, string $name): string
    {
        $part = strstr($name, '#');

        return $piece->tag().(false === $part ? '' : ' part '.((int) substr($part, 1) + 1));
    }

    /**
     * The piece of a name in a nest, and which part of it.
     *
     * @return array{piece: int, part: int} -1 for the whole
     */
    public static function numbers(string $name): array
    {
        $part = strstr($name, '#');

        return ['piece' => (int) $name, 'part' => false === $part ? -1 : (int) substr($part, 1)];
    }
}
