<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

/**
 * Snags of one kind, told once: how many there are, the worst of them, and cures that help all.
 *
 * @phpstan-import-type Cure from Snag
 */
final readonly class SnagGroup
{
    /**
     * @param int                    $limit µm
     * @param int                    $found the worst, µm
     * @param list<array{int, int}>  $spots µm, in the artwork's frame, the worst first
     * @param list<Cure>             $cures
     * @param float                  $excess how far past its limit the worst is, as a snag tells it
     */
    private function __construct(
        public SnagCode $code,
        public Severity $severity,
        public int $limit,
        public int $found,
        public int $count,
        public array $spots,
        public string $message,
        public array $cures,
        public float $excess,
    ) {
    }

    /**
     * @param list<Snag> $snags
     *
     * @return list<self> stops first, each kind where its first stood
     */
    public static function all(array $snags): array
    {
        $groups = [];
        foreach ($snags as $snag) {
            // What is measured at a spot repeats itself; the rest says something of its own each time.
            $groups[null === $snag->at ? \count($groups) : "{$snag->code->value} {$snag->severity->value}"][] = $snag;
        }

        return self::sorted(array_map(self::ofSnags(...), array_values($groups)));
    }

    /**
     * What is found in several decals: each kind as it stands in the one it is worst in, what is only said once.
     *
     * @param list<list<self>> $decals
     *
     * @return list<self> stops first
     */
    public static function worst(array $decals): array
    {
        $worst = [];
        foreach (array_merge([], ...$decals) as $group) {
            $isOnlySaid = [] === $group->spots && 0 === $group->found;
            $kind = "{$group->severity->value} {$group->code->value} ".($isOnlySaid ? $group->message : '');
            $known = $worst[$kind] ?? null;
            if (null === $known || $group->excess > $known->excess) {
                $worst[$kind] = $group;
            }
        }

        return self::sorted(array_values($worst));
    }

    /**
     * @param list<self> $groups
     *
     * @return list<self> stops first
     */
    private static function sorted(array $groups): array
    {
        usort($groups, static fn (self $a, self $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $groups;
    }

    /** @param non-empty-list<Snag> $snags */
    private static function ofSnags(array $snags): self
    {
        usort($snags, static fn (Snag $a, Snag $b): int => $b->excess() <=> $a->excess());
        $worst = $snags[0];
        $spots = array_values(array_filter(array_map(static fn (Snag $snag): ?array => $snag->at, $snags)));

        return new self(
            $worst->code,
            $worst->severity,
            $worst->limit,
            $worst->found,
            \count($snags),
            $spots,
            1 === \count($snags) ? $worst->message : self::message($worst, \count($snags)),
            self::cures($snags),
            $worst->excess(),
        );
    }

    private static function message(Snag $worst, int $count): string
    {
        [$found, $limit] = [round($worst->found / 1000, 2).' mm', round($worst->limit / 1000, 2).' mm'];

        return match ($worst->code) {
            SnagCode::ThinStroke => "$count strokes are too thin, the worst $found wide. Under $limit they tear when "
                .'they are weeded and do not last.',
            SnagCode::SmallIsland => "$count parts that touch nothing are too small, the worst $found across. Under "
                ."$limit they get lost in weeding or fall off.",
            SnagCode::SmallCounter => "$count insides are too small, the worst $found across. Under $limit the hook "
                .'cannot lift them out.',
            SnagCode::TightGap => "$count gaps are too narrow, the worst $found. Under $limit the film between will "
                .'not come out clean.',
            default => $worst->message,
        };
    }

    /**
     * Each kind of cure once, with the figure that helps all; one that not all have helps none.
     *
     * @param non-empty-list<Snag> $snags
     *
     * @return list<Cure>
     */
    private static function cures(array $snags): array
    {
        $cures = $times = [];
        foreach ($snags as $snag) {
            foreach ($snag->cures as $cure) {
                $do = $cure['do']->value;
                $known = $cures[$do] ?? $cure;
                $times[$do] = 1 + ($times[$do] ?? 0);
                if (isset($cure['by'], $known['by'])) {
                    $cure['by'] = max($cure['by'], $known['by']);
                }
                if (isset($cure['capHeight'], $known['capHeight'])) {
                    $cure['capHeight'] = max($cure['capHeight'], $known['capHeight']);
                }
                $cures[$do] = $cure;
            }
        }

        return array_values(
            array_filter($cures, static fn (array $cure): bool => ($times[$cure['do']->value] ?? 0) === \count($snags)),
        );
    }
}
