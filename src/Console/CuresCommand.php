<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Shop\Designs\Cure;
use Yelbo\Shop\Designs\CureSearch;
use Yelbo\Shop\Designs\Drawable;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Refused;

/** What the check finds in an order's drawing and what helps against it, as JSON; each cure is tried, as at Size. */
#[AsCommand('yelbo:cures', 'Says what helps against the snags of an order')]
final class CuresCommand extends Command
{
    public function __construct(private readonly Dockets $dockets, private readonly CureSearch $cures)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('docket', InputArgument::REQUIRED, 'The number of the docket: 412, or Y-0412');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $typed = $input->getArgument('docket');
        try {
            $item = $this->dockets->measuredItem((int) preg_replace('~\D~', '', \is_string($typed) ? $typed : ''), 1);
            $found = $this->cures->all(
                new Drawable($item->object(), $item->words(), $item->design(), $item->ownFilm(), $item->useOf()),
            );
        } catch (NotFound|Refused $refused) {
            $output->writeln($refused->getMessage());

            return self::FAILURE;
        }
        $answer = [];
        foreach ($found as [$group, $cures]) {
            $answer[] = [
                'code' => $group->code->value,
                'severity' => $group->severity->value,
                'count' => $group->count,
                'message' => $group->message,
                'cures' => array_map(
                    static fn (Cure $cure): array => [
                        'do' => $cure->do->value,
                        'says' => $cure->says,
                        'effect' => $cure->effect,
                        'change' => null === $cure->change ? null : get_object_vars($cure->change),
                    ],
                    $cures,
                ),
            ];
        }
        $output->writeln(
            json_encode($answer, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
