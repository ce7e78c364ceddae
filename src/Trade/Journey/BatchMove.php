<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** What can happen to a batch. */
enum BatchMove: string
{
    case Print = 'print';
    case Coat = 'coat';
    case Start = 'start';
    case Finish = 'finish';
    case Stop = 'stop';
    case Dissolve = 'dissolve';

    /** What the button or the log says. */
    public function label(): string
    {
        return match ($this) {
            self::Print => 'Printed',
            self::Coat => 'Coated',
            self::Start => 'Start cutting',
            self::Finish => 'Cut',
            self::Stop => 'Cutting stopped',
            self::Dissolve => 'Take apart',
        };
    }
}
