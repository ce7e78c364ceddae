<?php

declare(strict_types=1);

namespace Yelbo\Trade;

use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * A program of the machine that the core asks. It is written to and read from at once, so that neither waits for the
 * other, and its time, what it is given and what it says are bounded.
 */
final class Program
{
    /** How long it is waited for, s; what it takes while nobody waits yet does not count. */
    private const SECONDS = 5;
    /** Bytes it may be given, and may say. */
    private const MOST_GIVEN = 4_000_000;
    private const MOST_SAID = 32_000_000;

    private int $said = 0;
    private readonly int $began;

    private function __construct(private readonly Process $process, private readonly string $name)
    {
        $this->began = hrtime(true);
    }

    /**
     * Starts it; several run side by side until they are asked.
     *
     * @param list<string> $command the program and its words, none of them read by a shell
     *
     * @throws ProgramTrouble where it is given too much or cannot be started
     */
    public static function begin(array $command, string $given): self
    {
        if (\strlen($given) > self::MOST_GIVEN) {
            throw new ProgramTrouble("This is more than $command[0] is given at once.", true);
        }
        $program = new self(new Process($command, input: $given, timeout: null), $command[0]);
        try {
            $program->process->start($program->count(...));
        } catch (ExceptionInterface $fault) {
            $says = "$command[0] cannot be started. `./yelbo doctor` says what is missing.";
            throw new ProgramTrouble($says, false, $fault);
        }

        return $program;
    }

    /**
     * Waits for its end.
     *
     * @throws ProgramTrouble where it takes too long, says too much or fails
     */
    public function answer(): string
    {
        try {
            $this->process->setTimeout((hrtime(true) - $this->began) / 1e9 + self::SECONDS);
            $status = $this->process->wait();
        } catch (ProcessTimedOutException $fault) {
            throw new ProgramTrouble("$this->name takes longer than ".self::SECONDS.' s.', true, $fault);
        }
        if (0 !== $status) {
            $says = substr($this->process->getErrorOutput(), 0, 400);
            throw new ProgramTrouble("$this->name failed: ".trim($says), false);
        }

        return $this->process->getOutput();
    }

    private function count(string $kind, string $part): void
    {
        $this->said += \strlen($part);
        if ($this->said > self::MOST_SAID) {
            $this->process->stop(0);
            throw new ProgramTrouble("$this->name says more than is read.", true);
        }
    }
}
