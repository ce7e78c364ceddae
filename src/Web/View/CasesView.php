<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Artwork;

/** Every word with its cases drawn. */
final readonly class CasesView
{
    /** @param list<WordCasesView> $words the lines of the decal*/
    public function __construct(public array $words)
    {
    }

    /** @param list<array{line: int, word: int, cases: non-empty-list<array{string, Artwork}>}> $words */
    public static function from(array $words): self
    {
        return new self(
            array_map(
                static fn (array $word): WordCasesView => new WordCasesView(
                    $word['line'],
                    $word['word'],
                    array_map(
                        static fn (array $case): CaseView => new CaseView(
                            $case[0],
                            SvgPath::write($case[1]->top()),
                            SizeView::box($case[1]->box()),
                        ),
                        $word['cases'],
                    ),
                ),
                $words,
            ),
        );
    }
}
