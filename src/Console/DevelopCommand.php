<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Development;
use Yelbo\Trade\Refused;

/**
 * The flat development of a taper, the droop of a straight line on it, and art bent along its
 * arc: the art's lower edge is its baseline, and the middle of that stays where it is.
 */
#[AsCommand('trade:develop', 'Lays the wall of a taper flat and bends art along it')]
final class DevelopCommand extends TradeCommand
{
    public function __construct(private readonly Reading $reading)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $top = Reading::length($in, 'top');
        $bottom = Reading::length($in, 'bottom');
        $slant = Reading::length($in, 'slant');
        $baseline = $in->has('baseline')
            ? $in->length('baseline', 0, $slant->toMillimetres())
            : $slant->micrometres / 2;
        $art = $in->has('path') ? $this->reading->path($in) : null;
        $width = $in->has('width') ? $in->length('width') : $art?->box()->width() ?? 0;
        $in->end();
        $development = new Development($top, $bottom, $slant);
        $around = $development->around($baseline);
        if ($width > $around) {
            throw new Refused(
                'wider-than-the-wall',
                'At this height the wall is '.
                    Length::micrometres($around)->inMetric().
                    ' mm round: art cannot be wider.',
                '/width',
            );
        }
        $droop = $development->droop($baseline, $width);
        $bend = $droop > Development::SHOWS;
        $box = $art?->box();

        return [
            'apexRadius' => Reading::mm($development->apexRadius),
            'sweep' => round(rad2deg($development->sweep), 6),
            'droop' => Reading::mm($droop),
            'bend' => $bend,
        ] +
            (null === $art || null === $box
                ? []
                : [
                    'path' => SvgPath::write(
                        $bend
                            ? $development->bend($art, $baseline, ($box->left + $box->right) / 2, $box->bottom)
                            : $art,
                    ),
                ]);
    }
}
