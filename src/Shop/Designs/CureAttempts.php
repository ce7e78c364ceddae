<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Check\FaceSample;
use Yelbo\Trade\Check\Remedy;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Advice;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Measure\Length;

/**
 * What a cure comes to as a change of the drawing: what the core proposes with its figure, a little more where that
 * was a hair too small, and the faces and films to try. Source: handbook section 5.
 *
 * @phpstan-import-type Cure from Snag as SnagCure
 */
final readonly class CureAttempts
{
    /** Faces and films that are tried for one snag. */
    private const MOST_TRIED = 3;
    /** What a figure grows by when it was a hair too small: mending makes art larger, so it is set smaller. */
    private const AGAIN = [1.0, 1.15, 1.35];
    /** A hair more than the figure that was found. */
    private const ENLARGED = 1.03;
    /** Thousandths of the em that a letter height is, about. */
    private const EM_OF_CAPS = 700;
    /** µm: what figures of mending are rounded up to. */
    private const STEP = 50;

    public function __construct(
        private FaceSampler $sampler,
        private DesignCheck $check,
        private Faces $faces,
        private Shelf $shelf,
        private ShopRules $rules,
    ) {
    }

    /**
     * What to try, the least change first.
     *
     * @param SnagCure $cure
     *
     * @return iterable<CureAttempt>
     */
    public function of(array $cure, Drawable $decal, Fitted $fitted): iterable
    {
        $by = $cure['by'] ?? 0;
        $height = $cure['capHeight'] ?? 0;

        return match ($cure['do']) {
            Remedy::Enlarge => $this->heights([$height, (int) ceil($height * self::ENLARGED)], $decal),
            Remedy::Reduce => $this->heights([$height], $decal),
            Remedy::Centre => [
                new CureAttempt(
                    $decal->with($decal->design->centred()),
                    'Back to the middle',
                    new DesignChange(toTheMiddle: true),
                ),
            ],
            Remedy::Thicken => $this->thickened($by, $decal),
            Remedy::Fuse => $this->mendings('fuse', $by, $decal, 'Close gaps up to %s mm', 0),
            Remedy::Fill => $this->mendings('fill', $by, $decal, 'Fill insides under %s mm', 0),
            Remedy::Bridge => $this->mendings('bridge', $by, $decal, 'Hold them by bars of %s mm', 0),
            Remedy::Drop => $this->mendings('drop', $by, $decal, 'Drop parts under %s mm', 0),
            Remedy::Track => $decal->design->isWithoutWords() ? [] : $this->tracked($by, $decal, $fitted),
            Remedy::LeaveOut => [
                new CureAttempt(
                    $decal->with($decal->design->without($cure['colour'] ?? '')),
                    'Leave that outline out',
                    new DesignChange('', toTheMiddle: true, setting: ['leave-out' => $cure['colour'] ?? '']),
                ),
            ],
            Remedy::WidenRim => $this->widened($by, $decal),
            Remedy::BolderFace => $this->bolder($decal),
            Remedy::AnotherFilm => $this->films($cure, $decal),
            default => [],
        };
    }

    /**
     * @param list<int> $heights µm
     *
     * @return iterable<CureAttempt>
     */
    private function heights(array $heights, Drawable $decal): iterable
    {
        if ([] !== $decal->roster && $decal->design->setSize()->each) {
            // Each member has a height of its own.
            return;
        }
        foreach ($heights as $height) {
            $both = Length::micrometres($height)->inBoth();
            yield new CureAttempt(
                $decal->with($decal->design->sized($height)),
                $decal->design->isWithoutWords() ? "$both high over all" : "Letters $both high",
                new DesignChange(self::typed($height), toTheMiddle: true),
            );
        }
    }

    /**
     * @param value-of<Mending::STEPS> $step
     *
     * @return iterable<CureAttempt>
     */
    private function mendings(string $step, int $by, Drawable $decal, string $says, int $already): iterable
    {
        foreach (self::AGAIN as $factor) {
            $figure = $already + self::STEP * (int) ceil(($by * $factor) / self::STEP);
            yield new CureAttempt(
                $decal->with($decal->design->with($step, $figure)),
                \sprintf($says, self::figure($figure)),
                new DesignChange(setting: [$step => self::typed($figure)]),
            );
        }
    }

    /**
     * Thicker strokes close insides: where that is all that speaks against it, those are filled too.
     *
     * @return iterable<CureAttempt>
     */
    private function thickened(int $by, Drawable $decal): iterable
    {
        $already = $decal->design->mending()->thicken;
        yield from $this->mendings('thicken', $by, $decal, 'Thicken by %s mm on each side', $already);
        $limit = $this->limits($decal)->counter;
        foreach (self::AGAIN as $factor) {
            $figure = $already + self::STEP * (int) ceil(($by * $factor) / self::STEP);
            yield new CureAttempt(
                $decal->with($decal->design->with('thicken', $figure)->with('fill', $limit)),
                'Thicken by '.self::figure($figure).' mm on each side, and fill the insides that close',
                new DesignChange(setting: ['thicken' => self::typed($figure), 'fill' => self::typed($limit)]),
            );
        }
    }

    /** @return iterable<CureAttempt> */
    private function tracked(int $by, Drawable $decal, Fitted $fitted): iterable
    {
        $needed = (int) ceil((self::EM_OF_CAPS * $by) / max(1, $fitted->capHeight));
        foreach (self::AGAIN as $factor) {
            $tracking = $fitted->words->setting->tracking + max(1, (int) ceil($needed * $factor));
            yield new CureAttempt(
                $decal->with($decal->design->centred()->with('tracking', $tracking)),
                "Tracking $tracking",
                new DesignChange(toTheMiddle: true, setting: ['tracking' => (string) $tracking]),
            );
        }
    }

    /** @return iterable<CureAttempt> */
    private function widened(int $width, Drawable $decal): iterable
    {
        $layers = $decal->design->layers();
        foreach ($layers as $nth => $layer) {
            $layers[$nth]['offset'] = max($layer['offset'], $width + ($nth > 0 ? $width : 0));
        }
        $parts = array_combine(
            \array_slice(['offset', 'base'], 0, \count($layers)),
            array_map(static fn (array $layer): string => self::typed($layer['offset']), $layers),
        );
        yield new CureAttempt(
            $decal->with($decal->design->layered($layers)),
            'A rim of '.self::figure($width).' mm',
            new DesignChange(toTheMiddle: true, setting: $parts),
        );
    }

    /**
     * Faces that can be cut here, those of the same style first.
     *
     * @return iterable<CureAttempt>
     */
    private function bolder(Drawable $decal): iterable
    {
        if ($decal->design->isWithoutWords()) {
            return;
        }
        $own = $this->faces->named($decal->design->face());
        $samples = array_values(
            array_filter(
                $this->sampler->rank(
                    $decal->object,
                    $decal->lines,
                    $decal->design->sized(null),
                    $this->limits($decal),
                ),
                static fn (FaceSample $sample): bool => $sample->canBeCut() && $sample->face->slug !== $own->slug,
            ),
        );
        $kind = static fn (string $style): string => explode(',', $style)[0];
        usort(
            $samples,
            static fn (FaceSample $a, FaceSample $b): int => [
                $b->face->style === $own->style,
                $kind($b->face->style) === $kind($own->style),
            ] <=> [$a->face->style === $own->style, $kind($a->face->style) === $kind($own->style)],
        );
        foreach (\array_slice($samples, 0, self::MOST_TRIED) as $sample) {
            yield new CureAttempt(
                $decal->with($decal->design->inFace($sample->face->slug)),
                "Set in {$sample->face->name}",
                new DesignChange('', $sample->face->slug, toTheMiddle: true),
            );
        }
    }

    /**
     * @param SnagCure $cure
     *
     * @return iterable<CureAttempt>
     */
    private function films(array $cure, Drawable $decal): iterable
    {
        /** @var array<string, int|null> $places */
        $places = [];
        $object = $decal->object;
        $advices = Advice::all($this->rules->current(), $decal->use, $object->material(), $object->isInside());
        foreach ($advices as $nth => $advice) {
            $places[$advice->film->value] = Advice::REFUSED === $advice->verdict ? null : $nth;
        }
        $films = array_values(
            array_filter(
                $this->shelf->films(),
                static fn (FilmOnShelf $film): bool => $film->grade() !== $decal->film->grade()
                    && null !== ($places[$film->grade()->value] ?? null)
                    && ($cure['film'] ?? $film->grade()->value) === $film->grade()->value,
            ),
        );
        usort(
            $films,
            static fn (FilmOnShelf $a, FilmOnShelf $b): int => ($places[$a->grade()->value] ?? 0) <=>
                ($places[$b->grade()->value] ?? 0),
        );
        $tried = [];
        foreach ($films as $film) {
            if (isset($tried[$film->grade()->value]) || \count($tried) >= self::MOST_TRIED) {
                continue;
            }
            $tried[$film->grade()->value] = true;
            yield new CureAttempt($decal->inFilm($film), $film->name(), new DesignChange(film: (string) $film->id()));
        }
    }

    private function limits(Drawable $decal): Limits
    {
        return $this->check->limits($decal->film->grade(), $decal->use, $decal->film);
    }

    /** What is told is what is set: to the hundredth of a millimetre. */
    private static function figure(int $micrometres): string
    {
        return (string) round($micrometres / 1000, 2);
    }

    private static function typed(int $micrometres): string
    {
        return $micrometres / 1000 .'mm';
    }
}
