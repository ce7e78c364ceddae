<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\TimedStation;

/** What a piece of work at the bench took: what there was of it, who did it, how long it was. */
#[ORM\Entity(readOnly: true)]
#[ORM\Index(columns: ['station', 'id'])]
#[ORM\Index(columns: ['docket'])]
class TimedWork
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Column(length: 10)]
    private TimedStation $station;

    #[ORM\Column(length: 12)]
    private Film $film;

    #[ORM\Column]
    private float $waste;

    #[ORM\Column]
    private float $cut;

    #[ORM\Column]
    private float $small;

    #[ORM\Column]
    private float $area;

    #[ORM\Column]
    private float $minutes;

    /**
     * @param Entry    $entry  with its minutes
     * @param int|null $docket number of the order it was done for; none where it is not known any more
     */
    public function __construct(
        Entry $entry,
        #[ORM\Column(length: 80)] private string $who,
        #[ORM\Column] private \DateTimeImmutable $at,
        #[ORM\Column(nullable: true)] private ?int $docket = null,
    ) {
        [$this->station, $this->film] = [$entry->station, $entry->film];
        [$this->waste, $this->cut] = [$entry->waste, $entry->cut];
        [$this->small, $this->area] = [$entry->small, $entry->area];
        $this->minutes = $entry->minutes ?? throw new \LogicException('It was not timed.');
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Who did it. */
    public function who(): string
    {
        return $this->who;
    }

    /** When it was done. */
    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    /** The order it was done for; none where it is not known any more. */
    public function docket(): ?int
    {
        return $this->docket;
    }

    /** As it is learned from. */
    public function entry(): Entry
    {
        return new Entry(
            $this->station,
            $this->film,
            $this->waste,
            $this->cut,
            $this->small,
            $this->area,
            $this->minutes,
        );
    }
}
