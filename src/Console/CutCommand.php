<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Knife\CutFile;
use Yelbo\Trade\Knife\KnifeWay;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Sheet\Place;

#[AsCommand('trade:cut', 'Writes the cut file of a sheet')]
final class CutCommand extends TradeCommand
{
    public function __construct(private readonly Reading $reading)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'svg, hpgl or dxf', 'svg');
    }

    protected function answer(Document $in, InputInterface $input): string
    {
        $format = $input->getOption('format');
        if (!\in_array($format, ['svg', 'hpgl', 'dxf'], true)) {
            throw new Refused('unknown-format', 'The format is svg, hpgl or dxf.');
        }
        $sheet = $in->object('sheet');
        $width = $sheet->length('width');
        $height = $sheet->length('height');
        $sheet->end();
        $machine = $this->machine($in);
        $layers = array_map(
            fn (Document $place): array => $this->place($place, $width, $height),
            $in->objects('places'),
        );
        $in->end();
        $file = new CutFile($width, $height, $machine, KnifeWay::through($layers));

        return match ($format) {
            'svg' => $file->svg(),
            'hpgl' => $file->hpgl(),
            'dxf' => $file->dxf(),
        };
    }

    private function machine(Document $in): Machine
    {
        if (!$in->has('machine')) {
            return new Machine(0, 0);
        }
        $machine = $in->object('machine');
        $read = new Machine(
            (int) round(1000 * $machine->number('bladeOffset', 0, 5, 0)),
            (int) round(1000 * $machine->number('overcut', 0, 20, 0)),
        );
        $machine->end();

        return $read;
    }

    /** @return array{Region, string} */
    private function place(Document $in, int $width, int $height): array
    {
        $region = $this->reading->path($in);
        $place = new Place(
            '',
            (int) round(1000 * $in->number('x', -100_000, 100_000)),
            (int) round(1000 * $in->number('y', -100_000, 100_000)),
            $in->number('turn', -360, 360, 0),
        );
        $film = $in->text('film', '');
        $in->end();
        $put = $place->put($region);
        $box = $put->box();
        if ($box->left < 0 || $box->top < 0 || $box->right > $width || $box->bottom > $height) {
            throw new Refused('outside-sheet', 'This piece reaches beyond the sheet.', $in->at);
        }

        return [$put, $film];
    }
}
