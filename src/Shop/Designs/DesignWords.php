<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\LineStyle;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Refused;

/** What a design sets: its words in its face and setting, or what stands in their place. */
final readonly class DesignWords
{
    /** µm: a shape is drawn so high where nothing is said, and then made as large as it can be. */
    private const ANY_HIGH = 100_000;

    public function __construct(private Faces $faces, private BroughtArts $arts)
    {
    }

    /**
     * What is set: the words, a drawing or a shape in their place.
     *
     * @param list<string> $lines
     *
     * @throws Refused where they cannot be set so
     */
    public function of(array $lines, Design $design): Words
    {
        $art = $design->art();
        if (null !== $art) {
            $drawing = $this->arts->drawing($art['id'])->withoutParts($design->colours()->without());

            return Words::brought(
                $this->faces->named($design->face()),
                $drawing->inFilms($design->colours()->films()),
                $design->setting(1),
            );
        }
        $motif = self::motif($lines, $design);
        if (null !== $motif?->pattern()) {
            throw new Refused('pattern-covers', 'A pattern covers all that is safe: it has no size of its own.');
        }

        return null === $motif
            ? Words::set(
                $this->faces->named($design->face()),
                $lines,
                $this->styled($design->setting(\count($lines)), $design),
            )
            : $this->plain(
                self::ofMotif(static fn (): Region => PlainFilm::shape($motif, self::ANY_HIGH)),
                $design,
                null !== $motif->high,
            );
    }

    /**
     * What stands in the place of words that are not there.
     *
     * @param list<string> $lines
     */
    public static function motif(array $lines, Design $design): ?DesignElement
    {
        return [] === $lines ? $design->motif() : null;
    }

    /**
     * What is refused of it belongs to its own figures.
     *
     * @param \Closure(): Region $film
     *
     * @throws Refused at `/motif/…`
     */
    public static function ofMotif(\Closure $film): Region
    {
        try {
            return $film();
        } catch (Refused $refused) {
            throw $refused->under('/motif');
        }
    }

    /** Film as it is, in the place of words. */
    public function plain(Region $film, Design $design, bool $sized = false): Words
    {
        return Words::brought(
            $this->faces->named($design->face()),
            VectorArt::fromLayers(['#000000' => $film], [], $sized),
            $design->setting(1),
        );
    }

    private function styled(Setting $setting, Design $design): Setting
    {
        $signs = $design->lines()->signs();

        return $setting->withSigns('' === $signs ? null : $this->faces->named($signs))->styled(
            array_map(
                fn (array $style): LineStyle => new LineStyle(
                    '' === $style['face'] ? null : $this->faces->named($style['face']),
                    $style['height'],
                ),
                $design->lines()->styles(),
            ),
            $design->lines()->isJustified(),
        );
    }
}
