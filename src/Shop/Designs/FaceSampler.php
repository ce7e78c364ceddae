<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\FaceRanking;
use Yelbo\Trade\Check\FaceSample;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Refused;

/** Shows the words of a design in every face, by the shop's rules. */
final readonly class FaceSampler
{
    public function __construct(
        private DesignFitter $fitter,
        private DesignWords $words,
        private Typesetter $typesetter,
        private Faces $faces,
        private FaceMeasures $measures,
        private Cache $cache,
        private StillWanted $wanted,
    ) {
    }

    /**
     * The words in every face, the best first.
     *
     * @param list<string> $lines
     *
     * @return list<FaceSample>
     *
     * @throws Refused where the object leaves no room
     */
    public function rank(MeasuredObject $object, array $lines, Design $design, Limits $limits): array
    {
        $key = $this->fitter->key($object, $lines, $design, $limits);
        $faces = $this->faces->all();

        return [] === $faces
            ? []
            : $this->cache->recall(
                "samples.$key",
                fn (): array => (new FaceRanking(
                    $this->fitter->sketches(),
                    $this->typesetter,
                    $this->measures,
                ))->rank(
                    $this->fitter->surface($object, $lines, $design),
                    $faces,
                    fn (Face $face): Words => $this->words->of($lines, $design->inFace($face->slug)),
                    $limits,
                    $design->offsets(),
                    $design->mending()->thicken,
                    $this->wanted->orStop(...),
                ),
            );
    }
}
