<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** How much room to the edge somebody likes: it is a matter of taste too. Source: handbook section 3. */
enum Allowance: string
{
    /** The least that hands can keep. */
    case Close = 'close';
    case Usual = 'usual';
    /** About a tenth of the shorter side. */
    case Airy = 'airy';
    /** Film that covers all of it goes to the edge on purpose. */
    case Edge = 'edge';
    /** Just short of it, so that no edge stands against a frame. */
    case Gap = 'gap';
    /** Over it, to be trimmed when it is on. */
    case Over = 'over';
    /** Over it and under: cut in at the corners and folded. */
    case Wrap = 'wrap';

    /** As it is chosen. */
    public function label(): string
    {
        return match ($this) {
            self::Close => 'Close',
            self::Usual => 'Usual',
            self::Airy => 'Airy',
            self::Edge => 'To the edge',
            self::Gap => 'Trim gap',
            self::Over => 'Hangs over',
            self::Wrap => 'Folded under',
        };
    }

    /** Whether film reaches over the edge on purpose. */
    public function goesOver(): bool
    {
        return self::Over === $this || self::Wrap === $this;
    }

    /** What it makes of the shop's own clearance, µm. */
    public function of(Surface $surface, Rules $rules): int
    {
        $usual = $surface->clearance($rules);

        return match ($this) {
            self::Close => min($usual, $rules->micrometres(Rule::LeastClearance)),
            self::Usual => $usual,
            self::Airy => (int) round($rules->value(Rule::AiryClearance) * $usual),
            self::Edge => 0,
            self::Gap => $rules->micrometres(Rule::TrimGap),
            self::Over => -$rules->micrometres(Rule::HangsOver),
            self::Wrap => -$rules->micrometres(Rule::FoldsUnder),
        };
    }
}
