<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

/** Gathers what is noted while a drawing is read: each kind once, counted. */
final class Notes
{
    private const MOST_NAMED = 3;

    /** @var array<string, array{string, int, string, list<string>}> kind, count, sentence, names */
    private array $notes = [];

    /** Notes what was left out of a drawing. */
    public function leftOut(string $what, string $says, string $name = ''): void
    {
        $this->note(Note::LEFT_OUT, $what, $says, $name);
    }

    /** Notes what was put right in a drawing. */
    public function putRight(string $what, string $says, string $name = ''): void
    {
        $this->note(Note::PUT_RIGHT, $what, $says, $name);
    }

    /** @return list<Note> what was left out first */
    public function all(): array
    {
        $all = [];
        foreach ($this->notes as $what => [$kind, $count, $says, $names]) {
            $named =
                [] === $names
                    ? ''
                    : ' ('.
                        implode(', ', \array_slice($names, 0, self::MOST_NAMED)).
                        (\count($names) > self::MOST_NAMED ? ', …' : '').
                        ')';
            $all[] = new Note($kind, $what, $count, ($count > 1 ? "$count × " : '').$what.$named.': '.$says);
        }
        usort($all, static fn (Note $a, Note $b): int => $a->kind <=> $b->kind);

        return $all;
    }

    private function note(string $kind, string $what, string $says, string $name): void
    {
        $this->notes[$what] ??= [$kind, 0, $says, []];
        ++$this->notes[$what][1];
        $name = mb_substr(trim($name), 0, 40);
        if ('' !== $name && !\in_array($name, $this->notes[$what][3], true)) {
            $this->notes[$what][3][] = $name;
        }
    }
}
