<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What came onto the shelf or left it. It is only ever added to: the shelf is the sum of its movements. */
#[ORM\Entity(readOnly: true)]
#[ORM\Index(columns: ['batch'])]
#[ORM\Index(name: 'movement_reason', columns: ['reason'])]
class Movement
{
    public const RECEIVED = 'received';
    public const TAKEN = 'taken';
    public const PUT_BACK = 'put-back';
    public const SHELVED = 'shelved';
    public const COUNTED = 'counted';
    public const USED = 'used';
    public const SCRAPPED = 'scrapped';

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    /**
     * @param int      $count  more of it, or fewer; of tape mm
     * @param int      $area   µm² more, or less; of film only
     * @param int|null $batch  that took it or gave it back
     */
    public function __construct(
        #[ORM\Column(name: 'moved_at')]
        private \DateTimeImmutable $at,
        #[ORM\Column(length: 80)]
        private string $who,
        #[ORM\ManyToOne]
        private ?StockItem $item,
        #[ORM\ManyToOne]
        private ?Supply $supply,
        #[ORM\Column(length: 12)]
        private string $what,
        #[ORM\Column(name: 'delta')]
        private int $count,
        #[ORM\Column(type: Types::BIGINT)]
        private int $area,
        #[ORM\Column(length: 300)]
        private string $reason,
        #[ORM\Column(nullable: true)]
        private ?int $batch = null,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** When it happened. */
    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    /** Who did it. */
    public function who(): string
    {
        return $this->who;
    }

    /** The stock it happened to; none where it happened to a supply. */
    public function item(): ?StockItem
    {
        return $this->item;
    }

    /** The supply it happened to; none where it happened to stock. */
    public function supply(): ?Supply
    {
        return $this->supply;
    }

    /** Received, cut, counted and so on. */
    public function what(): string
    {
        return $this->what;
    }

    /** How many came in; less than nothing where they went out. */
    public function count(): int
    {
        return $this->count;
    }

    /** µm² more, or less; of film only. */
    public function area(): int
    {
        return $this->area;
    }

    /**
     * How much more, or less: of a roll, of which only the length changes, m² of its film; of tape m.
     *
     * @return array{float, string} with its unit
     */
    public function amount(): array
    {
        return match (true) {
            null !== $this->item && StockItem::ROLL === $this->item->kind() => [round($this->area / 1e12, 3), 'm²'],
            null !== $this->supply => [$this->supply->shown($this->count), $this->supply->unit()],
            default => [(float) $this->count, ''],
        };
    }

    /** Why, in a few words. */
    public function reason(): string
    {
        return $this->reason;
    }

    /** The number of the batch it was for; none where it was for none. */
    public function batch(): ?int
    {
        return $this->batch;
    }
}
