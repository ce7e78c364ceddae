<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\Learning;
use Yelbo\Trade\Learn\TimedStation;
use Yelbo\Trade\Rules;

#[AsCommand('trade:learn', 'Tells minutes of bench work, learned from what was timed')]
final class LearnCommand extends TradeCommand
{
    private const MOST = 20_000;
    /** Minutes: a week. */
    private const LONGEST = 10_080;

    public function __construct(private readonly Reading $reading)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $log = array_map(fn (Document $one): Entry => $this->entry($one, true), $in->objects('log', self::MOST));
        $asked = array_map(fn (Document $one): Entry => $this->entry($one, false), $in->objects('ask', self::MOST));
        $in->end();
        $learning = new Learning($log, Rules::standard());

        return [
            'asked' => array_map(static function (Entry $of) use ($learning): array {
                $told = $learning->tell($of);

                return [
                    'minutes' => round($told->minutes, 2),
                    'least' => round($told->least, 2),
                    'most' => round($told->most, 2),
                    'by' => $told->isLearned ? 'learned' : 'handbook',
                ];
            }, $asked),
            'error' => [
                'handbook' => self::share($learning->handbookError),
                'learned' => self::share($learning->learnedError),
            ],
            'outliers' => $learning->outliers,
        ];
    }

    private function entry(Document $in, bool $isTimed): Entry
    {
        $entry = new Entry(
            TimedStation::tryFrom($in->text('station')) ??
                throw $in->wrong('station', 'is one of '.implode(', ', array_column(TimedStation::cases(), 'value'))),
            $this->reading->film($in),
            $in->number('waste', 0, 100_000, 0),
            $in->number('cut', 0, 10_000_000, 0),
            $in->number('small', 0, 100_000, 0),
            $in->number('area', 0, 100_000_000, 0),
            $isTimed ? $in->number('minutes', 0.01, self::LONGEST) : null,
        );
        $in->end();

        return $entry;
    }

    private static function share(?float $error): ?float
    {
        return null === $error ? null : round($error, 4);
    }
}
