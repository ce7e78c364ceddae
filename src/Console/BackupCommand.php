<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Yelbo\Shop\Backup\BackupUnusable;
use Yelbo\Shop\Backup\BackupWriter;

/** What `./yelbo backup` does; the passphrase travels in the environment, where no list of processes shows it. */
#[AsCommand('yelbo:backup', 'Writes all records into one archive')]
final class BackupCommand extends Command
{
    public function __construct(
        private readonly BackupWriter $writer,
        #[\SensitiveParameter] #[Autowire('%env(YELBO_BACKUP_PASSPHRASE)%')] private readonly string $passphrase,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Where to; there may be no such file yet');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $manifest = $this->writer->write(
                \is_string($file) ? $file : '',
                '' === $this->passphrase ? null : $this->passphrase,
            );
        } catch (BackupUnusable $unusable) {
            $output->writeln($unusable->getMessage());

            return self::FAILURE;
        }
        $output->writeln(\sprintf('%d rows of %d tables', $manifest->rows(), \count($manifest->tables)));

        return self::SUCCESS;
    }
}
