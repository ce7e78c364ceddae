<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;

#[AsCommand('trade:faces', 'Lists the cutting faces')]
final class FacesCommand extends TradeCommand
{
    public function __construct(private readonly Faces $faces)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $in->end();

        return array_map(
            static fn (Face $face): array => [
                'slug' => $face->slug,
                'name' => $face->name,
                'style' => $face->style,
                'licence' => $face->licence,
                'file' => $face->file,
            ],
            $this->faces->all(),
        );
    }
}
