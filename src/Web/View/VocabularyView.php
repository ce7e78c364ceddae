<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\TypedElement;
use Yelbo\Shop\Designs\TypedSetting;
use Yelbo\Shop\Objects\Typed\TypedSurface;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Stock\TypedFilm;

/** The words, starting values and limits the pages are made with, in one answer. */
final readonly class VocabularyView
{
    /**
     * @param list<ChoiceView>   $stations       of the work, in order
     * @param list<ChoiceView>   $uses           where a decal can live
     * @param list<ChoiceView>   $usesInWords    the same in a sentence
     * @param list<KindView>     $kinds          of surface, with what is measured of each
     * @param list<KeepOutView>  $keepOuts       what has to stay clear, with the shop's margins
     * @param list<ChoiceView>   $allowances     how much room to the edge can be liked
     * @param list<FinishView>   $finishes       that can go over a decal
     * @param list<ChoiceView>   $handovers      how what is made comes to its customer
     * @param list<MaterialView> $materials      an object can be made of
     * @param list<ChoiceView>   $grades         of film
     * @param list<FaceView>     $faces          to cut
     * @param list<ChoiceView>   $arrangements   of words
     * @param list<ChoiceView>   $monogramOrders of its three letters
     * @param list<ChoiceView>   $shapes         letters are cut out of
     * @param list<ChoiceView>   $frames         round words
     * @param list<ChoiceView>   $aligns         of lines
     * @param list<ChoiceView>   $elementShapes  that lie beside words
     * @param list<ChoiceView>   $patterns       of film
     * @param TypedElement       $element        a new element starts with
     * @param Answers            $answers        a new order starts with
     * @param list<string>       $askedOnce      fields of the answers that belong to the whole order
     * @param list<TypedSurface> $surfaces       what is measured of each kind of surface, as it starts
     * @param TypedSetting       $setting        a new design starts with
     * @param TypedFilm          $film           a new film starts with
     * @param string             $usualShape     the solid that is meant where none is chosen
     */
    public function __construct(
        public array $stations,
        public array $uses,
        public array $usesInWords,
        public array $kinds,
        public array $keepOuts,
        public array $allowances,
        public array $finishes,
        public array $handovers,
        public array $materials,
        public array $grades,
        public array $faces,
        public array $arrangements,
        public array $monogramOrders,
        public array $shapes,
        public array $frames,
        public array $aligns,
        public array $elementShapes,
        public array $patterns,
        public TypedElement $element,
        public Answers $answers,
        public array $askedOnce,
        public array $surfaces,
        public TypedSetting $setting,
        public TypedFilm $film,
        public string $usualShape,
    ) {
    }
}
