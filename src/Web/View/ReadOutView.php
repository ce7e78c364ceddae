<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A line as it is read out at the counter or on the phone. */
final readonly class ReadOutView
{
    /**
     * @param list<LetterView> $letters the letters
     * @param string $line the line that is read out
     */
    public function __construct(public string $line, public array $letters)
    {
    }

    /** @param array{line: string, letters: list<array{letter: string, says: string}>} $line */
    public static function from(array $line): self
    {
        return new self(
            $line['line'],
            array_map(
                static fn (array $letter): LetterView => new LetterView($letter['letter'], $letter['says']),
                $line['letters'],
            ),
        );
    }
}
