<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanOverview;
use Yelbo\Shop\Batches\PlanSheets;
use Yelbo\Shop\Records\NotFound;

/** What a plan takes, as JSON: film in m², minutes, money in minor units; null before it is laid out. */
#[AsCommand('yelbo:plan', 'Says what a plan takes of film, minutes and money')]
final class PlanCommand extends Command
{
    public function __construct(
        private readonly PlanEditor $plans,
        private readonly PlanSheets $sheets,
        private readonly PlanOverview $overview,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'The number of the plan');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $typed = $input->getArgument('plan');
        try {
            $plan = $this->plans->plan(is_numeric($typed) ? (int) $typed : 0);
            $figures = $this->overview->figures($plan, $this->sheets->pieces($plan->nesting()));
        } catch (NotFound $missing) {
            $output->writeln($missing->getMessage());

            return self::FAILURE;
        }
        $output->writeln(
            json_encode(null === $figures ? null : get_object_vars($figures), \JSON_THROW_ON_ERROR),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
