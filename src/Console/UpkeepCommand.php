<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Shop\Proofs\UnsentLetters;
use Yelbo\Shop\Upkeep\StuckRecords;

/** What `./yelbo doctor` says of the records; a line for each that is stuck. */
#[AsCommand('yelbo:upkeep', 'Finds records that no move leads on from')]
final class UpkeepCommand extends Command
{
    public function __construct(private readonly StuckRecords $stuck, private readonly UnsentLetters $letters)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('mend', null, InputOption::VALUE_NONE, 'Mend them, each by the rule that is said');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $mend = true === $input->getOption('mend');
        $found = $mend ? $this->stuck->mend() : $this->stuck->all();
        foreach ($found as $stuck) {
            $output->writeln("{$stuck->what} {$stuck->rule}");
        }

        $letters = $this->letters->all();
        foreach ($letters as $link) {
            $output->writeln(\sprintf(
                'The letter of %s to %s did not go out%s. Send it again from its proof.',
                $link->proof()->docket()->tag(),
                $link->sentTo(),
                '' === $link->letter()->says() ? '' : ': '.rtrim($link->letter()->says(), '. '),
            ));
        }

        return [] === $letters && ($mend || [] === $found) ? self::SUCCESS : self::FAILURE;
    }
}
