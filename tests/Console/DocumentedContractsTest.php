<?php

declare(strict_types=1);

namespace Yelbo\Tests\Console;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Every example in docs/console.md is run, and answers what stands there. */
final class DocumentedContractsTest extends TestCase
{
    private const ELIDED = '…';

    public function testEachExampleAnswersWhatIsWritten(): void
    {
        $examples = $this->examples();
        self::assertGreaterThan(8, \count($examples));
        foreach ($examples as [$command, $isError, $in, $answer]) {
            $process = new Process(
                [\PHP_BINARY, 'bin/console', ...explode(' ', $command)],
                $this->root(),
                ['APP_ENV' => 'test', 'APP_DEBUG' => '0'],
                $in,
            );
            $process->run();
            self::assertSame($isError ? 2 : 0, $process->getExitCode(), $process->getErrorOutput());
            $given = trim($isError ? $process->getErrorOutput() : $process->getOutput());
            $wanted = json_decode($answer, true);
            if (null === $wanted) {
                self::assertSame(trim($answer), $given, $command);
            } else {
                self::assertSame(
                    '',
                    $this->difference($wanted, json_decode($given, true, 64, \JSON_THROW_ON_ERROR), $command),
                );
            }
        }
    }

    public function testEachContractHasAnExample(): void
    {
        preg_match_all(
            "~AsCommand\\('(trade:[a-z]+)'~",
            implode(
                '',
                array_map(
                    static fn (string $file): string => (string) file_get_contents($file),
                    glob($this->root().'/src/Console/*.php') ?: [],
                ),
            ),
            $commands,
        );
        $shown = array_map(static fn (array $example): string => explode(' ', $example[0])[0], $this->examples());
        self::assertSame([], array_diff($commands[1], $shown));
        self::assertNotEmpty($commands[1]);
    }

    /** @return list<array{string, bool, string, string}> command, whether it is an error, input, answer */
    private function examples(): array
    {
        preg_match_all(
            '~^```json (error )?(trade:[^\n]+)\n(.*?)^```\s+```(?:json|text) answer\n(.*?)^```~ms',
            (string) file_get_contents($this->root().'/docs/console.md'),
            $found,
            \PREG_SET_ORDER,
        );

        return array_map(static fn (array $one): array => [$one[2], '' !== $one[1], $one[3], $one[4]], $found);
    }

    /** @return string where the two differ; empty where they do not */
    private function difference(mixed $wanted, mixed $given, string $at): string
    {
        if (self::ELIDED === $wanted) {
            return '';
        }
        if (!\is_array($wanted) || !\is_array($given)) {
            return $wanted === $given || (is_numeric($wanted) && is_numeric($given) && abs($wanted - $given) < 1e-6)
                ? ''
                : "$at is ".json_encode($given).', not '.json_encode($wanted);
        }
        if (array_is_list($wanted) && self::ELIDED === end($wanted)) {
            array_pop($wanted);
            $given = \array_slice($given, 0, \count($wanted));
        }
        if (array_keys($wanted) !== array_keys($given)) {
            return "$at has ".implode(', ', array_keys($given)).', not '.implode(', ', array_keys($wanted));
        }
        foreach ($wanted as $key => $value) {
            $found = $this->difference($value, $given[$key], "$at/$key");
            if ('' !== $found) {
                return $found;
            }
        }

        return '';
    }

    private function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
