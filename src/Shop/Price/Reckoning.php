<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Price\Costing;
use Yelbo\Trade\Price\Money;

/**
 * What one order brought and cost, and what of it ways of charging would count: heights of letters in mm, area in mm²,
 * minutes; money in minor units.
 *
 * @phpstan-type Kind array{object: string, face: string, film: string, share: float}
 * @phpstan-type Figures array{tag: string, who: string, price: int|null, letters: float, area: float, minutes: float,
 *     cost: int|null, isDone: bool, kinds: list<Kind>}
 */
final readonly class Reckoning
{
    public function __construct(private Costs $costs, private Invoices $invoices, private ShopRules $rules)
    {
    }

    /** @return Figures */
    public function of(Docket $docket): array
    {
        $pieces = array_values(
            array_filter(
                $docket->pieces(),
                static fn (Piece $piece): bool => PieceState::Withdrawn !== $piece->state(),
            ),
        );
        $spent = $this->costs->spent($docket);
        $costing = new Costing($this->rules->current());
        $isDone = [] === array_filter(
            $pieces,
            static fn (Piece $piece): bool => $piece->state()->rank() <= PieceState::Applying->rank(),
        );
        $area = array_sum(array_map(self::area(...), $pieces));

        return [
            'tag' => $docket->tag(),
            'who' => $docket->customer()?->name() ?? '',
            'price' => $this->invoices->net($docket)?->minor,
            'letters' => array_sum(array_map(self::letters(...), $pieces)),
            'area' => $area,
            'minutes' => null !== $spent && $isDone ? $costing->minutes($spent) : $this->costs->told($docket, $pieces),
            'cost' => null === $spent ? null : Money::sum(array_column($costing->cost($spent), 'amount'))->minor,
            'isDone' => $isDone,
            'kinds' => self::kinds($pieces, $area),
        ];
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return list<Kind> each with its share of the area
     */
    private static function kinds(array $pieces, float $area): array
    {
        $kinds = [];
        foreach ($pieces as $piece) {
            $kind = [
                'object' => $piece->item()->object()->kind()->value,
                'face' => '' === $piece->proof()->frozen()->drawing ? $piece->proof()->face() : 'drawn',
                'film' => $piece->film()->grade()->value,
            ];
            $key = implode(' ', $kind);
            $kinds[$key] = $kind + ['share' => ($kinds[$key]['share'] ?? 0.0) + self::area($piece) / max(1.0, $area)];
        }

        return array_values($kinds);
    }

    /** mm², of its box. */
    private static function area(Piece $piece): float
    {
        $size = $piece->drawn()->cutSize();

        return $size->width->toMillimetres() * $size->height->toMillimetres();
    }

    /** mm, the heights of the letters of a decal one by one; none of what lies under them, or of a drawing. */
    private static function letters(Piece $piece): float
    {
        $proof = $piece->proof();
        $letters = preg_replace('~\s~u', '', implode('', $proof->drawing()->linesOf($piece->member())));

        return 0 !== $piece->layer() || '' !== $proof->frozen()->drawing
            ? 0.0
            : mb_strlen((string) $letters) * $proof->drawing()->capHeight()->toMillimetres();
    }
}
