<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Bench\TapeKind;
use Yelbo\Trade\Bench\TapeRoll;
use Yelbo\Trade\Bench\Taping;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rules;

#[AsCommand('trade:tape', 'Says which tape lifts a decal, in which strips')]
final class TapeCommand extends TradeCommand
{
    /** What a surface is called here beside the names of materials. */
    private const CALLED = [
        'paint' => Material::Painted,
        'painted-wood' => Material::Painted,
        'painted-metal' => Material::Painted,
        'metal' => Material::Smooth,
        'plastic' => Material::Smooth,
        'acrylic' => Material::Smooth,
        'ceramic' => Material::Smooth,
        'wood' => Material::Raw,
        'canvas' => Material::Raw,
        'card' => Material::Raw,
    ];

    public function __construct(private readonly Reading $reading)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $rules = Rules::standard();
        $art = new Size(
            Length::micrometres($in->length('width', 0.5, 100_000)),
            Length::micrometres($in->length('height', 0.5, 100_000)),
        );
        $film = $this->reading->film($in);
        $use = $this->reading->useOf($in);
        $surface = $in->has('surface') ? $in->text('surface') : '';
        $on = self::CALLED[$surface] ?? Material::tryFrom($surface);
        if ('' !== $surface && null === $on) {
            throw $in->wrong('surface', 'is a material, like '.implode(', ', array_column(Material::cases(), 'value')));
        }
        $delicate = $in->flag('delicate', false);
        $rolls = array_map(self::roll(...), $in->objects('rolls'));
        $in->end();
        $longer = max($art->width->micrometres, $art->height->micrometres);
        $taping = Taping::of($art, TapeChoice::for($longer, $film, $use, $on, $delicate, $rules), $use, $rolls, $rules);
        $choice = $taping->choice;

        return [
            'kind' => $taping->roll->kind->value,
            'why' => $choice->why,
            'other' => null === $choice->other
                ? null
                : ['kind' => $choice->other[0]->value, 'why' => $choice->other[1]],
            'hinge' => Reading::mm($taping->hinge),
            'strips' => array_map(
                static fn (Box $strip): array => [
                    'x' => Reading::mm($strip->left),
                    'y' => Reading::mm($strip->top),
                    'width' => Reading::mm($strip->width()),
                    'height' => Reading::mm($strip->height()),
                ],
                $taping->strips,
            ),
            'area' => round($taping->area(), 3),
        ];
    }

    private static function roll(Document $roll): TapeRoll
    {
        $kind = TapeKind::tryFrom($roll->text('kind'))
            ?? throw $roll->wrong('kind', 'is one of clear, strong and paper');
        $width = $roll->length('width', 1, 10_000);
        $roll->end();

        return new TapeRoll($kind, $width);
    }
}
