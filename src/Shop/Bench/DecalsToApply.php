<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Batches\CutParts;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Orders\CareCard;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\PieceWeeding;
use Yelbo\Trade\Bench\LevelLine;
use Yelbo\Trade\Bench\Taping;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Cylinder;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Plan\Decal;
use Yelbo\Trade\Plan\FilmDetail;
use Yelbo\Trade\Plan\FilmParts;
use Yelbo\Trade\Plan\OtherFilms;
use Yelbo\Trade\Plan\SnipPlaces;
use Yelbo\Trade\Plan\Substrate;
use Yelbo\Trade\Plan\TapePiece;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Time\Paint;

/** What a piece is as it is put on: its size and place, its object, its tape, and what of it asks for care. */
final readonly class DecalsToApply
{
    private const BLOCKS = [Rule::BlockLargest, Rule::BlockLarge, Rule::BlockSmall, Rule::BlockSmallest];

    public function __construct(
        private Materials $materials,
        private CutParts $cutParts,
        private PieceWeeding $weeding,
        private Outlines $outlines,
        private CareCard $care,
        private ClockInterface $clock,
        private Cache $cache,
    ) {
    }

    /** All that decides how a piece is put on. */
    public function of(Piece $piece): Decal
    {
        $rules = $this->materials->rulesFor($piece->thing());
        $item = $piece->item();
        $object = $item->object();
        $size = $piece->drawn()->isOnTop() ? $piece->drawn()->joinedSize() : $piece->drawn()->cutSize();
        [$left, $top] = [$piece->drawn()->joinedLeft(), $piece->drawn()->joinedTop()];
        $cover = Taping::cover($size, $item->useOf(), $rules);

        return new Decal(
            $piece->film()->grade(),
            $item->useOf(),
            $this->substrate($piece, $size, $rules),
            $size,
            $left,
            $top,
            new TapePiece(
                $this->materials->tape($piece),
                $cover,
                -$cover->top - $rules->micrometres(Rule::TapeMargin),
                $this->materials->strips($piece),
            ),
            $this->detail($piece, $rules),
            new OtherFilms(
                array_map(static fn (Piece $other): string => $other->tag(), \array_slice($piece->joined(), 1)),
                self::beside($piece),
            ),
            $item->isAppliedHere(),
            $item->finish(),
            $this->care->ofThing($piece->thing(), false),
        );
    }

    private function substrate(Piece $piece, Size $art, Rules $rules): Substrate
    {
        $object = $piece->item()->object();
        $painted = $object->paintedOn();
        $paint = null === $painted ? null : new Paint($painted, $rules);
        $now = $this->clock->now();
        $middle = $piece->drawn()->joinedLeft()->plus($art->width->times(0.5));
        $top = $piece->drawn()->joinedTop();

        return new Substrate(
            $object->shape(),
            $object->size(),
            $object->material(),
            $object->isInside(),
            $object->edgeOf(
                $this->outlines
                    ->region($piece->drawn()->outline())
                    ->moved($piece->drawn()->left()->micrometres, $piece->drawn()->top()->micrometres),
            ),
            $object->corners(),
            null === $paint || $paint->curedAt() <= $now ? '' : $paint->curedAt()->format('D j M, H:i'),
            null !== $paint && $paint->isYoung($now),
            self::level($object, $middle, $top->plus($art->height), $rules),
            self::alongTheWall($object, $middle, $top),
            array_map(
                static fn (array $feature): array => [
                    $feature['label'],
                    $piece->drawn()->joinedLeft()->micrometres + intdiv($art->width->micrometres, 2) - $feature['x'],
                    $top->micrometres + intdiv($art->height->micrometres, 2) - $feature['y'],
                ],
                $object->features(),
            ),
        );
    }

    private function detail(Piece $piece, Rules $rules): FilmDetail
    {
        $item = $piece->item();
        $left = $piece->drawn()->joinedLeft()->micrometres;
        $layers = $piece->drawn()->isOnTop() ? $piece->joined() : [$piece];
        $seams = array_map(static fn (int $x): int => $x - $left, $item->object()->seams());
        [$loose, $solid, $onSeams] = $this->parts($piece, $seams, $rules);

        return new FilmDetail(
            $this->cutParts->of($piece),
            array_sum(array_map(fn (Piece $layer): int => \count($this->weeding->weeding($layer)->keeps), $layers)),
            SnipPlaces::of($this->outlines->region($piece->drawn()->outline())->moved(
                $piece->drawn()->left()->micrometres - $left,
                $piece->drawn()->top()->micrometres - $piece->drawn()->joinedTop()->micrometres,
            )),
            // Letters in a frame are no insides of letters; and what is joined lies on what is under it.
            $item->design()->hasInsides() && 1 === \count($layers) ? $loose : 0,
            $solid,
            $onSeams,
        );
    }

    /**
     * What of all that is lifted together asks for care, in the art's own frame; found once for each decal.
     *
     * @param list<int> $seams where upright seams run, µm
     *
     * @return array{int, list<array{int, int, int}>, list<array{int, int, int}>} loose, solid and on a seam, as
     *     FilmParts tells them
     */
    private function parts(Piece $piece, array $seams, Rules $rules): array
    {
        $layers = array_map(
            static fn (Piece $layer): array => [
                $layer->drawn()->outline(),
                $layer->drawn()->left()->micrometres - $piece->drawn()->joinedLeft()->micrometres,
                $layer->drawn()->top()->micrometres - $piece->drawn()->joinedTop()->micrometres,
            ],
            $piece->drawn()->isOnTop() ? $piece->joined() : [$piece],
        );

        return $this->cache->recall(
            'film-parts.'.hash('xxh128', serialize([$layers, $seams, $rules->micrometres(Rule::BubblesOver)])),
            function () use ($layers, $seams, $rules): array {
                $parts = new FilmParts(Geos::union(array_map(
                    fn (array $layer): Region => $this->outlines->region($layer[0])->moved($layer[1], $layer[2]),
                    $layers,
                )));

                return [$parts->loose(), $parts->solid($rules), $parts->on($seams)];
            },
        );
    }

    /** @return list<string> other films of its decal that touch it nowhere and go on before it: the largest first */
    private static function beside(Piece $piece): array
    {
        $before = [];
        foreach ($piece->thing()->films()->tops() as $other) {
            if ($other === $piece) {
                break;
            }
            if ($other->nth() === $piece->nth()) {
                $before[] = $other->tag();
            }
        }

        return $piece->drawn()->isOnTop() ? $before : [];
    }

    /**
     * Of a taper, from the middle of its front and from its upper edge, along the wall; none of anything else.
     *
     * @return array{int, int}|null µm
     */
    private static function alongTheWall(MeasuredObject $object, Length $middle, Length $top): ?array
    {
        $surface = $object->surface();
        if (!$surface instanceof Taper) {
            return null;
        }
        [$across, $down] = $surface->straightened($middle->micrometres, $top->micrometres);

        return [(int) round($across), max(0, (int) round($down))];
    }

    /** The height of the art's foot above the table, on what stands on its base; none of anything else. */
    private static function level(MeasuredObject $object, Length $middle, Length $foot, Rules $rules): ?LevelLine
    {
        $surface = $object->surface();
        $height = match (true) {
            $surface instanceof Cylinder => $surface->wall()->height->micrometres - $foot->micrometres,
            $surface instanceof Taper => LevelLine::upright(
                $surface->wall()->height->micrometres,
                (int) round($surface->straightened($middle->micrometres, $foot->micrometres)[1]),
                (int) round(
                    ($surface->development->wide->micrometres - $surface->development->narrow->micrometres) /
                        (2 * \M_PI),
                ),
            ),
            default => null,
        };
        $blocks = array_map($rules->micrometres(...), self::BLOCKS);

        return null === $height ? null : LevelLine::at($height, array_values(array_filter($blocks)));
    }
}
