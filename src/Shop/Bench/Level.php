<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Plan\Slope;
use Yelbo\Trade\Refused;

/** Whether a decal is level, by taps on a photo that stays with who took it. Source: handbook section 11. */
final readonly class Level
{
    public function __construct(private ShopRules $rules)
    {
    }

    /**
     * @param list<float> $line  from and to, x and y of each
     * @param list<float> $along the same of an edge; empty where the photo was held level
     *
     * @return array{float, bool, string} degrees, whether people see it, and a sentence
     *
     * @throws Refusals
     */
    public function of(Piece $piece, array $line, array $along): array
    {
        try {
            $slope = Slope::of(self::spots($line, 'line'), [] === $along ? null : self::spots($along, 'along'));
        } catch (Refused $refused) {
            throw Refusals::at(ltrim($refused->at, '/'), $refused->getMessage());
        }
        $rules = $this->rules->current();

        return [
            $slope->degrees,
            $slope->isCrooked($rules),
            $slope->says($piece->drawn()->joinedSize()->width, $rules),
        ];
    }

    /**
     * @param list<float> $spots
     *
     * @return array{float, float, float, float}
     */
    private static function spots(array $spots, string $field): array
    {
        return 4 === \count($spots)
            ? [$spots[0], $spots[1], $spots[2], $spots[3]]
            : throw Refusals::at($field, 'Tap two spots.');
    }
}
