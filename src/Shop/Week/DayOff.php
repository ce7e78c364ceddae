<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\People\Worker;

/** Days the shop is closed, or somebody is away. */
#[ORM\Entity]
class DayOff
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    /** @param Worker|null $who none where the shop is closed */
    public function __construct(
        #[ORM\ManyToOne] private ?Worker $who,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $first,
        #[ORM\Column(type: 'date_immutable')] private \DateTimeImmutable $last,
        #[ORM\Column(length: 80)] private string $why,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Who is away; none where the shop is closed. */
    public function who(): ?Worker
    {
        return $this->who;
    }

    /** The first of the days. */
    public function first(): \DateTimeImmutable
    {
        return $this->first;
    }

    /** The last of them. */
    public function last(): \DateTimeImmutable
    {
        return $this->last;
    }

    /** What it is, in a few words. */
    public function why(): string
    {
        return $this->why;
    }

    /** @return list<string> each day, 2026-12-25 */
    public function days(): array
    {
        $days = [];
        for ($day = $this->first; $day <= $this->last; $day = $day->modify('+1 day')) {
            $days[] = $day->format('Y-m-d');
        }

        return $days;
    }
}
