<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Command\SignalableCommandInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Yelbo\Device\Cutter\SimulatedServer;

#[AsCommand('yelbo:cutter', 'Runs the simulated cutter on its socket')]
final class CutterCommand extends Command implements SignalableCommandInterface
{
    private ?SimulatedServer $server = null;

    public function __construct(
        #[Autowire('%env(YELBO_CUTTER)%')]
        private readonly string $address,
        #[Autowire('%env(float:YELBO_CUTTER_PACE)%')]
        private readonly float $pace,
        #[Autowire('%env(YELBO_CUTTER_MEMORY)%')]
        private readonly string $memory,
    ) {
        parent::__construct();
    }

    /** @return list<int> */
    public function getSubscribedSignals(): array
    {
        return [\SIGTERM, \SIGINT];
    }

    public function handleSignal(int $signal, int|false $previousExitCode = 0): int|false
    {
        $this->server?->switchOff();

        return false;
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $this->server = new SimulatedServer($this->memory, max(0.1, $this->pace));
        $this->server->run($this->address);

        return self::SUCCESS;
    }
}
