<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\ProofPage;

/** A frozen version of what will be cut of one thing, with all it says. Paths in mm, the price in minor units. */
final readonly class ProofView
{
    /**
     * @param list<string>          $words the lines of the decal
     * @param list<PartView>        $parts its parts, where it is a set
     * @param list<string>          $asked    the words as the customer gave them
     * @param list<string>          $spelling how the words drawn differ from those
     * @param list<ReadOutView>     $readOut  every line letter by letter
     * @param list<ProofFilmView>   $films    of each layer, the letters first
     * @param list<string>          $care how it is looked after, sentences
     * @param list<string>          $cautions what to mind, sentences
     * @param list<string>          $remarks what the shop let pass, and why
     * @param string                $drawing  name of the drawing in the place of words
     * @param string|null           $colour   of the object, #rrggbb; null where nobody said
     * @param string|null           $photo    name of the photo laid on the object
     * @param int $nth which version it is, from 1
     * @param int $item which thing of the order it shows
     * @param string $madeAt when it was made, ISO 8601
     * @param string $face the short name of the typeface
     * @param LengthView $capHeight the height of the capitals; the least of a set where each has its own
     * @param LengthView $highest the largest height of capitals
     * @param SizeView $size over all
     * @param LengthView $left from the left edge of the object to the art
     * @param LengthView $top from the top edge of the object to the art
     * @param string $path the outlines as path data, mm
     * @param string|null $approvedAt when the customer said yes, ISO 8601
     * @param string|null $approvedBy who said yes
     * @param string $object what it goes on
     * @param string $material what the object is made of, in words
     * @param SizeView $objectSize the size of the object
     * @param SizeView $wall the size of the surface laid flat
     * @param string $outline the outline as path data, mm
     * @param string $safe the safe area as path data, mm
     * @param string $keepOuts what is kept clear as path data, mm
     * @param bool $mirrored whether it is cut mirrored, for the inside of glass
     * @param int|null $price what the order costs, hundredths of the currency
     * @param int $quantity how many pieces
     * @param int $panes how many panes or facets in a row are covered
     * @param string $useOf where it is used: indoors, outdoors and so on
     * @param string $used where it is used, in words
     * @param string $neededOn the day it is needed, in words
     * @param bool $appliedHere whether the shop applies it
     */
    public function __construct(
        public int $nth,
        public int $item,
        public string $madeAt,
        public array $words,
        public string $face,
        public LengthView $capHeight,
        public LengthView $highest,
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public string $path,
        public ?string $approvedAt,
        public ?string $approvedBy,
        public array $parts,
        public array $asked,
        public array $spelling,
        public array $readOut,
        public string $object,
        public string $material,
        public SizeView $objectSize,
        public SizeView $wall,
        public string $outline,
        public string $safe,
        public string $keepOuts,
        public array $films,
        public array $care,
        public array $cautions,
        public array $remarks,
        public bool $mirrored,
        public ?int $price,
        public int $quantity,
        public int $panes,
        public string $useOf,
        public string $used,
        public string $neededOn,
        public bool $appliedHere,
        public string $drawing,
        public ?string $colour,
        public ?string $photo,
    ) {
    }

    /** @param array<string, string> $paths path data by the hash of each outline */
    public static function from(ProofPage $proof, array $paths): self
    {
        $facts = $proof->frozen();
        $parts = array_map(
            static fn (int $member): PartView => PartView::from($proof, $member, $paths),
            range(0, $proof->lastMember()),
        );

        return new self(
            $proof->nth(),
            $proof->item()->nth(),
            $proof->madeAt()->format(\DATE_ATOM),
            $proof->words(),
            $proof->face(),
            LengthView::from($proof->capHeight()),
            LengthView::from($proof->highest()),
            SizeView::from($proof->size()),
            LengthView::from($proof->left()),
            LengthView::from($proof->top()),
            $paths[$proof->outline()],
            $proof->approvedAt()?->format(\DATE_ATOM),
            $proof->approvedBy(),
            $parts,
            $facts->asked,
            $proof->spelling(),
            array_map(ReadOutView::from(...), $proof->readOut()),
            $facts->on->object,
            $facts->on->material,
            SizeView::micrometres($facts->on->width, $facts->on->height),
            SizeView::micrometres($facts->on->wallWidth, $facts->on->wallHeight),
            $facts->on->outline,
            $facts->on->safe,
            $facts->on->keepOuts,
            array_map(
                static fn (array $film, int $nth): ProofFilmView => new ProofFilmView(
                    $film['name'],
                    $film['swatch'],
                    $film['life'],
                    SizeView::from($proof->layerSize(0, $nth)),
                ),
                $facts->films,
                array_keys($facts->films),
            ),
            $facts->notes->care,
            $facts->notes->cautions,
            $facts->notes->remarks,
            $facts->mirrored,
            $facts->charged->price,
            $facts->quantity,
            $facts->on->panes,
            $facts->useOf,
            $facts->used(),
            $facts->neededOn,
            $facts->appliedHere,
            $facts->drawing,
            '' === $facts->on->colour ? null : $facts->on->colour,
            '' === $facts->on->photo ? null : $facts->on->photo,
        );
    }
}
