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
        return new VocabularyView(
            self::choices(Station::cases(), static fn (Station $of): string => $of->label()),
            self::choices(Usage::cases(), static fn (Usage $of): string => $of->label()),
            self::choices(Usage::cases(), static fn (Usage $of): string => $of->inWords()),
            self::kinds(),
            $this->keepOuts(),
            self::choices(Allowance::cases(), static fn (Allowance $of): string => $of->label()),
            $this->finishes(),
            self::choices(Handover::cases(), static fn (Handover $of): string => $of->label()),
            self::materials(),
            self::choices(Film::cases(), static fn (Film $of): string => $of->label()),
            $this->faces(),
            self::choices(Arrangement::cases(), static fn (Arrangement $of): string => $of->label()),
            self::choices(MonogramOrder::cases(), static fn (MonogramOrder $of): string => $of->choice()),
            self::choices(KnockoutShape::cases(), static fn (KnockoutShape $of): string => $of->label()),
            self::choices(Frame::cases(), static fn (Frame $of): string => $of->label()),
            self::choices(Align::cases(), static fn (Align $of): string => $of->label()),
            self::choices(ElementShape::cases(), static fn (ElementShape $of): string => $of->label()),
            self::choices(Pattern::cases(), static fn (Pattern $of): string => $of->label()),
            new TypedElement(),
            new Answers(),
            Answers::OF_ORDER,
            array_map(static fn (string $class): TypedSurface => new $class(), array_values(TypedSurface::KINDS)),
            new TypedSetting(),
            new TypedFilm(),
            KnockoutShape::USUAL->value,
        );
    }

    /**
     * @template Of of \BackedEnum
     *
     * @param list<Of>             $cases
     * @param \Closure(Of): string $label
     *
     * @return list<ChoiceView>
     */
    private static function choices(array $cases, \Closure $label): array
    {
        return array_map(
            static fn (\BackedEnum $of): ChoiceView => new ChoiceView((string) $of->value, $label($of)),
            $cases,
        );
    }

    /** @return list<KindView> */
    private static function kinds(): array
    {
        return array_map(
            static fn (SurfaceKind $kind): KindView => new KindView(
                $kind->value,
                $kind->label(),
                array_map(static fn (array $length): MeasureView => new MeasureView(...$length), $kind->lengths()),
            ),
            SurfaceKind::cases(),
        );
    }

    /** @return list<KeepOutView> */
    private function keepOuts(): array
    {
        $rules = $this->rules->current();

        return array_map(
            static fn (KeepOut $what): KeepOutView => new KeepOutView(
                $what->value,
                $what->label(),
                $what->measures(),
                LengthView::micrometres($what->margin($rules)),
            ),
            KeepOut::cases(),
        );
    }

    /** @return list<FinishView> */
    private function finishes(): array
    {
        $rules = $this->rules->current();

        return array_map(
            static fn (Finish $finish): FinishView => new FinishView(
                $finish->value,
                $finish->label(),
                $finish->says($rules),
            ),
            Finish::cases(),
        );
    }

    /** @return list<MaterialView> */
    private static function materials(): array
    {
        return array_map(
            static fn (Material $material): MaterialView => new MaterialView(
                $material->value,
                $material->label(),
                $material->hasInside(),
                $material->isPainted(),
            ),
            Material::cases(),
        );
    }

    /** @return list<FaceView> */
    private function faces(): array
    {
        return array_map(
            static fn (Face $face): FaceView => new FaceView(
                $face->slug,
                $face->name,
                $face->style,
                $face->thinnest,
                $face->alphabets,
            ),
            $this->faces->all(),
        );
    }
}
