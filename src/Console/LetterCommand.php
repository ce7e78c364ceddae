<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Lettering\Typesetter;

#[AsCommand('trade:letter', 'Sets words as fused outlines')]
final class LetterCommand extends TradeCommand
{
    public function __construct(private readonly Reading $reading, private readonly Typesetter $typesetter)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $words = $this->reading->words($in);
        $capHeight = $in->length('capHeight', 0.5, 20_000);
        $offset = $in->has('offset') ? $in->length('offset', 0, 1000) : null;
        $in->end();
        $artwork = $this->typesetter->artwork($words, $capHeight, $offset);

        return [
            'capHeight' => Reading::mm($capHeight),
            'xHeight' => Reading::mm($this->typesetter->xHeight($words->face, $capHeight)),
            'layers' => array_map(Reading::layer(...), $artwork->layers),
        ];
    }
}
