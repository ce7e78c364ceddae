<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Designs\TypedElement;
use Yelbo\Shop\Designs\TypedSetting;
use Yelbo\Shop\Objects\Typed\TypedSurface;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\TypedFilm;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Lettering\Align;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\ElementShape;
use Yelbo\Trade\Lettering\Face;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Frame;
use Yelbo\Trade\Lettering\KnockoutShape;
use Yelbo\Trade\Lettering\MonogramOrder;
use Yelbo\Trade\Lettering\Pattern;
use Yelbo\Trade\Object\Allowance;
use Yelbo\Trade\Object\KeepOut;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Web\View\ChoiceView;
use Yelbo\Web\View\FaceView;
use Yelbo\Web\View\FinishView;
use Yelbo\Web\View\KeepOutView;
use Yelbo\Web\View\KindView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\MaterialView;
use Yelbo\Web\View\MeasureView;
use Yelbo\Web\View\VocabularyView;

/** What things are called, what they start with, and how far they go: read from where the rules stand. */
final readonly class VocabularyController
{
    public function __construct(private Faces $faces, private ShopRules $rules)
    {
    }

    /** Gives the words, starting values and limits the pages are made with. */
    #[Route('/api/vocabulary', name: 'vocabulary', methods: ['GET'])]
    public function __invoke(): VocabularyView
    {
        $rules = $this->rules->current();

        return new VocabularyView(
            array_map(
                static fn (Station $station): ChoiceView => new ChoiceView($station->value, $station->label()),
                Station::cases(),
            ),
            array_map(static fn (Usage $use): ChoiceView => new ChoiceView($use->value, $use->label()), Usage::cases()),
            array_map(
                static fn (Usage $use): ChoiceView => new ChoiceView($use->value, $use->inWords()),
                Usage::cases(),
            ),
            array_map(
                static fn (SurfaceKind $kind): KindView => new KindView(
                    $kind->value,
                    $kind->label(),
                    array_map(static fn (array $length): MeasureView => new MeasureView(...$length), $kind->lengths()),
                ),
                SurfaceKind::cases(),
            ),
            array_map(
                static fn (KeepOut $what): KeepOutView => new KeepOutView(
                    $what->value,
                    $what->label(),
                    $what->measures(),
                    LengthView::micrometres($what->margin($rules)),
                ),
                KeepOut::cases(),
            ),
            array_map(
                static fn (Allowance $room): ChoiceView => new ChoiceView($room->value, $room->label()),
                Allowance::cases(),
            ),
            array_map(
                static fn (Finish $finish): FinishView => new FinishView(
                    $finish->value,
                    $finish->label(),
                    $finish->says($rules),
                ),
                Finish::cases(),
            ),
            array_map(
                static fn (Handover $way): ChoiceView => new ChoiceView($way->value, $way->label()),
                Handover::cases(),
            ),
            array_map(
                static fn (Material $material): MaterialView => new MaterialView(
                    $material->value,
                    $material->label(),
                    $material->hasInside(),
                    $material->isPainted(),
                ),
                Material::cases(),
            ),
            array_map(
                static fn (Film $film): ChoiceView => new ChoiceView($film->value, $film->label()),
                Film::cases(),
            ),
            array_map(
                static fn (Face $face): FaceView => new FaceView(
                    $face->slug,
                    $face->name,
                    $face->style,
                    $face->thinnest,
                    $face->alphabets,
                ),
                $this->faces->all(),
            ),
            array_map(
                static fn (Arrangement $arrangement): ChoiceView => new ChoiceView(
                    $arrangement->value,
                    $arrangement->label(),
                ),
                Arrangement::cases(),
            ),
            array_map(
                static fn (MonogramOrder $order): ChoiceView => new ChoiceView($order->value, $order->choice()),
                MonogramOrder::cases(),
            ),
            array_map(
                static fn (KnockoutShape $shape): ChoiceView => new ChoiceView($shape->value, $shape->label()),
                KnockoutShape::cases(),
            ),
            array_map(
                static fn (Frame $frame): ChoiceView => new ChoiceView($frame->value, $frame->label()),
                Frame::cases(),
            ),
            array_map(
                static fn (Align $align): ChoiceView => new ChoiceView($align->value, $align->label()),
                Align::cases(),
            ),
            array_map(
                static fn (ElementShape $shape): ChoiceView => new ChoiceView($shape->value, $shape->label()),
                ElementShape::cases(),
            ),
            array_map(
                static fn (Pattern $pattern): ChoiceView => new ChoiceView($pattern->value, $pattern->label()),
                Pattern::cases(),
            ),
            new TypedElement(),
            new Answers(),
            Answers::OF_ORDER,
            array_map(static fn (string $class): TypedSurface => new $class(), array_values(TypedSurface::KINDS)),
            new TypedSetting(),
            new TypedFilm(),
            KnockoutShape::USUAL->value,
        );
    }
}
