<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Refused;

/**
 * One way to lay pieces out, worked on in the background, then changed by hand where somebody wants to.
 *
 * @phpstan-type PlanPlace array{piece: int, part: int, x: int, y: int, turn: float, pinned: bool}
 * @phpstan-type PlanSheet array{stock: int, length: int, fill: float, places: list<PlanPlace>}
 * @phpstan-type Left array{piece: int, part: int, why: string}
 * @phpstan-type Laid array{sheets: list<PlanSheet>, left: list<Left>}
 */
#[ORM\Entity]
class NestPlan
{
    public const WAITING = 'waiting';
    public const WORKING = 'working';
    public const DONE = 'done';
    public const FAILED = 'failed';
    public const RELEASED = 'released';

    /** So many changes by hand can be taken back. */
    private const MOST_UNDO = 50;

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 10)]
    private string $state = self::WAITING;

    /** From 0 to 1. */
    #[ORM\Column]
    private float $progress = 0;

    #[ORM\Column]
    private bool $cancelled = false;

    /** @var Laid|null the best so far */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $laid = null;

    /** @var list<Laid> how it was before each change by hand */
    #[ORM\Column(name: 'laid_before', type: 'json')]
    private array $before = [];

    #[ORM\Column(length: 300, nullable: true)]
    private ?string $trouble = null;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'plans'), ORM\JoinColumn(nullable: false)]
        private Nesting $nesting,
        #[ORM\Column(length: 14)]
        private PlanKind $kind,
        /** How long it may think. */
        #[ORM\Column]
        private int $seconds,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function nesting(): Nesting
    {
        return $this->nesting;
    }

    public function kind(): PlanKind
    {
        return $this->kind;
    }

    public function state(): string
    {
        return $this->state;
    }

    public function progress(): float
    {
        return $this->progress;
    }

    public function seconds(): int
    {
        return $this->seconds;
    }

    public function isCancelled(): bool
    {
        return $this->cancelled;
    }

    /** @return Laid|null */
    public function laid(): ?array
    {
        return $this->laid;
    }

    public function trouble(): ?string
    {
        return $this->trouble;
    }

    public function canUndo(): bool
    {
        return [] !== $this->before;
    }

    /** Let it be worked on again, what is pinned stays. */
    public function again(int $seconds): void
    {
        $this->expectDone();
        $this->remember();
        $this->state = self::WAITING;
        $this->seconds = $seconds;
        $this->progress = 0;
        $this->cancelled = false;
        $this->trouble = null;
    }

    /** Given up before its time, or about to be, and not touched since. */
    public function wasCutShort(): bool
    {
        return !$this->canUndo() && (self::DONE === $this->state ? $this->progress < 1 : $this->cancelled && self::RELEASED !== $this->state);
    }

    /** @param Laid $laid changed by hand */
    public function change(array $laid): void
    {
        $this->expectDone();
        $this->remember();
        $this->laid = $laid;
    }

    public function undo(): void
    {
        $this->expectDone();
        $before = $this->before;
        $this->laid = array_pop($before) ?? throw new Refused('nothing-to-undo', 'There is nothing to take back.');
        $this->before = $before;
    }

    public function released(): void
    {
        if (self::RELEASED === $this->state || null === $this->laid) {
            throw new Refused('illegal-move', 'This plan cannot be released any more.');
        }
        $this->state = self::RELEASED;
        $this->cancelled = true;
    }

    private function remember(): void
    {
        if (null !== $this->laid) {
            $this->before = \array_slice([...$this->before, $this->laid], -self::MOST_UNDO);
        }
    }

    private function expectDone(): void
    {
        if (self::DONE !== $this->state) {
            throw new Refused('illegal-move', self::RELEASED === $this->state ? 'This plan was released; it cannot be changed any more.' : 'Yelbo is still working on this plan. Take the best so far first.');
        }
    }
}
