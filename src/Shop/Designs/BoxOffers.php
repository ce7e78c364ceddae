<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Check\FaceSample;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\BoxFitting;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Refused;

/** Words in a box of both sides: in the face chosen, and in those that can be cut here and come nearer. */
final readonly class BoxOffers
{
    /** Faces offered beside the one chosen. */
    private const OTHERS = 3;
    /** Faces of the ranking that are tried. */
    private const TRIED = 30;

    public function __construct(
        private DesignFitter $fitter,
        private DesignWords $words,
        private FaceSampler $sampler,
        private DesignCheck $check,
        private Typesetter $typesetter,
        private ShopRules $rules,
    ) {
    }

    /**
     * The face chosen first, then others that leave less over.
     *
     * @param int $width  µm
     * @param int $height µm
     *
     * @return list<BoxOffer>
     *
     * @throws Refused where the words cannot be set at all
     */
    public function of(Drawable $decal, int $width, int $height): array
    {
        $box = Box::sized($width, $height);
        $near = new BoxFitting($this->typesetter, $this->rules->current());
        $own = $this->words->of($decal->lines, $decal->design);
        [$words, $misfit] = $near->near($own, $box);
        $offers = [$this->offer($decal, $words, $box)];
        $others = [];
        foreach ($misfit > 0 && null === $own->art ? $this->faces($decal, $own->face) : [] as $face) {
            try {
                [$other, $less] = $near->near(
                    $this->words->of($decal->lines, $decal->design->inFace($face->slug)),
                    $box,
                );
            } catch (Refused) {
                continue;
            }
            if ($less < $misfit) {
                $others[] = [$other, $less, abs($other->setting->condense), abs($other->setting->tracking)];
            }
        }
        usort($others, static fn (array $a, array $b): int => \array_slice($a, 1) <=> \array_slice($b, 1));
        foreach (\array_slice($others, 0, self::OTHERS) as [$other]) {
            $offers[] = $this->offer($decal, $other, $box);
        }

        return $offers;
    }

    /** @return list<Face> that can be cut here, those of the same kind first */
    private function faces(Drawable $decal, Face $own): array
    {
        $samples = $this->sampler->rank(
            $decal->object,
            $decal->lines,
            $decal->design->sized(null),
            $this->check->limits($decal->film->grade(), $decal->use, $decal->film),
        );
        $faces = array_map(
            static fn (FaceSample $sample): Face => $sample->face,
            array_filter(
                $samples,
                static fn (FaceSample $sample): bool => $sample->canBeCut() && $sample->face->slug !== $own->slug,
            ),
        );
        usort($faces, static fn (Face $a, Face $b): int => ($b->style === $own->style) <=> ($a->style === $own->style));

        return \array_slice($faces, 0, self::TRIED);
    }

    private function offer(Drawable $decal, Words $words, Box $box): BoxOffer
    {
        $fitted = $this->fitter->fitBox($decal->object, $words, $decal->design, $box);
        $taken = $fitted->artwork->box();

        return new BoxOffer(
            $words,
            $fitted->capHeight,
            $taken,
            max(0, $box->width() - $taken->width()),
            max(0, $box->height() - $taken->height()),
        );
    }
}
