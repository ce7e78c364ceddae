<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Measure\Length;

/** What a cure that was tried comes to, in words. */
final class CureEffect
{
    /** What a cure may bring along, as it is told beside it. */
    private const BROUGHT = [
        'too-large-for-machine' => 'to be cut in panels',
        'too-large-for-film' => 'to be cut in panels',
        'too-wide-for-tape' => 'strips of tape side by side',
        'too-small-to-read' => 'hard to read from afar',
        'film-and-use' => 'the film is not for that use',
        'film-and-surface' => 'the film is not for that surface',
        'droop' => 'the middle of the line hangs',
        'ball-strain' => 'snips between the letters',
        'patterned' => 'mind which way the pattern runs',
        'indoors-only' => 'for indoors only',
    ];

    private function __construct()
    {
    }

    /**
     * How large it is then, what of it changes, and what comes along.
     *
     * @param non-empty-array<int, Fitted> $drawn   before
     * @param non-empty-array<int, Fitted> $redrawn after
     * @param list<SnagGroup>              $before
     * @param list<SnagGroup>              $after
     */
    public static function inWords(array $drawn, array $redrawn, array $before, array $after): string
    {
        return implode(
            ', ',
            [self::size($redrawn), ...self::changes($drawn, $redrawn), ...self::brought($before, $after)],
        );
    }

    /** @param non-empty-array<int, Fitted> $drawn */
    private static function size(array $drawn): string
    {
        $fitted = reset($drawn);
        $box = $fitted->artwork->box();
        $letters = 'letters '.Length::micrometres($fitted->capHeight)->inMetric().' mm';
        $size = \sprintf(
            '%s × %s mm over all',
            Length::micrometres($box->width())->inMetric(),
            Length::micrometres($box->height())->inMetric(),
        );

        return match (true) {
            null !== $fitted->words->art => $size,
            \count($drawn) > 1 => "$letters on all",
            default => "$letters, $size",
        };
    }

    /**
     * Parts and insides of a single decal that are gone or have come.
     *
     * @param non-empty-array<int, Fitted> $before
     * @param non-empty-array<int, Fitted> $after
     *
     * @return list<string>
     */
    private static function changes(array $before, array $after): array
    {
        if (\count($after) > 1) {
            return [];
        }
        $one = reset($before)->artwork->top();
        $other = reset($after)->artwork->top();
        $says = [];
        if (\count($one->polygons) !== \count($other->polygons)) {
            $says[] = self::many(\count($one->polygons), 'part').\count($other->polygons);
        }
        if ($one->holes() !== $other->holes()) {
            $says[] = self::many($one->holes(), 'inside').$other->holes();
        }

        return $says;
    }

    private static function many(int $count, string $what): string
    {
        return 1 === $count ? "1 $what becomes " : "$count {$what}s become ";
    }

    /**
     * What stays, and what has come that was not there before.
     *
     * @param list<SnagGroup> $before
     * @param list<SnagGroup> $after
     *
     * @return list<string>
     */
    private static function brought(array $before, array $after): array
    {
        $left = array_sum(array_map(static fn (SnagGroup $stop): int => $stop->count, self::stops($after)));
        $says = 0 === $left ? [] : ["$left other ".(1 === $left ? 'stop stays' : 'stops stay')];
        $known = array_map(static fn (SnagGroup $group): string => $group->code->value, $before);
        foreach ($after as $group) {
            if (!\in_array($group->code->value, $known, true) && isset(self::BROUGHT[$group->code->value])) {
                $says[self::BROUGHT[$group->code->value]] = 'then '.self::BROUGHT[$group->code->value];
            }
        }

        return array_values($says);
    }

    /**
     * What stops, by its kind.
     *
     * @param list<SnagGroup> $groups
     *
     * @return array<string, SnagGroup>
     */
    public static function stops(array $groups): array
    {
        $stops = [];
        foreach ($groups as $group) {
            if (Severity::Stop === $group->severity) {
                $stops[$group->code->value] = $group;
            }
        }

        return $stops;
    }
}
