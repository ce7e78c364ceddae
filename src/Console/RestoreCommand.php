<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Yelbo\Shop\Backup\BackupFile;
use Yelbo\Shop\Backup\BackupLoader;
use Yelbo\Shop\Backup\BackupUnusable;

/** Loads a backup beside what the shop works with; `./yelbo restore` moves the shop over to it. */
#[AsCommand('yelbo:restore', 'Loads a backup into a schema of its own')]
final class RestoreCommand extends Command
{
    public function __construct(
        private readonly BackupLoader $loader,
        #[\SensitiveParameter] #[Autowire('%env(YELBO_BACKUP_PASSPHRASE)%')] private readonly string $passphrase,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'What `yelbo:backup` wrote')
            ->addArgument('schema', InputArgument::REQUIRED, 'Where to; there may be none of this name');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$file, $schema] = [$input->getArgument('file'), $input->getArgument('schema')];
        try {
            $backup = BackupFile::open(
                \is_string($file) ? $file : '',
                '' === $this->passphrase ? null : $this->passphrase,
            );
            $this->loader->load($backup, \is_string($schema) ? $schema : '');
        } catch (BackupUnusable $unusable) {
            $output->writeln($unusable->getMessage());

            return self::FAILURE;
        }
        $output->writeln(
            \sprintf(
                '%d rows, written on %s',
                $backup->manifest->rows(),
                $backup->manifest->made->format('j F Y \a\t H:i'),
            ),
        );

        return self::SUCCESS;
    }
}
