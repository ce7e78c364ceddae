<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\AnchoredRoom;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Sets match by letter height, not by box: the height the longest allows is given to all, unless each is to be as large
 * as it can be, or to fill a box. Words that repeat are set once. Source: handbook section 4, "Sets" and "Long lists".
 *
 * @phpstan-type Proposal array{
 *     do: string,
 *     says: string,
 *     alone: int,
 *     face?: string,
 *     lines?: list<string>,
 *     condense?: float,
 * }
 */
final readonly class SetFitting
{
    /** Of the middle one's height: who allows less holds the others back. */
    private const OUTLIER = 0.75;

    /** Sketched heights are true to a thousandth: who comes within this of the least is fitted exactly. */
    private const NEARLY_LEAST = 1.006;
    private const ROUGHLY_LEAST = 1.03;
    /** Members that proposals are worked out for. */
    private const MOST_PROPOSED = 12;

    private Fitting $fitting;

    /** @param int $step µm; as in `Fitting` */
    public function __construct(private Typesetter $typesetter, private Rules $rules, int $step = 1)
    {
        $this->fitting = new Fitting($typesetter, $rules, $step);
    }

    /**
     * @param non-empty-list<Words> $members
     * @param SetSize|int|null      $size   a letter height in µm for all; what the longest allows where left out
     * @param int|list<int>|null    $offset
     *
     * @throws Refused at `/set/…`
     */
    public function fit(
        Surface $surface,
        array $members,
        SetSize|int|null $size = null,
        int|array|null $offset = null,
        ?int $clearance = null,
        bool $centred = true,
    ): FittedSet {
        if ([] === $members) {
            throw new Refused('no-words', 'The roster is empty. Write one name on each line.', '/set');
        }
        $members = $this->linedUp($members);
        $fit = fn (Words $words, ?int $height): Fitted => $this->fitting
            ->fit($surface, $words, $height, $offset, $clearance, null, $centred);
        $alone = [];
        foreach ($members as $nth => $words) {
            $alone[$words->key()] ??= self::under($nth, static fn (): Fitted => $fit($words, null));
        }
        $size = $size instanceof SetSize ? $size : SetSize::one($size);
        $least = min(array_map(static fn (Fitted $fitted): int => $fitted->capHeight, $alone));
        $inBox = fn (Words $words): Fitted => $this->fitting
            ->fitTo($surface, $words, $size->wide, $size->high, $offset, $clearance, centred: $centred);
        $fitted = [];
        foreach ($members as $nth => $words) {
            $own = $alone[$words->key()];
            $wanted = $size->each ? $own->capHeight : $size->height ?? $least;
            $fitted[$words->key()] ??= match (true) {
                $size->isBox() => self::under($nth, static fn (): Fitted => $inBox($words)),
                $own->capHeight === $wanted => $own,
                default => self::under($nth, static fn (): Fitted => $fit($words, $wanted)),
            };
        }
        $member = static fn (Words $words): SetMember => new SetMember(
            $words,
            $alone[$words->key()]->capHeight,
            $fitted[$words->key()],
        );

        return new FittedSet(
            min(array_map(static fn (Fitted $each): int => $each->capHeight, $fitted)),
            array_map($member, $members),
        );
    }

    /**
     * The letter height at which the widest is so wide, the highest so high, or both just inside, µm.
     *
     * @param non-empty-list<Words> $members
     * @param int|null              $width  µm
     * @param int|null              $height µm
     * @param int|list<int>|null    $offset
     *
     * @throws Refused at `/set/…`, or where there is no such size
     */
    public function heightFor(
        Surface $surface,
        array $members,
        ?int $width,
        ?int $height,
        int|array|null $offset = null,
        ?int $clearance = null,
        bool $centred = true,
    ): int {
        $heights = [];
        foreach ($this->linedUp($members) as $nth => $words) {
            $heights[$words->key()] ??= self::under(
                $nth,
                fn (): int => $this->fitting->fitTo(
                    $surface,
                    $words,
                    $width,
                    $height,
                    $offset,
                    $clearance,
                    centred: $centred,
                )->capHeight,
            );
        }

        return min($heights);
    }

    /**
     * The set to look at while a roster is typed: heights by unfused letters, the one that
     * decides fitted exactly.
     *
     * @param non-empty-list<Words> $members
     * @param SetSize|int|null      $size   a letter height in µm for all; what the longest allows where left out
     * @param int|list<int>|null    $offset
     *
     * @return array{list<int>, list<int>, list<array{Artwork, array{int, int}, bool}>} the letter height of each, what
     *     each could have alone, and each at its height with its place and whether it fits
     */
    public function sketch(
        Surface $surface,
        array $members,
        SetSize|int|null $size = null,
        int|array|null $offset = null,
    ): array {
        $members = $this->linedUp($members);
        $room = $this->fitting->sketchRoom($surface, $offset, $members[0]->setting->mending->thicken);
        $size = $size instanceof SetSize ? $size : SetSize::one($size);
        [$alone, $common] = $this->sketchedAlone($surface, $members, $room, $size, $offset);
        $heights = $placed = [];
        foreach ($members as $words) {
            $heights[$words->key()] ??= match (true) {
                $size->isBox() => $this->inBox($words, $size),
                $size->each => $alone[$words->key()],
                default => $common,
            };
            $placed[$words->key()] ??= $this->placed($room, $words, $heights[$words->key()]);
        }

        return [
            array_map(static fn (Words $words): int => $heights[$words->key()], $members),
            array_map(static fn (Words $words): int => $alone[$words->key()], $members),
            array_map(static fn (Words $words): array => $placed[$words->key()], $members),
        ];
    }

    /**
     * @param non-empty-list<Words> $members
     * @param int|list<int>|null    $offset
     *
     * @return array{array<string, int>, int} what each could have alone, by its key, and what all have; µm
     */
    private function sketchedAlone(
        Surface $surface,
        array $members,
        Room $room,
        SetSize $size,
        int|array|null $offset,
    ): array {
        $alone = $exact = [];
        foreach ($members as $nth => $words) {
            $alone[$words->key()] ??= self::under(
                $nth,
                fn (): array => $this->fitting->sketch($surface, $room, $words),
            )[0];
        }
        $common = $size->height;
        $limit = min($alone) * ($room->isConvex() ? self::NEARLY_LEAST : self::ROUGHLY_LEAST);
        foreach (null === $common && !$size->each ? $members : [] as $words) {
            if ($alone[$words->key()] < $limit) {
                $exact[$words->key()] ??= $this->fitting->fit($surface, $words, null, $offset)->capHeight;
                $alone[$words->key()] = $exact[$words->key()];
                $common = min($common ?? \PHP_INT_MAX, $exact[$words->key()]);
            }
        }

        return [$alone, $common ?? min($alone)];
    }

    /**
     * @param non-empty-list<Words> $members
     *
     * @return non-empty-list<Words>
     */
    private function linedUp(array $members): array
    {
        $this->typesetter->shapeAll($members);

        return (new SetFrame($this->typesetter))->linedUp($members) ?: $members;
    }

    /** The letter height at which unfused letters are just inside, µm. */
    private function inBox(Words $words, SetSize $size): int
    {
        $box = $this->typesetter->sketch($words)->box();
        $share = min(
            null === $size->wide ? \INF : $size->wide / max(1, $box->width()),
            null === $size->high ? \INF : $size->high / max(1, $box->height()),
        );

        return max(Typesetter::SMALLEST, min(Typesetter::LARGEST, (int) floor(Glyphs::SKETCH_HEIGHT * $share)));
    }

    /** @return array{Artwork, array{int, int}, bool} */
    private function placed(Room $room, Words $words, int $capHeight): array
    {
        $sketch = $this->typesetter->sketch($words)->put($capHeight / Glyphs::SKETCH_HEIGHT, 0, 0);
        $artwork = Artwork::fromLayers([
            new Layer(
                Layer::TOP,
                $words->setting->mending->isNothing()
                    ? $sketch
                    : $words->setting->mending->apply(Geos::union([$sketch])),
            ),
        ]);
        $middle = Fitting::middle($room);
        $room = $room instanceof AnchoredRoom ? $room->leaning($words->setting->lean) : $room;
        $shape = $room->isConvex() ? $sketch : Geos::union([$sketch]);
        $place =
            $room->largest($shape, true)->middle(1.0, $middle) ??
            $room->largest($shape, true)->middle(1 / self::NEARLY_LEAST, $middle);
        $box = $artwork->box();
        [$x, $y] = $place ?? $middle;

        return [$artwork, [(int) round($x - $box->width() / 2), (int) round($y - $box->height() / 2)], null !== $place];
    }

    /**
     * Members that hold the others back, each with what would help: the letter height it could
     * have in two lines, condensed, or in a narrower face.
     *
     * @param non-empty-list<Words> $members
     * @param list<int>          $heights what each could have alone, µm
     * @param list<Face>         $faces   to choose a narrower one from
     * @param int|list<int>|null $offset
     *
     * @return array<int, list<Proposal>> by member, µm
     */
    public function outliers(
        Surface $surface,
        array $members,
        array $heights,
        array $faces,
        int|array|null $offset = null,
    ): array {
        $sorted = $heights;
        sort($sorted);
        $middle = $sorted[intdiv(\count($sorted), 2)];
        $outliers = [];
        foreach ($members as $nth => $words) {
            if ($heights[$nth] < self::OUTLIER * $middle) {
                $outliers[$nth] =
                    \count($outliers) < self::MOST_PROPOSED
                        ? $this->proposals($surface, $words, $heights[$nth], $faces, $offset)
                        : [];
            }
        }

        return $outliers;
    }

    /**
     * @param list<Face>         $faces
     * @param int|list<int>|null $offset
     *
     * @return list<Proposal>
     */
    private function proposals(Surface $surface, Words $words, int $alone, array $faces, int|array|null $offset): array
    {
        $room = $this->fitting->sketchRoom($surface, $offset, $words->setting->mending->thicken);
        $try = function (Words $other) use ($surface, $room): int {
            try {
                return $this->fitting->sketch($surface, $room, $other)[0];
            } catch (Refused) {
                return 0;
            }
        };
        $proposals = [];
        $broken = 1 === \count($words->lines) ? self::broken($words->lines[0]) : null;
        if (null !== $broken) {
            $proposals[] = [
                'do' => 'two-lines',
                'says' => 'in two lines',
                'lines' => $broken,
                'alone' => $try(Words::set($words->face, $broken, $words->setting->arranged(Arrangement::Stack))),
            ];
        }
        $most = $this->rules->value(Rule::CondenseMost);
        if ($words->setting->condense < $most) {
            $proposals[] = [
                'do' => 'condense',
                'says' => "condensed by $most %",
                'condense' => $most,
                'alone' => $try($words->with($words->setting->condensed($most))),
            ];
        }
        $narrower = $this->narrower($words, $faces);
        if (null !== $narrower) {
            $proposals[] = [
                'do' => 'face',
                'says' => "in $narrower->name",
                'face' => $narrower->slug,
                'alone' => $try(Words::set($narrower, $words->lines, $words->setting)),
            ];
        }

        return array_values(array_filter($proposals, static fn (array $proposal): bool => $proposal['alone'] > $alone));
    }

    /** @param list<Face> $faces */
    private function narrower(Words $words, array $faces): ?Face
    {
        $best = null;
        $least = \INF;
        foreach ($faces as $face) {
            if (!str_contains($face->style, 'condensed') || $face->slug === $words->face->slug) {
                continue;
            }
            try {
                $long = max(0.0, ...$this->typesetter->lengths(Words::set($face, $words->lines, $words->setting)));
            } catch (Refused) {
                continue;
            }
            [$best, $least] = $long < $least ? [$face, $long] : [$best, $least];
        }

        return $best;
    }

    /**
     * At the space or hyphen nearest to the middle.
     *
     * @return array{string, string}|null
     */
    private static function broken(string $line): ?array
    {
        $best = null;
        $long = mb_strlen($line);
        preg_match_all('~(?<=\S)(?: +|(?<=-))(?=\S)~u', $line, $found, \PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$space, $byte]) {
            $at = mb_strlen(substr($line, 0, $byte));
            if (null === $best || abs($at - $long / 2) < abs($best[0] - $long / 2)) {
                $best = [$at, mb_substr($line, 0, $at), mb_substr($line, $at + mb_strlen($space))];
            }
        }

        return null === $best ? null : [$best[1], $best[2]];
    }

    /**
     * @template T
     *
     * @param \Closure(): T $fit
     *
     * @return T
     */
    private static function under(int $nth, \Closure $fit): mixed
    {
        try {
            return $fit();
        } catch (Refused $refused) {
            throw 1 === preg_match('~^/lines~', $refused->at) ? $refused->under("/set/$nth") : $refused;
        }
    }
}
