<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Knife\CutVerdict;
use Yelbo\Trade\Knife\JudgedCut;
use Yelbo\Trade\Knife\TestCut;
use Yelbo\Trade\Rules;

#[AsCommand('trade:testcut', 'Says what to try next on a film, machine and blade')]
final class TestcutCommand extends TradeCommand
{
    /** Grams. */
    private const FORCES = [0.1, 10_000];
    /** m */
    private const METRES = [0, 10_000_000];
    private const MOST_LOGGED = 5000;

    public function __construct(private readonly Reading $reading)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $film = $this->reading->film($in);
        $of = $in->object('machine');
        $machine = [
            'least' => $of->number('least', ...self::FORCES),
            'most' => $of->number('most', ...self::FORCES),
            'step' => $of->number('step', ...self::FORCES),
        ];
        if ($machine['least'] > $machine['most']) {
            throw $of->wrong('most', 'is the most the machine can press, and less than the least');
        }
        $of->end();
        $blade = $in->object('blade');
        [$id, $metres] = [$blade->text('id'), $blade->number('metres', ...self::METRES)];
        $blade->end();
        $log = array_map($this->judged(...), $in->has('log') ? $in->objects('log', self::MOST_LOGGED) : []);
        $in->end();
        $cut = new TestCut($film, $machine, $id, $metres, $log, Rules::standard());

        return [
            'force' => round($cut->force, 3),
            'passes' => $cut->passes,
            'between' => [$cut->least, $cut->most],
            'test' => $cut->test,
            'why' => $cut->why,
        ];
    }

    private function judged(Document $in): JudgedCut
    {
        $cut = new JudgedCut(
            Film::tryFrom($in->text('film')) ?? throw $in->wrong('film', 'is not a film'),
            $in->text('blade'),
            $in->number('metres', ...self::METRES),
            $in->number('force', ...self::FORCES),
            $in->whole('passes', 1, 5, 1),
            CutVerdict::tryFrom($in->text('verdict')) ?? throw $in->wrong('verdict', 'is shallow, clean or deep'),
        );
        $in->end();

        return $cut;
    }
}
