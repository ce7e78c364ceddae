<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Suitability;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rules;

/** Everything that speaks against a fitted decal as it stands. */
final readonly class Judgement
{
    public function __construct(private Rules $rules)
    {
    }

    /** @return list<Snag> */
    public function of(Fitted $fitted, Film $film, UseOf $use): array
    {
        $snags = [];
        if (!$fitted->inside) {
            $largest = Length::micrometres($fitted->largest);
            $snags[] = new Snag('outside-safe-area', Snag::STOP, $fitted->largest, $fitted->capHeight, null,
                "The art reaches beyond the safe area. At a letter height of {$largest->inBoth()} or less it fits.",
                [['do' => 'reduce', 'capHeight' => $fitted->largest], ['do' => 'centre']]);
        }
        $warning = Suitability::warning($film, $use);
        if (null !== $warning) {
            $snags[] = new Snag('film-and-use', Snag::WARN, 0, 0, null, $warning, [['do' => 'another-film']]);
        }
        $check = new Cutability($film->limits()->in($use, $this->rules));

        return [...$snags, ...$check->snags($fitted->artwork->top(), $fitted->capHeight)];
    }
}
