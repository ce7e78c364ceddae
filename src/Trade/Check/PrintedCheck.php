<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\PrintArea;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rules;

/** What speaks against a picture that is printed and cut. Source: handbook section 6, "printable". */
final readonly class PrintedCheck
{
    public function __construct(private Rules $rules)
    {
    }

    /** @return list<Snag> nothing of what is not printed */
    public function snags(Fitted $fitted, Film $film): array
    {
        return match (true) {
            null === $fitted->words->art?->picture => [],
            Film::Printable === $film => $this->tooLarge($fitted),
            default => [
                new Snag(
                    SnagCode::NotPrintable,
                    Severity::Stop,
                    0,
                    0,
                    null,
                    'A picture is printed: take printable film.',
                    [['do' => Remedy::AnotherFilm, 'film' => Film::Printable->value]],
                ),
            ],
        };
    }

    /** @return list<Snag> */
    private function tooLarge(Fitted $fitted): array
    {
        [$wide, $high] = PrintArea::most($this->rules);
        $box = $fitted->artwork->box();
        [$short, $long] = [min($box->width(), $box->height()), max($box->width(), $box->height())];
        if ($short <= min($wide, $high) && $long <= max($wide, $high)) {
            return [];
        }
        $share = min(min($wide, $high) / $short, max($wide, $high) / $long);

        return [
            new Snag(
                SnagCode::TooLargeToPrint,
                Severity::Stop,
                max($wide, $high),
                $long,
                null,
                \sprintf(
                    'The printer prints %s × %s mm between its marks, and this is larger. Make it smaller, or have '
                        .'it printed elsewhere.',
                    Length::micrometres($wide)->inMetric(),
                    Length::micrometres($high)->inMetric(),
                ),
                [['do' => Remedy::Reduce, 'capHeight' => (int) floor($fitted->capHeight * $share)]],
            ),
        ];
    }
}
