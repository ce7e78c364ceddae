<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\Mapping as ORM;

/** A stretch of hours the shop works: every week on a day, or on one date alone. */
#[ORM\Entity]
class OpenHours
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    /**
     * @param int|null                $day   1 is Monday; none where it is one date
     * @param \DateTimeImmutable|null $date  the one date; none where it is every week
     * @param int                     $opens  minutes of the day
     * @param int                     $closes minutes of the day
     */
    public function __construct(
        #[ORM\Column(type: 'smallint', nullable: true)] private ?int $day,
        #[ORM\Column(type: 'date_immutable', nullable: true)] private ?\DateTimeImmutable $date,
        #[ORM\Column(type: 'smallint')] private int $opens,
        #[ORM\Column(type: 'smallint')] private int $closes,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** The day of the week, 1 is Monday; none where it is one date. */
    public function day(): ?int
    {
        return $this->day;
    }

    /** The one date; none where it is every week. */
    public function date(): ?\DateTimeImmutable
    {
        return $this->date;
    }

    /** Minutes of the day. */
    public function opens(): int
    {
        return $this->opens;
    }

    /** Minutes of the day. */
    public function closes(): int
    {
        return $this->closes;
    }
}
