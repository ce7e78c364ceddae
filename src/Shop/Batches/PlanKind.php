<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

/** What a plan puts first. */
enum PlanKind: string
{
    case LeastFilm = 'least-film';
    case LeastWeeding = 'least-weeding';
    case DueFirst = 'due-first';

    /** As it is shown. */
    public function label(): string
    {
        return match ($this) {
            self::LeastFilm => 'Least film',
            self::LeastWeeding => 'Least weeding',
            self::DueFirst => 'Due first',
        };
    }

    /** How it is laid out, in a sentence. */
    public function how(): string
    {
        return match ($this) {
            self::LeastFilm => 'Shapes interlock, small ones inside large ones.',
            self::LeastWeeding => 'Each decal has its own rectangle: surrounds come off in one pull.',
            self::DueFirst => 'What is used soonest is on the first sheets.',
        };
    }
}
