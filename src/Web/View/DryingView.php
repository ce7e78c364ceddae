<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Bench\Drying;
use Yelbo\Shop\Orders\Thing;

/** Something on the drying shelf. */
final readonly class DryingView
{
    /**
     * @param int|null $thing its number in the records; null of a sheet
     * @param bool $here whether it is gone on with from the shelf
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $tag as it is written on paper
     * @param string $label as it is shown
     * @param string $object what it is on; empty of a sheet
     * @param string $at the station it stands at
     * @param string|null $until when it is dry or has rested, ISO 8601; null where it waits for hands
     * @param string $next what is done with it then, in a few words
     * @param string|null $by when that has to be done at the latest, ISO 8601
     * @param bool $late whether it is dry too late for that, or that moment has passed
     */
    public function __construct(
        public ?int $thing,
        public bool $here,
        public int $version,
        public string $tag,
        public string $label,
        public string $object,
        public string $at,
        public ?string $until,
        public string $next,
        public ?string $by,
        public bool $late,
    ) {
    }

    public static function from(Drying $drying, \DateTimeImmutable $now): self
    {
        $what = $drying->what;
        $until = $drying->until?->format(\DATE_ATOM);
        $by = $drying->by?->format(\DATE_ATOM);
        $late = $drying->isLate($now);

        return $what instanceof Thing
            ? new self(
                $what->id(),
                $drying->isCoat,
                $what->version(),
                $what->tag(),
                $what->label(),
                $what->item()->object()->name(),
                'apply',
                $until,
                $drying->next,
                $by,
                $late,
            )
            : new self(
                null,
                false,
                $what->version(),
                "Batch {$what->id()}",
                'a printed sheet',
                '',
                'cut',
                $until,
                $drying->next,
                $by,
                $late,
            );
    }
}
