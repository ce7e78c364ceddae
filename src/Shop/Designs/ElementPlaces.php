<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\ElementAligner;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Guides;
use Yelbo\Trade\Lettering\Placing;
use Yelbo\Trade\Refused;

/**
 * Where elements lie among each other: put by a distance, caught by guides, aligned.
 *
 * @phpstan-import-type Guide from Guides
 */
final readonly class ElementPlaces
{
    public function __construct(private ElementLayout $layout)
    {
    }

    /**
     * Left and top of an element where it is put by a distance: from an edge, the middle, a part of the object, or the
     * middle of what lies beside it.
     *
     * @param list<DesignElement> $elements
     * @param int                 $nth      which of them, from 0
     * @param string              $from     as `Placing::put()` names it
     * @param int                 $distance µm
     *
     * @return array{int, int} µm
     *
     * @throws Refused for an edge or a part there is not
     */
    public function place(
        MeasuredObject $object,
        Fitted $main,
        Design $design,
        array $elements,
        int $nth,
        string $from,
        int $distance,
    ): array {
        $laid = $this->layout->lay($object, $main, $design, $elements);
        foreach ($laid as $one) {
            if ($one[0] === $nth) {
                return ElementLayout::placing($object, $main, $design, $laid, $nth)->put($one[2]->at, $from, $distance);
            }
        }
        throw self::none();
    }

    /**
     * Where an element, or the words, would lie in line with the rest.
     *
     * @param list<DesignElement> $elements
     * @param int|null            $nth      which of them, from 0; the words where none is named
     *
     * @return array{across: list<Guide>, down: list<Guide>}
     *
     * @throws Refused
     */
    public function guides(MeasuredObject $object, Fitted $main, Design $design, array $elements, ?int $nth): array
    {
        $boxes = $this->boxes($object, $main, $design, $elements);
        $own = $boxes[$nth ?? WholeDecal::WORDS]['box'] ?? throw self::none();
        unset($boxes[$nth ?? WholeDecal::WORDS]);
        $together = null === $nth ? '' : $elements[$nth]->together;
        foreach ($elements as $other => $element) {
            // A pattern lies round all, and what is moved along is no help.
            if (null !== $element->pattern() || ('' !== $together && $element->together === $together)) {
                unset($boxes[$other]);
            }
        }
        $size = $object->surface()->size();

        return (new Guides(
            new Box(0, 0, $size->width->micrometres, $size->height->micrometres),
            $main->safe->box(),
            array_map(
                static fn (array $part): array => [
                    'label' => $part['label'],
                    'box' => new Box($part['x'], $part['y'], $part['x'], $part['y']),
                ],
                $object->features(),
            ),
            array_values($boxes),
        ))->of($own);
    }

    /**
     * Left and top of several things brought into line or set at equal gaps.
     *
     * @param list<DesignElement> $elements
     * @param list<int>           $picked   which of them, from 0, -1 for the words; the others follow the first
     * @param string              $how      as `ElementAligner` names it
     * @param int|null            $gap      µm
     *
     * @return array<int, array{int, int}> µm, by their numbers
     *
     * @throws Refused
     */
    public function arrange(
        MeasuredObject $object,
        Fitted $main,
        Design $design,
        array $elements,
        array $picked,
        string $how,
        ?int $gap,
    ): array {
        $boxes = $this->boxes($object, $main, $design, $elements);
        $things = [];
        foreach ($picked as $nth) {
            $things[$nth] = $boxes[$nth]['box'] ?? throw self::none();
        }

        return ElementAligner::arrange($things ?: throw self::none(), $how, $gap);
    }

    /**
     * @param list<DesignElement> $elements
     *
     * @return array<int, array{label: string, box: Box}> where each lies, the words as number -1
     *
     * @throws Refused
     */
    private function boxes(MeasuredObject $object, Fitted $main, Design $design, array $elements): array
    {
        $boxes = [WholeDecal::WORDS => ['label' => $design->inWords(), 'box' => self::box($main)]];
        foreach ($this->layout->lay($object, $main, $design, $elements) as [$nth, $element, $fitted]) {
            $boxes[$nth] = ['label' => $element->label(), 'box' => self::box($fitted)];
        }

        return $boxes;
    }

    private static function box(Fitted $of): Box
    {
        return $of->artwork->box()->moved(...$of->at);
    }

    private static function none(): Refused
    {
        return new Refused('no-element', 'There is no such element.', '/element');
    }
}
