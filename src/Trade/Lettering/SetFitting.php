<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\AnchoredRoom;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/**
 * Sets match by letter height, not by box: the height the longest allows is given to all, unless each is to be as large
 * as it can be, or to fill a box. Words that repeat are set once. Source: handbook section 4, "Sets" and "Long lists".
 */
final readonly class SetFitting
{
    /** Sketched heights are true to a thousandth: who comes within this of the least is fitted exactly. */
    private const NEARLY_LEAST = 1.006;
    private const ROUGHLY_LEAST = 1.03;

    private Fitting $fitting;
    private SketchFitting $sketches;

    /** @param int $step µm; as in `Fitting` */
    public function __construct(private Typesetter $typesetter, private Rules $rules, int $step = 1)
    {
        $this->fitting = new Fitting($typesetter, $rules, $step);
        $this->sketches = new SketchFitting($typesetter, $rules);
    }

    /**
     * @param non-empty-list<Words> $members
     * @param SetSize|int|null      $size   a letter height in µm for all; what the longest allows where left out
     * @param int|list<int>|null    $offset
     * @param (\Closure(int, int): void)|null $after told so many times how often, and of how often in all
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
        ?\Closure $after = null,
    ): FittedSet {
        if ([] === $members) {
            throw new Refused('no-words', 'The roster is empty. Write one name on each line.', '/set');
        }
        $members = $this->linedUp($members);
        $fit = fn (Words $words, ?int $height): Fitted => $this->fitting
            ->fit($surface, $words, $height, $offset, $clearance, null, $centred);
        $alone = [];
        $many = \count($members);
        foreach ($members as $nth => $words) {
            $alone[$words->key()] ??= self::under($nth, static fn (): Fitted => $fit($words, null));
            null === $after || $after($nth + 1, 2 * $many);
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
            null === $after || $after($many + $nth + 1, 2 * $many);
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
        $room = $this->sketches->room($surface, $offset, $members[0]->setting->mending->thicken);
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
                fn (): array => $this->sketches->sketch($surface, $room, $words),
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
