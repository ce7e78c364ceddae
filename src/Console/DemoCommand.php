<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Shop\Demo\DemoShop;

#[AsCommand('yelbo:demo', 'Loads the made-up shop')]
final class DemoCommand extends Command
{
    private const MIGRATIONS = 'doctrine_migration_versions';

    public function __construct(private readonly DemoShop $shop, private readonly Connection $database)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('if-empty', null, InputOption::VALUE_NONE, 'Only where there is no data yet')
            ->addOption('fresh', null, InputOption::VALUE_NONE, 'Throw all data away first')
            ->addOption('sign-ins', null, InputOption::VALUE_NONE, 'Only say who can sign in');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($input->getOption('sign-ins')) {
            foreach (DemoShop::SIGN_INS as [$signIn, $name, $role, $password]) {
                $output->writeln(
                    \sprintf('  sign in as %-6s password %-16s (%s, %s)', $signIn, $password, $name, $role->value),
                );
            }

            return self::SUCCESS;
        }
        if ($input->getOption('fresh')) {
            $this->empty();
        } elseif (!$this->shop->isEmpty()) {
            $output->writeln('There is data already; nothing was changed.');

            return self::SUCCESS;
        }
        $this->shop->fill(static fn (int $done, int $all) => $output->writeln("$done of $all orders"));

        return self::SUCCESS;
    }

    /** TRUNCATE is the one way past the book's own lock, and only the demo has a reason for it. */
    private function empty(): void
    {
        $this->database->executeStatement('SET FOREIGN_KEY_CHECKS = 0');
        foreach ($this->database->createSchemaManager()->listTableNames() as $table) {
            if (self::MIGRATIONS !== $table) {
                $this->database->executeStatement("TRUNCATE TABLE $table");
            }
        }
        $this->database->executeStatement('SET FOREIGN_KEY_CHECKS = 1');
    }
}
