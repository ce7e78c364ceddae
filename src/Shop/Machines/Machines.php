<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Rule;

/** The shop's cutters, and which one is in use. */
final readonly class Machines
{
    /** Grams, and passes, that make sense. */
    private const FORCE = [5, 1000];
    private const PASSES = [1, 4];

    public function __construct(private EntityManagerInterface $records, private Change $change, private Book $book)
    {
    }

    /** @return list<MachineProfile> */
    public function all(): array
    {
        return $this->records->getRepository(MachineProfile::class)->findBy([], ['id' => 'ASC']);
    }

    /** The machine that is worked with; none where none was chosen. */
    public function inUse(): ?MachineProfile
    {
        return $this->records->getRepository(MachineProfile::class)->findOneBy(['inUse' => true]);
    }

    /** @throws NotFound */
    public function machine(int $id): MachineProfile
    {
        return $this->records->find(MachineProfile::class, $id) ?? throw new NotFound('There is no such machine.');
    }

    /** @throws Refusals a sentence a field */
    public function add(TypedMachine $typed): MachineProfile
    {
        $machine = new MachineProfile(...$this->read($typed));
        $machine->use(null === $this->inUse());
        $this->records->persist($machine);
        $this->book->note('machine', "{$machine->label()} added");
        $this->records->flush();

        return $machine;
    }

    /**
     * @throws Refusals a sentence a field
     * @throws Conflict
     */
    public function change(MachineProfile $machine, int $version, TypedMachine $typed): void
    {
        $read = $this->read($typed);
        $this->change->apply($machine, $version, function () use ($machine, $read): void {
            $machine->change(...$read);
            $this->book->note('machine', "Settings: {$machine->label()}");
        });
    }

    /**
     * Puts a machine in use, and the one before out of it.
     *
     * @throws Conflict
     */
    public function use(MachineProfile $machine, int $version): void
    {
        $this->change->apply($machine, $version, function () use ($machine): void {
            foreach ($this->all() as $other) {
                $other->use($other === $machine);
            }
            $this->book->note('machine', "{$machine->name()} is the machine in use");
        });
    }

    /**
     * @return array{string, string, array<string, float>, int, string, int} name, kind, figures, force in grams, blade,
     *    passes
     */
    private function read(TypedMachine $typed): array
    {
        $fields = new Fields();
        $name = trim($typed->name);
        if ('' === $name || mb_strlen($name) > 60) {
            $fields->refuse('name', 'What do you call it? Up to 60 letters.');
        }
        $blade = trim($typed->blade);
        if (mb_strlen($blade) > 60) {
            $fields->refuse('blade', 'Up to 60 letters.');
        }
        $figures = [];
        foreach (Rule::ofMachines() as $rule) {
            $typedFigure = $typed->figure($rule->value);
            $figures[$rule->value] =
                null === $typedFigure ? $rule->standard() : $fields->rule($rule->value, $typedFigure, $rule);
        }
        $force = $fields->whole(
            'force',
            $typed->force,
            self::FORCE[0],
            self::FORCE[1],
            'Force goes from '.self::FORCE[0].' to '.self::FORCE[1].' g.',
        );
        $passes = $fields->whole('passes', $typed->passes, self::PASSES[0], self::PASSES[1], 'One to four passes.');
        $fields->refuseIfWrong();

        return [
            $name,
            MachineProfile::ROLL === $typed->kind ? MachineProfile::ROLL : MachineProfile::BOARD,
            $figures,
            $force,
            $blade,
            $passes,
        ];
    }
}
