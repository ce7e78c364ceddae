<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** What is to be said of a list of names, row by row, before anything of it is drawn. */
final readonly class RosterNotes
{
    /** A name so many times as long as the middle one, and of so many letters, makes all of them small. */
    private const LONG = 2.0;
    private const LETTERS = 12;

    public function __construct(private Faces $faces, private Typesetter $typesetter)
    {
    }

    /**
     * @param list<list<string>> $roster the lines of each decal
     *
     * @return list<RosterNote> by their rows
     */
    public function of(array $roster): array
    {
        $names = array_map(static fn (array $lines): string => implode(' ', $lines), $roster);
        $none = $this->inNoFace($names);
        $lengths = array_map(static fn (array $lines): int => max([0, ...array_map(mb_strlen(...), $lines)]), $roster);
        sort($lengths);
        $middle = $lengths[intdiv(\count($lengths), 2)] ?? 0;
        $notes = [];
        foreach ($names as $nth => $name) {
            $signs = array_intersect(self::signs($name), $none);
            $longest = max([0, ...array_map(mb_strlen(...), $roster[$nth])]);
            $picture = Words::pictureIn($name);
            $says = match (true) {
                null !== $picture => $picture,
                [] !== $signs => 'No face here has '.self::quoted($signs).'. Leave it out, or draw it as a shape.',
                1 !== preg_match('~[\p{L}\p{N}]~u', $name) => 'There is no letter in it.',
                default => null,
            };
            if (null !== $says) {
                $notes[] = new RosterNote($nth + 1, $name, $says, true);
            } elseif ($longest > self::LONG * $middle && $longest >= self::LETTERS) {
                $notes[] = new RosterNote(
                    $nth + 1,
                    $name,
                    'Much longer than most: all are as small as it is. Two lines (“|”) make room.',
                    false,
                );
            }
        }
        foreach (Roster::alike($names) as [$later, $earlier, $says]) {
            $notes[] = new RosterNote($later + 1, $names[$later], 'Like row '.($earlier + 1).": $says", false);
        }
        usort($notes, static fn (RosterNote $a, RosterNote $b): int => $a->row <=> $b->row);

        return $notes;
    }

    /**
     * @param list<string> $names
     *
     * @return list<string> signs of them that no face has
     */
    private function inNoFace(array $names): array
    {
        $all = array_values(array_unique(array_merge([], ...array_map(self::signs(...), $names))));

        return null !== $this->typesetter->firstWith($this->faces->all(), [implode('', $all)])
            ? []
            : array_values(
                array_filter(
                    $all,
                    fn (string $sign): bool => null === $this->typesetter->firstWith($this->faces->all(), [$sign]),
                ),
            );
    }

    /** @return list<string> what is read as one sign each, and takes film */
    private static function signs(string $name): array
    {
        preg_match_all('~\X~u', $name, $found);

        return array_values(
            array_unique(array_filter($found[0], static fn (string $sign): bool => '' !== trim($sign))),
        );
    }

    /** @param array<string> $signs */
    private static function quoted(array $signs): string
    {
        return implode(' nor ', array_map(static fn (string $sign): string => "“{$sign}”", $signs));
    }
}
