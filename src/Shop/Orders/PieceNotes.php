<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Lettering\Spelling;

/** What has to be minded of a piece wherever it is in hand. */
final readonly class PieceNotes
{
    public function __construct(private ShopRules $rules)
    {
    }

    /** @return list<string> stops that were let pass, with who and why; at Weed what the colour hides */
    public function minded(Piece $piece): array
    {
        $film = $piece->film();
        $colour =
            PieceState::Weeding === $piece->state()
                ? (new FilmInHand($this->rules->current()))->colour(
                    $film->grade(),
                    $film->swatch(),
                    $film->liner(),
                    $film->hasDirection(),
                )
                : [];

        return [
            ...$piece->item()->waivers()->said(),
            ...array_map(static fn (Snag $snag): string => $snag->message, $colour),
        ];
    }

    /** @return list<string> how the words drawn differ from what was asked for */
    public function spelling(Piece $piece): array
    {
        $asked = $piece->item()->asked();
        $lines = $piece->proof()->drawing()->linesOf($piece->member());
        if ([] === $asked || '' !== $piece->proof()->frozen()->drawing) {
            return [];
        }
        if ([] === $piece->item()->roster()) {
            return array_column(Spelling::differences($asked, $lines), 'says');
        }
        $others = array_values(array_diff($lines, $asked));

        return [] === $others ? [] : ['“'.implode(' ', $others).'” is not on the list as the customer gave it.'];
    }
}
