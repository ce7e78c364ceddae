<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Check\DecalCheck;
use Yelbo\Trade\Check\ElementsCheck;
use Yelbo\Trade\Check\Remedy;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\ElementFitting;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\FittedSet;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

#[AsCommand('trade:fit', 'Fits words, or a set of them, onto an object')]
final class FitCommand extends TradeCommand
{
    private readonly Fitting $fitting;
    private readonly SetFitting $sets;
    private readonly DecalCheck $judgement;
    private readonly ElementFitting $together;
    private readonly ElementsCheck $elementsCheck;

    /** Scripts are answered by the standard figures: they have no shop. */
    public function __construct(
        private readonly Reading $reading,
        private readonly ElementsReading $elements,
        Typesetter $typesetter,
    ) {
        parent::__construct();
        $rules = Rules::standard();
        $this->fitting = new Fitting($typesetter, $rules);
        $this->sets = new SetFitting($typesetter, $rules);
        $this->judgement = new DecalCheck($rules);
        $this->together = new ElementFitting($this->fitting);
        $this->elementsCheck = new ElementsCheck($this->judgement, $rules);
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $seen = $in->has('seen') ? $in->number('seen', 10, 360) : null;
        $surface = $this->reading->kept($in, $this->reading->surface($in->object('object'), $seen));
        if ($in->has('elements')) {
            return $this->elements($in, $surface);
        }
        $lettering = $in->object('lettering');
        $film = $this->reading->film($in);
        $use = $this->reading->useOf($in);
        $offset = $lettering->has('offset') ? $lettering->length('offset', 0, 1000) : null;
        $clearance = $in->has('clearance') ? $in->length('clearance', 0, 10_000) : null;
        $capHeight = $in->has('capHeight') ? $in->length('capHeight', 0.5, 20_000) : null;
        $centred = $in->flag('centred', true);
        $width = $in->has('width') ? $in->length('width', 0.5, 20_000) : null;
        $height = $in->has('height') ? $in->length('height', 0.5, 20_000) : null;
        if (null !== $capHeight && (null !== $width || null !== $height)) {
            throw $in->wrong('capHeight', 'says the size, and so does the width or the height. Give one of them');
        }
        if ($in->has('set')) {
            $members = $this->members($in, $lettering);
            $capHeight = null === $width && null === $height
                ? $capHeight
                : $this->sets->heightFor($surface, $members, $width, $height, $offset, $clearance, $centred);

            return $this->set(
                $this->sets->fit($surface, $members, $capHeight, $offset, $clearance, $centred),
                $film,
                $use,
            );
        }
        $words = $this->reading->words($lettering);
        $lettering->end();
        $in->end();
        $fitted = self::lettered(
            fn (): Fitted => null === $width && null === $height
                ? $this->fitting->fit($surface, $words, $capHeight, $offset, $clearance, centred: $centred)
                : $this->fitting->fitTo($surface, $words, $width, $height, $offset, $clearance, centred: $centred),
        );

        return self::told($fitted) + ['snags' => $this->snags($fitted, $film, $use)];
    }

    /** @return array<string, mixed> */
    private static function told(Fitted $fitted): array
    {
        return [
            'capHeight' => Reading::mm($fitted->capHeight),
            'box' => Reading::box($fitted->artwork->box()),
            'at' => ['left' => Reading::mm($fitted->at[0]), 'top' => Reading::mm($fitted->at[1])],
            'safe' => SvgPath::write($fitted->safe),
            'layers' => array_map(Reading::layer(...), $fitted->artwork->layers),
        ];
    }

