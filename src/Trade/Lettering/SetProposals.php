<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What would bring those of a set that hold the others back nearer to them. Source: handbook section 4.
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
final readonly class SetProposals
{
    /** Of the middle one's height: who allows less holds the others back. */
    private const OUTLIER = 0.75;
    /** Members that proposals are worked out for. */
    private const MOST_PROPOSED = 12;

    private SketchFitting $sketches;

    public function __construct(private Typesetter $typesetter, private Rules $rules)
    {
        $this->sketches = new SketchFitting($typesetter, $rules);
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
        $room = $this->sketches->room($surface, $offset, $words->setting->mending->thicken);
        $try = function (Words $other) use ($surface, $room): int {
            try {
                return $this->sketches->sketch($surface, $room, $other)[0];
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
}
