<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Largest;
use Yelbo\Trade\Geometry\Room;

/**
 * Words in a room that is flat: as large as there is room, or at a letter height, where they belong. Source: handbook
 * section 4.
 */
final readonly class FlatFitting
{
    private LargestOnCircle $circles;
    /** @var \WeakMap<Words, array{Room, array{int, Largest}}> the largest of words, and in which room */
    private \WeakMap $largest;

    public function __construct(private Typesetter $typesetter)
    {
        $this->circles = new LargestOnCircle($typesetter);
        $this->largest = new \WeakMap();
    }

    /**
     * @param array{float, float}  $middle of what is safe, µm
     * @param int|list<int>|null   $offset
     * @param array{int, int}|null $at
     * @param int|null             $ring   the largest letter height of a ring round a hole
     */
    public function fit(
        array $middle,
        Room $room,
        Room $inner,
        Words $words,
        ?int $capHeight,
        int|array|null $offset,
        ?array $at,
        ?int $ring,
    ): Fitted {
        [$reference, $scale] = match (true) {
            null !== $ring => [$ring, new Centred($this->typesetter->top($words, $ring), $inner, $middle)],
            default => $this->known($words, $inner, $middle),
        };
        $largest = $ring ?? (int) floor($reference * ($words->setting->isProportional() ? $scale->scale() : 1));
        $chosen = $capHeight ?? $largest;
        if ($chosen < Typesetter::SMALLEST) {
            throw NoRoom::forWords();
        }
        $top = $this->typesetter->top($words, $chosen, $reference);
        $artwork = $this->typesetter->films->layers($words, $top, $chosen, $offset);
        $box = $artwork->box();
        $place = match (true) {
            null !== $at => [$at[0] + $box->width() / 2, $at[1] + $box->height() / 2],
            $chosen === $reference || $words->setting->isProportional() => $scale
                ->middle($chosen / $reference, $middle) ?? $middle,
            default => $inner->largest($top)->middle(1.0, $middle) ?? $middle,
        };
        // What was mended away at one side does not move the rest.
        [$x, $y] =
            null === $at && !$words->setting->mending->isNothing()
                ? self::apart($top->box(), $this->typesetter->films->mended($words, $top)->box())
                : [0, 0];
        $place = [$place[0] + $x, $place[1] + $y];
        $corner = [(int) round($place[0] - $box->width() / 2), (int) round($place[1] - $box->height() / 2)];

        return new Fitted(
            $chosen,
            $largest,
            $artwork,
            $corner,
            $room->region(),
            $room->holds($artwork->outermost(), $corner),
            $words,
        );
    }

    /**
     * The same words in the same room are asked for at one height after the other.
     *
     * @param array{float, float} $middle µm
     *
     * @return array{int, Largest}
     */
    private function known(Words $words, Room $inner, array $middle): array
    {
        [$in, $largest] = $this->largest[$words] ?? [null, null];
        if ($in !== $inner || null === $largest) {
            $largest = $words->setting->isProportional()
                ? $this->largest($words, $inner)
                : $this->circles->largest($words, $inner, $middle);
            $this->largest[$words] = [$inner, $largest];
        }

        return $largest;
    }

    /**
     * Sets the words near the size they will end at, so that curves are as fine as they should be.
     *
     * @return array{int, Largest}
     */
    private function largest(Words $words, Room $inner): array
    {
        $room = $inner->region();
        $reference = $this->typesetter->guess($words, $room->isEmpty() ? Box::sized(1, 1) : $room->box());
        for ($round = 0;; ++$round) {
            $largest = $inner->largest($this->typesetter->top($words, $reference));
            $better = Typesetter::reference(max(1000, (int) floor($reference * $largest->scale())));
            if ($better <= $reference || $round >= 2) {
                return [$reference, $largest];
            }
            $reference = $better;
        }
    }

    /** @return array{float, float} from the middle of one box to another's, µm */
    private static function apart(Box $one, Box $other): array
    {
        return [
            ($other->left + $other->right - $one->left - $one->right) / 2,
            ($other->top + $other->bottom - $one->top - $one->bottom) / 2,
        ];
    }
}
