<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Contrast;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What speaks against a decal in the very film it is to be cut from: how much of it there is, its colour, its maker.
 * Source: handbook sections 6, 7 and 10.
 */
final readonly class FilmInHand
{
    /** Of full light: from here film is as pale as its liner, and under there its cuts do not show. */
    private const WHITE = 0.82;
    private const DARK = 0.12;

    public function __construct(private Rules $rules)
    {
    }

    /**
     * Against what is on the shelf: the largest piece of this film, and the widest tape.
     *
     * @param array{int, int}|null $sheet the sides of the largest sheet or offcut, µm; nothing where there is none
     * @param int|null             $tape  the widest transfer tape, µm; the shop's figure where none is kept
     *
     * @return list<Snag>
     */
    public function shelf(Fitted $fitted, ?array $sheet, ?int $tape = null): array
    {
        $box = $fitted->artwork->box();
        $sides = [min($box->width(), $box->height()), max($box->width(), $box->height())];

        return [
            ...null === $sheet ? [] : $this->tooLarge($fitted, $sides, $sheet),
            ...$this->tooWide($sides[0], $tape ?? $this->rules->micrometres(Rule::TapeWidth)),
        ];
    }

    /**
     * @param array{int, int} $sides the shorter and the longer, µm
     * @param array{int, int} $sheet µm
     *
     * @return list<Snag>
     */
    private function tooLarge(Fitted $fitted, array $sides, array $sheet): array
    {
        [$short, $long] = $sides;
        $edge = 2 * $this->rules->micrometres(Rule::SheetEdge);
        [$narrow, $wide] = [min($sheet) - $edge, max($sheet) - $edge];
        if ($short <= $narrow && $long <= $wide) {
            return [];
        }
        $share = min($narrow / $short, $wide / $long);
        $gives = Length::micrometres($narrow)->inMetric().' × '.Length::micrometres($wide)->inMetric();

        return [
            new Snag(
                SnagCode::TooLargeForFilm,
                Severity::Warn,
                $long > $wide ? $wide : $narrow,
                $long > $wide ? $long : $short,
                null,
                "The largest piece of this film on the shelf gives $gives mm; this is larger and has to be cut in "
                    .'panels.',
                [
                    ['do' => Remedy::Reduce, 'capHeight' => (int) floor($fitted->capHeight * $share)],
                    ['do' => Remedy::Panels],
                ],
            ),
        ];
    }

    /**
     * @param int $short the shorter side, µm
     * @param int $tape  the widest roll, µm
     *
     * @return list<Snag>
     */
    private function tooWide(int $short, int $tape): array
    {
        $needed = $short + 2 * $this->rules->micrometres(Rule::TapeMargin);
        [$wants, $has, $over] = array_map(
            static fn (int $length): string => Length::micrometres($length)->inMetric(),
            [$needed, $tape, $this->rules->micrometres(Rule::TapeOverlap)],
        );

        return $needed <= $tape
            ? []
            : [
                new Snag(
                    SnagCode::TooWideForTape,
                    Severity::Note,
                    $tape,
                    $needed,
                    null,
                    "The tape has to be $wants mm wide and the widest roll has $has mm: lay it in strips that "
                        .'overlap by '
                        ."$over mm.",
                    [],
                ),
            ];
    }

    /**
     * What the bench should know of the colour: nothing is wrong, but waste is hard to see.
     *
     * @param string    $swatch the film's colour, #rrggbb
     * @param string    $liner  the colour of its liner
     * @param bool|null $oneWay whether it runs one way, where that is known of the film itself
     *
     * @return list<Snag>
     */
    public function colour(Film $film, string $swatch, string $liner = 'white', ?bool $oneWay = null): array
    {
        [$red, $green, $blue] = array_map(hexdec(...), str_split(str_pad(ltrim($swatch, '#'), 6, '0'), 2));
        $light = (0.2126 * $red + 0.7152 * $green + 0.0722 * $blue) / 255;
        $note = static fn (SnagCode $code, string $says): Snag => new Snag(
            $code,
            Severity::Note,
            0,
            0,
            null,
            $says,
            [],
        );
        $pale = 'Pale film on its white liner: what is weeded is hard to see. Take film with a coloured liner, or a '
            .'lit table.';

        return [
            ...match (true) {
                $light > self::WHITE && 'white' === strtolower(trim($liner)) => [$note(SnagCode::WhiteOnWhite, $pale)],
                $light < self::DARK => [
                    $note(SnagCode::DarkFilm, 'Dark film hides its cuts. Weed it on a lit table.'),
                ],
                default => [],
            },
            ...$oneWay ?? $film->hasDirection()
                ? [$note(SnagCode::Patterned, 'The pattern has a direction: it is never turned on the sheet.')]
                : [],
        ];
    }

    /**
     * Whether the letters are read on the object: their film against it, or where there are rims the outermost against
     * it and the letters against the one under them. Patterned film is never sure to be.
     *
     * @param non-empty-list<string> $swatches #rrggbb of each layer, the letters first
     * @param string                 $object   #rrggbb
     * @param list<array{string, string}> $others films a rim could be of: the name and the colour of each
     *
     * @return list<Snag>
     */
    public function contrast(Film $film, array $swatches, string $object, array $others): array
    {
        $on = [...$swatches, $object];
        $least = Contrast::between($on[0], $on[1]);
        foreach ($swatches as $nth => $swatch) {
            $contrast = Contrast::between($swatch, $on[$nth + 1]);
            $least = $contrast->ratio < $least->ratio ? $contrast : $least;
        }
        $isBare = 1 === \count($swatches);
        if ($least->reads() && !($isBare && Film::Patterned === $film)) {
            return [];
        }
        $rim = $isBare ? self::rim($swatches[0], $object, $others) : '';

        return [
            new Snag(
                SnagCode::PoorContrast,
                Severity::Warn,
                (int) (1000 * Contrast::READS),
                (int) round(1000 * $least->ratio),
                null,
                ($least->reads()
                    ? 'Patterned film is read poorly from further off, whatever it lies on.'
                    : "It is read poorly on this object: a contrast of {$least->inWords()}, and letters need 3 to "
                        .'1.').$rim,
                [['do' => Remedy::Rim]],
            ),
        ];
    }

    /**
     * The film that carries letters best as a rim: apart from them and from the object alike.
     *
     * @param list<array{string, string}> $others
     */
    private static function rim(string $letters, string $object, array $others): string
    {
        $best = null;
        foreach ($others as [$name, $swatch]) {
            $apart = min(
                Contrast::between($letters, $swatch)->ratio,
                Contrast::between($swatch, $object)->ratio,
            );
            $best = null === $best || $apart > $best[1] ? [$name, $apart] : $best;
        }

        return null === $best || $best[1] < Contrast::READS
            ? ' Take another colour.'
            : " A rim of $best[0] would carry it.";
    }

    /**
     * @param int|null $years outdoors that the maker of the film gives it, where he says so
     *
     * @return list<Snag>
     */
    public function outdoors(Usage $use, ?int $years): array
    {
        return 0 !== $years || !\in_array($use, [Usage::Outdoor, Usage::Vehicle], true)
            ? []
            : [
                new Snag(
                    SnagCode::IndoorsOnly,
                    Severity::Warn,
                    0,
                    0,
                    null,
                    'Its maker gives this film for indoors only. Take another one, or tell the customer.',
                    [],
                ),
            ];
    }
}
