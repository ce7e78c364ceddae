<?php

declare(strict_types=1);

namespace Yelbo\Shop\Machines;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Refusals;
use Yelbo\Trade\Refused;
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

    public function inUse(): ?MachineProfile
    {
        return $this->records->getRepository(MachineProfile::class)->findOneBy(['inUse' => true]);
    }

    /** @throws NotFound */
    public function machine(int $id): MachineProfile
    {
        return $this->records->find(MachineProfile::class, $id) ?? throw new NotFound('There is no such machine.');
    }

    /**
     * @param array<string, string> $typed figures by the rule's name, as typed
     *
     * @throws Refusals a sentence a field
     */
    public function add(string $name, string $kind, array $typed, string $force, string $blade, string $passes): MachineProfile
    {
        $machine = new MachineProfile(...$this->read($name, $kind, $typed, $force, $blade, $passes));
        $machine->use(null === $this->inUse());
        $this->records->persist($machine);
        $this->book->note('machine', "{$machine->says()} added");
        $this->records->flush();

        return $machine;
    }

    /** @param array<string, string> $typed */
    public function change(MachineProfile $machine, int $version, string $name, string $kind, array $typed, string $force, string $blade, string $passes): void
    {
        $read = $this->read($name, $kind, $typed, $force, $blade, $passes);
        $this->change->of($machine, $version, function () use ($machine, $read): void {
            $machine->change(...$read);
            $this->book->note('machine', "Settings: {$machine->says()}");
        });
    }

    public function use(MachineProfile $machine, int $version): void
    {
        $this->change->of($machine, $version, function () use ($machine): void {
            foreach ($this->all() as $other) {
                $other->use($other === $machine);
            }
            $this->book->note('machine', "{$machine->name()} is the machine in use");
        });
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array{string, string, array<string, float>, int, string, int}
     */
    private function read(string $name, string $kind, array $typed, string $force, string $blade, string $passes): array
    {
        $wrong = [];
        if ('' === trim($name) || mb_strlen($name) > 60) {
            $wrong['name'] = 'What do you call it? Up to 60 letters.';
        }
        if (mb_strlen($blade) > 60) {
            $wrong['blade'] = 'Up to 60 letters.';
        }
        $figures = [];
        foreach (Rule::cases() as $rule) {
            if (!$rule->isOfMachine()) {
                continue;
            }
            $value = filter_var(str_replace(',', '.', trim($typed[$rule->value] ?? (string) $rule->standard())), \FILTER_VALIDATE_FLOAT);
            try {
                $rule->check(false === $value ? \NAN : $value);
                $figures[$rule->value] = (float) $value;
            } catch (Refused $refused) {
                $wrong[$rule->value] = $refused->getMessage();
            }
        }
        $grams = filter_var(trim($force), \FILTER_VALIDATE_INT, ['options' => ['min_range' => self::FORCE[0], 'max_range' => self::FORCE[1]]]);
        if (false === $grams) {
            $wrong['force'] = 'Force goes from '.self::FORCE[0].' to '.self::FORCE[1].' g.';
        }
        $times = filter_var(trim($passes), \FILTER_VALIDATE_INT, ['options' => ['min_range' => self::PASSES[0], 'max_range' => self::PASSES[1]]]);
        if (false === $times) {
            $wrong['passes'] = 'One to four passes.';
        }
        if ([] !== $wrong) {
            throw new Refusals($wrong);
        }

        return [trim($name), MachineProfile::ROLL === $kind ? $kind : MachineProfile::BOARD, $figures, (int) $grams, trim($blade), (int) $times];
    }
}
