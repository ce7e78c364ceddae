<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Which tape lifts a decal, and the other school's choice where there are two. Source: handbook section 10.
 */
final readonly class TapeChoice
{
    /** The schools for vehicles as the shop's figure tells them; anything else is by size. */
    public const CLEAR = 1.0;
    public const PAPER = 2.0;

    /** @param array{TapeKind, string}|null $other the other school's, and why; none where all agree */
    private function __construct(public TapeKind $kind, public string $why, public ?array $other = null)
    {
    }

    /**
     * @param int           $longer the longer side of the art, µm
     * @param Material|null $on     none where it is not known yet
     */
    public static function for(
        int $longer,
        Film $film,
        Usage $use,
        ?Material $on,
        bool $delicate,
        Rules $rules,
    ): self {
        $isLarge = $longer > $rules->micrometres(Rule::ClearTapeUpTo);
        $mm = $rules->value(Rule::ClearTapeUpTo);
        if (Film::Glitter === $film) {
            return new self(TapeKind::Strong, 'Glitter is textured: only the strong tape holds it.');
        }
        if (Film::Printable === $film) {
            return new self(TapeKind::Paper, 'What is printed takes paper tape.');
        }
        if (Usage::Vehicle === $use || Material::Vehicle === $on) {
            $clear = [TapeKind::Clear, 'Clear tape, because one must see to place it.'];
            $paper = [
                TapeKind::Paper,
                'Paper tape lies flat and lets go easily, where large clear tape grabs and bubbles.',
            ];
            $takesPaper = match ($rules->value(Rule::VehicleTape)) {
                self::CLEAR => false,
                self::PAPER => true,
                default => $isLarge || $delicate,
            };
            [$own, $other] = $takesPaper ? [$paper, $clear] : [$clear, $paper];

            return new self($own[0], $own[1], $other);
        }

        return match (true) {
            $delicate => new self(TapeKind::Paper, 'It is delicate: paper tape lets go easily.'),
            \in_array($on, [Material::Painted, Material::Wall], true) => new self(
                TapeKind::Paper,
                'Low tack on paint: a stronger tape takes the paint with it.',
            ),
            $isLarge => new self(TapeKind::Paper, "Over $mm mm clear tape grabs and bubbles; paper lies flat."),
            default => new self(TapeKind::Clear, 'One sees where the decal goes.'),
        };
    }
}