    /** @return array<string, mixed> several things on one object, from bottom to top */
    private function elements(Document $in, Surface $surface): array
    {
        $use = $this->reading->useOf($in);
        $clearance = $in->has('clearance') ? $in->length('clearance', 0, 10_000) : null;
        $read = $this->elements->elements($in);
        $in->end();
        $laid = [];
        foreach ($read as $nth => [$element, $film]) {
            $laid[] = [
                $element,
                $in->at(
                    "elements/$nth",
                    fn (): Fitted => self::lettered(
                        fn (): Fitted => $this->together->fit($surface, $element, $clearance),
                    ),
                ),
                $film,
            ];
        }

        return [
            'elements' => array_map(
                static fn (array $one): array => [
                    'film' => $one[2]->value,
                    'box' => Reading::box($one[1]->artwork->box()),
                    'at' => ['left' => Reading::mm($one[1]->at[0]), 'top' => Reading::mm($one[1]->at[1])],
                    'layers' => array_map(Reading::layer(...), $one[1]->artwork->layers),
                ],
                $laid,
            ),
            'safe' => SvgPath::write($laid[0][1]->safe),
            'snags' => array_map(
                static fn (array $found): array => [
                    ...self::snag($found[0], $found[0]->at ?? [0, 0]),
                    'element' => $found[1],
                ],
                $this->elementsCheck->judge($laid, $use),
            ),
        ];
    }

    /** @return non-empty-list<Words> of a roster */
    private function members(Document $in, Document $lettering): array
    {
        $lettering->has('lines');
        /** @var list<Words> $members */
        $members = [];
        foreach ($in->textLists('set') as $nth => $lines) {
            $members[] = $in->at("set/$nth", fn (): Words => $this->reading->words($lettering, $lines));
        }
        $lettering->end();
        $in->end();

        return [] === $members ? throw $in->wrong('set', 'holds no words') : $members;
    }

    /** @return array<string, mixed> one letter height for all, by the one that allows least (section 4) */
    private function set(FittedSet $fitted, Film $film, Usage $use): array
    {
        return [
            'capHeight' => Reading::mm($fitted->capHeight),
            'members' => array_map(
                fn (SetMember $member): array => [
                    'lines' => $member->words->lines,
                    'alone' => Reading::mm($member->alone),
                    'layers' => array_map(Reading::layer(...), $member->fitted->artwork->layers),
                    'snags' => $this->snags($member->fitted, $film, $use),
                ],
                $fitted->members,
            ),
        ];
    }

    /**
     * What is wrong with the lettering stands under it in the document.
     *
     * @param \Closure(): Fitted $fit
     */
    private static function lettered(\Closure $fit): Fitted
    {
        try {
            return $fit();
        } catch (Refused $refused) {
            throw 1 === preg_match('~^/(lines|face|radius|offset)~', $refused->at)
                ? $refused->under('/lettering')
                : $refused;
        }
    }

    /** @return list<array<string, mixed>> in the object's own coordinates */
    private function snags(Fitted $fitted, Film $film, Usage $use): array
    {
        return array_map(static function (Snag $snag) use ($fitted): array {
            $box = $fitted->artwork->box();
            $at = $snag->at ?? [intdiv($box->width(), 2), intdiv($box->height(), 2)];

            return self::snag($snag, [$at[0] + $fitted->at[0], $at[1] + $fitted->at[1]]);
        }, $this->judgement->judge($fitted, $film, $use));
    }

    /**
     * @param array{int, int} $at µm in the object's own coordinates
     *
     * @return array<string, mixed>
     */
    private static function snag(Snag $snag, array $at): array
    {
        return [
            'code' => $snag->code->value,
            // What the bench should only know has no severity of its own here.
            'severity' => (Severity::Note === $snag->severity ? Severity::Warn : $snag->severity)->value,
            'limit' => Reading::mm($snag->limit),
            'found' => Reading::mm($snag->found),
            'at' => ['x' => Reading::mm($at[0]), 'y' => Reading::mm($at[1])],
            'message' => $snag->message,
            'cures' => array_map(
                static fn (array $cure): array => array_map(
                    static fn (mixed $value): mixed => match (true) {
                        $value instanceof Remedy => $value->value,
                        \is_int($value) => Reading::mm($value),
                        default => $value,
                    },
                    $cure,
                ),
                $snag->cures,
            ),
        ];
    }
}
