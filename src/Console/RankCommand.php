<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\FaceRanking;
use Yelbo\Trade\Check\FaceSample;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\SketchFitting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Rules;

#[AsCommand('trade:rank', 'Ranks the faces by whether words in them can be cut')]
final class RankCommand extends TradeCommand
{
    public function __construct(
        private readonly Reading $reading,
        private readonly Faces $faces,
        private readonly Typesetter $typesetter,
        private readonly Cache $cache,
    ) {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $surface = $this->reading->kept($in, $this->reading->surface($in->object('object')));
        $lettering = $in->object('lettering');
        $words = $this->reading->words($lettering);
        $lettering->end();
        $film = $this->reading->film($in);
        $use = $this->reading->useOf($in);
        $in->end();
        $rules = Rules::standard();
        $ranking = new FaceRanking(
            new SketchFitting($this->typesetter, $rules),
            $this->typesetter,
            new FaceMeasures($this->faces, $this->typesetter, $this->cache),
        );

        return array_map(
            static fn (FaceSample $sample): array => [
                'face' => $sample->face->slug,
                'canBeCut' => $sample->canBeCut(),
                'capHeight' => null === $sample->capHeight ? null : Reading::mm($sample->capHeight),
                'spare' => round($sample->spare, 2),
                'says' => $sample->verdict,
            ],
            $ranking->rank(
                $surface,
                $this->faces->all(),
                static fn (Face $face): Words => Words::set($face, $words->lines, $words->setting),
                $film->limits($rules)->in($use, $rules),
            ),
        );
    }
}
