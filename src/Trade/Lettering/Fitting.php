<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Anchor;
use Yelbo\Trade\Geometry\AnchoredRoom;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Development;
use Yelbo\Trade\Object\OddShape;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * The largest size at which every point of the outline lies in the object's safe area,
 * proportions locked. On a taper whose curve would show, the art is bent along it.
 * Source: handbook section 4, "Fit"; section 3, development of a taper.
 */
final readonly class Fitting
{
    /** µm: more than rounding to the grid can move a corner outwards. */
    private const ROUNDING = 2;
    private const MOST_TRIES = 24;
    /** µm: larger than anything. */
    private const ANY_SIZE = 1_000_000_000;

    private OnTaper $onTaper;
    private RingRound $rings;
    private PartsOnBall $onBall;
    private FlatFitting $flat;
    private AllRound $allRound;
    /** @var \WeakMap<Surface, array<string, array{Room, Room, Room}>> */
    private \WeakMap $rooms;

    /** @param int $step µm; sizes that fit are told in whole steps, rounded down, so that what is told fits */
    public function __construct(private Typesetter $typesetter, private Rules $rules, private int $step = 1)
    {
        $this->onTaper = new OnTaper($typesetter);
        $this->rings = new RingRound($typesetter);
        $this->onBall = new PartsOnBall($typesetter);
        $this->flat = new FlatFitting($typesetter);
        $this->allRound = new AllRound($typesetter);
        $this->rooms = new \WeakMap();
    }

    /**
     * @param int|null             $capHeight µm; the largest that fits where it is left out
     * @param int|list<int>|null   $offset    widths of the layers underneath, µm
     * @param int|null             $clearance µm; by the shop's rule where it is left out
     * @param array{int, int}|null $at        left and top where the art is wanted; the middle where left out
     * @param bool                 $centred   its middle on the object's; else the largest anywhere
     * @param float                $strain    of a ball: the share by which the edge of a part may have to shrink; by
     *     the
     *     shop's rule where it is left out
     *
     * @throws Refused where the object leaves no room, or the words cannot be set
     */
    public function fit(
        Surface $surface,
        Words $words,
        ?int $capHeight = null,
        int|array|null $offset = null,
        ?int $clearance = null,
        ?array $at = null,
        bool $centred = true,
        ?float $strain = null,
    ): Fitted {
        $shares = $this->typesetter->shares($words);
        $strain ??= $this->rules->share(Rule::BallFlat);
        $fitted = $this->exactly($surface, $words, $capHeight, $offset, $clearance, $at, $centred, $strain)
            ->ofLines($shares);
        $told = intdiv($fitted->largest, $this->step) * $this->step;
        if ($told === $fitted->largest || $told < Typesetter::SMALLEST) {
            return $fitted;
        }

        return (
            null === $capHeight
                ? $this->exactly($surface, $words, $told, $offset, $clearance, $at, $centred, $strain)->ofLines($shares)
                : $fitted
        )->upTo($told);
    }

    /**
     * @param int|list<int>|null   $offset
     * @param array{int, int}|null $at
     */
    private function exactly(
        Surface $surface,
        Words $words,
        ?int $capHeight,
        int|array|null $offset,
        ?int $clearance,
        ?array $at,
        bool $centred,
        float $strain,
    ): Fitted {
        $fit = fn (Words $words, ?int $capHeight): Fitted => $this->placed(
            $surface,
            $words,
            $capHeight,
            $offset,
            $clearance,
            $at,
            $centred,
            $strain,
        );

        return Arrangement::AllRound === $words->setting->arrangement
            ? $this->allRound->fit($surface, $words, $capHeight, $fit)
            : $fit($words, $capHeight);
    }

    /**
     * @param int|list<int>|null   $offset
     * @param array{int, int}|null $at
     */
    private function placed(
        Surface $surface,
        Words $words,
        ?int $capHeight,
        int|array|null $offset,
        ?int $clearance,
        ?array $at,
        bool $centred,
        float $strain,
    ): Fitted {
        $grown = max([0, ...(array) $offset]) + $words->setting->mending->thicken;
        [$room, $free, $inner] = $this->rooms(
            $surface,
            $clearance,
            self::ROUNDING + $grown,
            $centred && null === $at,
            $words->setting->lean,
        );
        $middle = self::middle($room);
        [$words, $ring] = $this->rings->ringed($words, $free, $middle, $capHeight);
        $base = self::base($surface);
        if ($base instanceof Taper) {
            $fitted = $this->onTaper->fit($base, $room, $inner, $words, $capHeight, $offset, $at, $middle);
            if (null !== $fitted && $fitted->droop > Development::SHOWS) {
                return $fitted;
            }
        }
        $fit = fn (?int $height): Fitted => $this->flat
            ->fit($middle, $room, $inner, $words, $height, $offset, $at, $ring);

        return match (true) {
            $base instanceof Taper => self::hanging($base, $fit($capHeight)),
            $base instanceof Ball => $this->strained($base, $fit, $capHeight, $offset, $strain),
            default => $fit($capHeight),
        };
    }

    /**
     * The room on an object: what is safe, what of that is left for the corners of art, and that with art's middle
     * where it belongs. Whatever is fitted there has the same.
     *
     * @param int $inset µm
     *
     * @return array{Room, Room, Room}
     *
     * @throws Refused where the object leaves none
     */
    private function rooms(Surface $surface, ?int $clearance, int $inset, bool $anchored, float $lean): array
    {
        $known = $this->rooms[$surface] ?? [];
        $key = "$clearance $inset ".($anchored ? $lean : 'free');
        if (!isset($known[$key])) {
            $room = $surface->safe($clearance ?? $surface->clearance($this->rules));
            if ($room->region()->isEmpty()) {
                throw NoRoom::on($surface, $clearance, $this->rules);
            }
            $free = $room->inset($inset);
            $inner = $anchored ? self::anchored(self::base($surface), $free, self::middle($room), $lean) : $free;
            $this->rooms[$surface] = [...$known, $key => [$room, $free, $inner]];

            return [$room, $free, $inner];
        }

        return $known[$key];
    }

    private static function base(Surface $surface): Surface
    {
        return $surface instanceof SurfaceLessKeepOuts ? $surface->surface : $surface;
    }

    /** What is fitted to a taper's wall as if it were flat, and how far it hangs there. */
    private static function hanging(Taper $taper, Fitted $flat): Fitted
    {
        $box = $flat->artwork->box();
        [, $y] = $taper->straightened($flat->at[0] + $box->width() / 2, $flat->at[1] + $box->height());
        $droop = $taper->development->droop($taper->development->apexRadius - $taper->radiusAt($y), $box->width());

        return $flat->drooping((int) round($droop));
    }

    /**
     * @param \Closure(int|null): Fitted $fit    at a letter height, µm; as large as there is room where left out
     * @param int|list<int>|null         $offset
     */
    private function strained(
        Ball $ball,
        \Closure $fit,
        ?int $capHeight,
        int|array|null $offset,
        float $strain,
    ): Fitted {
        $flat = $fit($capHeight);
        $most = $this->onBall->lyingFlat($ball, $flat->words, $flat, $offset, $strain);
        if (null === $capHeight && $most < $flat->capHeight) {
            $flat = $fit($most);
        }

        return $flat->strained($ball->strain(PartsOnBall::reach($flat->artwork->outermost())), $most);
    }

    /**
     * At the size at which the art's box is so wide, or so high, or just inside of both.
     *
     * @param int|null             $width  µm
     * @param int|null             $height µm
     * @param int|list<int>|null   $offset
     * @param array{int, int}|null $at
     *
     * @throws Refused where there is no such size
     */
    public function fitTo(
        Surface $surface,
        Words $words,
        ?int $width,
        ?int $height,
        int|array|null $offset = null,
        ?int $clearance = null,
        ?array $at = null,
        bool $centred = true,
    ): Fitted {
        if (Arrangement::AllRound === $words->setting->arrangement && null !== $width) {
            throw new Refused(
                'no-such-size',
                'Words that go all round are as wide as the object is round. Say how high they are.',
                '/width',
            );
        }
        $wanted = Box::sized($width ?? self::ANY_SIZE, $height ?? self::ANY_SIZE);
        $chosen = max(Typesetter::SMALLEST, min(Typesetter::LARGEST, $this->typesetter->guess($words, $wanted)));
        $best = null;
        for ($round = 0; $round < self::MOST_TRIES; ++$round) {
            $fitted = $this->fit($surface, $words, $chosen, $offset, $clearance, $at, $centred);
            $box = $fitted->artwork->box();
            $share = min($wanted->width() / max(1, $box->width()), $wanted->height() / max(1, $box->height()));
            if ($share >= 1 && (null === $best || $fitted->capHeight > $best->capHeight)) {
                $best = $fitted;
            }
            $next = (int) floor($chosen * $share);
            $next = $next === $chosen && $share < 1 ? $chosen - 1 : $next;
            if ($next < Typesetter::SMALLEST || $next > Typesetter::LARGEST || $next === $best?->capHeight) {
                break;
            }
            $chosen = $next;
        }

        return $best ??
            throw new Refused(
                'no-such-size',
                'These words cannot be set at this size. Letters are from half a millimetre to 20 m high.',
                null === $width ? '/height' : '/width',
            );
    }

    /**
     * The middle of an object is the middle of the box of what is safe on it: a lip or a rim kept clear moves it, a
     * hole or a hinge inside does not. Source: handbook section 3, "First sizes".
     *
     * @return array{float, float} µm
     */
    public static function middle(Room $room): array
    {
        $box = $room->region()->isEmpty() ? Box::sized(0, 0) : $room->region()->box();

        return [($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2];
    }

    /**
     * Art's middle is on the object's middle; of an odd shape that is the same on both sides on its axis, of any other
     * nowhere.
     *
     * @param array{float, float} $middle µm
     * @param float               $lean   of art that is lined up with others of its set
     */
    public static function anchored(Surface $surface, Room $room, array $middle, float $lean = 0.0): Room
    {
        $axis = $surface instanceof OddShape ? $surface->axis() : null;

        return match (true) {
            null !== $axis => new AnchoredRoom($room, new Anchor($axis, null)),
            $surface instanceof OddShape => $room,
            default => new AnchoredRoom($room, new Anchor($middle[0], $middle[1], $lean)),
        };
    }
}
