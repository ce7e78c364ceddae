<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Records\Versioned;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** A cutter the shop has: what it can cut and how it is set. The one in use decides what fits. */
#[ORM\Entity]
class MachineProfile implements Versioned
{
    public const BOARD = 'board';
    public const ROLL = 'roll';

    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column]
    private bool $inUse = false;

    /**
     * @param string               $kind    on a board, or fed from a roll without one
     * @param array<string, float> $figures by the rule each stands for
     * @param int                  $force   grams
     */
    public function __construct(
        #[ORM\Column(length: 60)] private string $name,
        #[ORM\Column(length: 10)] private string $kind,
        #[ORM\Column(type: 'json')] private array $figures,
        #[ORM\Column(name: 'force_grams')] private int $force,
        #[ORM\Column(length: 60)] private string $blade,
        #[ORM\Column] private int $passes = 1,
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
        return "“{$this->name}”";
    }

    public function docketNumber(): ?int
    {
        return null;
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name;
    }

    /** On a board, or fed from a roll without one. */
    public function kind(): string
    {
        return $this->kind;
    }

    /** The force of the knife, g. */
    public function force(): int
    {
        return $this->force;
    }

    /** The blade in it. */
    public function blade(): string
    {
        return $this->blade;
    }

    /** How often each line is cut. */
    public function passes(): int
    {
        return $this->passes;
    }

    /** Whether it is the one that is worked with. */
    public function isInUse(): bool
    {
        return $this->inUse;
    }

    /** Makes it the one that is worked with, or not. */
    public function use(bool $inUse): void
    {
        $this->inUse = $inUse;
    }

    /** In the rule's own unit. */
    public function figure(Rule $rule): float
    {
        return $this->figures[$rule->value] ?? $rule->standard();
    }

    /** @param array<string, float> $figures */
    public function change(string $name, string $kind, array $figures, int $force, string $blade, int $passes): void
    {
        [$this->name, $this->kind, $this->figures, $this->force, $this->blade, $this->passes] = [
            $name,
            $kind,
            $figures,
            $force,
            $blade,
            $passes,
        ];
    }

    /** The shop's figures with this machine's own. */
    public function over(Rules $rules): Rules
    {
        foreach (Rule::ofMachines() as $rule) {
            $rules = $rules->with($rule, $this->figure($rule));
        }

        return $rules;
    }

    /** For a file's name and header: `board-305x610-f60-45deg`. */
    public function slug(): string
    {
        $part = static fn (string $text): string => trim(
            preg_replace('~[^a-z0-9]+~', '-', strtolower($text)) ?? '',
            '-',
        );

        return "{$part($this->name)}-f{$this->force}-{$part($this->blade)}".
            ($this->passes > 1 ? "-{$this->passes}x" : '');
    }

    /** Its name and settings on one line. */
    public function label(): string
    {
        return \sprintf(
            '%s, blade %s, force %d g, %s mm/s, %d %s',
            $this->name,
            $this->blade,
            $this->force,
            $this->figure(Rule::CutSpeed),
            $this->passes,
            1 === $this->passes ? 'pass' : 'passes',
        );
    }
}
