<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Bench\Part;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Rules;

#[AsCommand('trade:weed', 'Counts what stays and what comes out')]
final class WeedCommand extends TradeCommand
{
    public function __construct(private readonly Reading $reading)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $region = $this->reading->path($in);
        $film = $this->reading->film($in);
        $in->end();
        $weeding = new Weeding($region, $film, Rules::standard());

        return [
            'keeps' => array_map(self::part(...), $weeding->keeps),
            'waste' => array_map(
                static fn (Part $part): array => [...self::part($part), 'inside' => $part->inside],
                $weeding->waste,
            ),
            'school' => $weeding->school,
            'why' => $weeding->why,
            'reverse' => array_map(self::part(...), $weeding->reverse),
            'minutes' => $weeding->minutes,
        ];
    }

    /** @return array{at: array{x: float, y: float}, area: float, across: float} */
    private static function part(Part $part): array
    {
        return [
            'at' => ['x' => Reading::mm($part->at()[0]), 'y' => Reading::mm($part->at()[1])],
            'area' => $part->area(),
            'across' => $part->across(),
        ];
    }
}
