<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;

/** Draws every common letter of every face once, so that the first sampler of the day need not. */
#[AsCommand('yelbo:warm', 'Draws the common letters of every face ahead of time')]
final class WarmCommand extends Command
{
    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&.-';

    public function __construct(private readonly Faces $faces, private readonly Typesetter $typesetter)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach ($this->faces->all() as $face) {
            $letters = array_map(
                static fn (string $letter): Words => Words::set($face, [$letter], new Setting()),
                self::letters($face),
            );
            $this->typesetter->shapeAll($letters);
            foreach ($letters as $letter) {
                $this->typesetter->sketch($letter);
            }
        }

        return self::SUCCESS;
    }

    /** @return list<string> */
    private static function letters(Face $face): array
    {
        return \in_array('Latin', $face->alphabets, true) ? str_split(self::LETTERS) : [];
    }
}
