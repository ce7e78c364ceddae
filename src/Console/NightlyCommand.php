<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Command\SignalableCommandInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Shop\Access\SecurityLog;
use Yelbo\Shop\Backup\NightlyBackup;
use Yelbo\Shop\Bench\Paces;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\AnsweredRequests;

/** Stays up and makes each night's backup when it is due. */
#[AsCommand('yelbo:nightly', 'Makes the nightly backups')]
final class NightlyCommand extends Command implements SignalableCommandInterface
{
    /** Seconds: a machine that was just switched on is left alone first. */
    private const SETTLE = 600;
    private const EVERY = 60;
    /** After so long it ends, and its keeper starts it anew. */
    private const RENEWED = '+7 days';
    private const AFTER_A_FAILURE = 3600;

    public function __construct(
        private readonly NightlyBackup $backup,
        private readonly Book $book,
        private readonly SecurityLog $log,
        private readonly AnsweredRequests $answered,
        private readonly Paces $paces,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    /** @return list<int> */
    public function getSubscribedSignals(): array
    {
        return [\SIGTERM, \SIGINT];
    }

    public function handleSignal(int $signal, int|false $previousExitCode = 0): int
    {
        return 0;
    }

    protected function configure(): void
    {
        $this->addOption('now', null, InputOption::VALUE_NONE, 'Make it now, due or not, and end');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($input->getOption('now')) {
            return $this->make($output) ? self::SUCCESS : self::FAILURE;
        }
        $this->clock->sleep(self::SETTLE);
        $until = $this->clock->now()->modify(self::RENEWED);
        while ($this->clock->now() < $until) {
            $failed = $this->backup->isDue() && !$this->make($output);
            $this->clock->sleep($failed ? self::AFTER_A_FAILURE : self::EVERY);
        }

        return self::SUCCESS;
    }

    private function make(OutputInterface $output): bool
    {
        $this->book->as('Yelbo');
        try {
            $this->answered->tidy();
            $this->log->rotate();
            $this->paces->learn();
            $says = 'Nightly backup written and proved: '.basename($this->backup->make());
            $made = true;
        } catch (\Throwable $fault) {
            $says = 'The nightly backup failed: '.$fault->getMessage();
            $made = false;
        }
        $output->writeln($says);
        $this->book->noteNow($made ? 'backup' : 'backup-failed', $says);
        $this->log->note('backup', 'Yelbo', $says);

        return $made;
    }
}
