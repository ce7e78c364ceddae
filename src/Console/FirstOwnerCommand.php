<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Shop\Access\FirstOwner;

/** Says the code that makes the first owner; says nothing where somebody works here. */
#[AsCommand('yelbo:first-owner', 'Gives the code that makes the first owner')]
final class FirstOwnerCommand extends Command
{
    public function __construct(private readonly FirstOwner $first)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $code = $this->first->code();
        if (null !== $code) {
            $output->writeln(
                "Nobody works here yet. Open the page and make the owner with this code, good for an hour: $code",
            );
        }

        return self::SUCCESS;
    }
}
