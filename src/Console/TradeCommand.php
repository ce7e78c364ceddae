<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Trade\Refused;

/** One JSON document in, one answer out; bad input is exit status 2 and one JSON line on standard error. */
abstract class TradeCommand extends Command
{
    private const REFUSED = 2;
    /** A little more than a document may have: enough to know it is too long. */
    private const READ = 5_000_001;

    /** @return array<array-key, mixed>|string an answer to be written as JSON, or a file as it is */
    abstract protected function answer(Document $in, InputInterface $input): array|string;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $in = Document::parse((string) stream_get_contents(\STDIN, self::READ));
            $answer = $this->answer($in, $input);
        } catch (Refused $refused) {
            $error = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $error->writeln(
                self::json([
                    'error' => ['code' => $refused->reason, 'message' => $refused->getMessage(), 'at' => $refused->at],
                ]),
                OutputInterface::OUTPUT_RAW,
            );

            return self::REFUSED;
        }
        $output->write(\is_string($answer) ? $answer : self::json($answer)."\n", false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @param array<array-key, mixed> $value */
    private static function json(array $value): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE);
    }
}
