<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/**
 * Lines up the members of a set: where a word stands on several of them, it stands at the same place on each. Their
 * baselines are as far apart as the one that needs most, and what lies in the middle is the box round all of them.
 * Source: handbook section 3, "First sizes".
 */
final readonly class SetFrame
{
    public function __construct(private Typesetter $typesetter)
    {
    }

    /**
     * @param list<Words> $members
     *
     * @return list<Words> the same, those with a line in common lined up
     */
    public function linedUp(array $members): array
    {
        $alike = [];
        foreach ($members as $nth => $words) {
            if (self::isStack($words)) {
                $alike[\count($words->lines)][$nth] = $words;
            }
        }
        foreach ($alike as $stacks) {
            if (self::shareALine($stacks)) {
                $members = array_replace($members, $this->framed($stacks));
            }
        }

        return array_values($members);
    }

    private static function isStack(Words $words): bool
    {
        return null === $words->art
            && \count($words->lines) > 1
            && Arrangement::Stack === $words->setting->arrangement
            && Frame::None === $words->setting->frame;
    }

    /** @param array<int, Words> $stacks of as many lines each */
    private static function shareALine(array $stacks): bool
    {
        $lines = $different = [];
        foreach ($stacks as $words) {
            $different[$words->key()] ??= $words->lines;
        }
        foreach ($different as $each) {
            foreach ($each as $nth => $line) {
                if (isset($lines[$nth][$line])) {
                    return true;
                }
                $lines[$nth][$line] = true;
            }
        }

        return false;
    }

    /**
     * @param non-empty-array<int, Words> $stacks
     *
     * @return array<int, Words>
     */
    private function framed(array $stacks): array
    {
        $pitch = max(array_map($this->typesetter->pitch(...), $stacks));
        $boxes = [];
        foreach ($stacks as $nth => $words) {
            $stacks[$nth] = $words->with($words->setting->linedUp($pitch, 0.0));
            $boxes[$nth] = $this->typesetter->sketch($stacks[$nth])->box();
        }
        $frame = array_shift($boxes) ?? throw new \LogicException('A set without members.');
        foreach ($boxes as $box) {
            $frame = $frame->around($box);
        }
        foreach ($stacks as $nth => $words) {
            $box = $this->typesetter->sketch($words)->box();
            $under = ($frame->top + $frame->bottom - $box->top - $box->bottom) / 2;
            $stacks[$nth] = $words->with($words->setting->linedUp($pitch, $under / max(1, $box->height())));
        }

        return $stacks;
    }
}
