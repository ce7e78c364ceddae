<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PlanMove;
use Yelbo\Trade\Journey\PlanState;
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
class NestPlan implements Versioned
{
    /** So many changes by hand can be taken back. */
    private const MOST_UNDO = 50;

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column(length: 10)]
    private PlanState $state = PlanState::Waiting;

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
        #[ORM\ManyToOne(inversedBy: 'plans'), ORM\JoinColumn(nullable: false)] private Nesting $nesting,
        #[ORM\Column(length: 14)] private PlanKind $kind,
        /** How long it may think. */
        #[ORM\Column] private int $seconds,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Counts its changes, from 1. */
    public function version(): int
    {
        return $this->version;
    }

    public function reference(): string
    {
        return 'This plan';
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** The layout it belongs to. */
    public function nesting(): Nesting
    {
        return $this->nesting;
    }

    /** Which kind it is. */
    public function kind(): PlanKind
    {
        return $this->kind;
    }

    /** Where it stands. */
    public function state(): PlanState
    {
        return $this->state;
    }

    /** How far it has come, from 0 to 1. */
    public function progress(): float
    {
        return $this->progress;
    }

    /** How long it is thought about, s. */
    public function seconds(): int
    {
        return $this->seconds;
    }

    /** Whether it is to be given up. */
    public function isCancelled(): bool
    {
        return $this->cancelled;
    }

    /** @return Laid|null */
    public function laid(): ?array
    {
        return $this->laid;
    }

    /** What went wrong, as a sentence; none where nothing did. */
    public function trouble(): ?string
    {
        return $this->trouble;
    }

    /** How it is laid, in words. */
    public function how(): string
    {
        return Nesting::NO_BOXES === $this->nesting->boxes()
            ? $this->kind->how()
            : 'Laid by the weed boxes around them.';
    }

    /**
     * How much of a sheet stays square below what is used, µm.
     *
     * @param PlanSheet $sheet
     * @param int       $height of the sheet, µm
     */
    public static function left(array $sheet, int $height): int
    {
        return max(0, $height - $sheet['length']);
    }

    /** Whether the last change by hand can be taken back. */
    public function canUndo(): bool
    {
        return [] !== $this->before;
    }

    /** Let it be worked on again, what is pinned stays. */
    public function again(int $seconds): void
    {
        $this->state = Journey::plan(
            PlanState::Done === $this->state ? $this->state : throw IllegalMove::plan($this->state),
            PlanMove::Resume,
        );
        $this->remember();
        $this->seconds = $seconds;
        $this->progress = 0;
        $this->cancelled = false;
        $this->trouble = null;
    }

    /** Given up before its time, or about to be, and not touched since. */
    public function wasCutShort(): bool
    {
        return !$this->canUndo()
            && (PlanState::Done === $this->state
                ? $this->progress < 1
                : $this->cancelled && $this->state->isUnderWay());
    }

    /** @param Laid $laid changed by hand */
    public function change(array $laid): void
    {
        $this->state = Journey::plan($this->state, PlanMove::Edit);
        $this->remember();
        $this->laid = $laid;
    }

    /** Takes the last change by hand back. */
    public function undo(): void
    {
        $this->state = Journey::plan($this->state, PlanMove::Edit);
        $before = $this->before;
        $this->laid = array_pop($before) ?? throw new Refused('nothing-to-undo', 'There is nothing to take back.');
        $this->before = $before;
    }

    /** It has become batches. */
    public function released(): void
    {
        if (null === $this->laid) {
            throw new Refused('illegal-move', 'There is nothing on this plan to release.');
        }
        $this->state = Journey::plan($this->state, PlanMove::Release);
        $this->cancelled = true;
    }

    private function remember(): void
    {
        if (null !== $this->laid) {
            $this->before = \array_slice([...$this->before, $this->laid], -self::MOST_UNDO);
        }
    }
}
