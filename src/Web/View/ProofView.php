<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Proof;

/** A frozen version of what will be cut, with all it says. Paths in mm, the price in minor units. */
final readonly class ProofView
{
    /**
     * @param list<string>          $words
     * @param list<PartView>        $parts
     * @param list<string>          $asked    the words as the customer gave them
     * @param list<string>          $spelling how the words drawn differ from those
     * @param list<ReadOutView>     $readOut  every line letter by letter
     * @param list<ProofFilmView>   $films    of each layer, the letters first
     * @param list<string>          $care
     * @param list<string>          $cautions
     * @param list<string>          $remarks
     * @param string                $drawing  name of the drawing in the place of words
     */
    public function __construct(
        public int $nth,
        public string $madeAt,
        public array $words,
        public string $face,
        public LengthView $capHeight,
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
    ) {
    }

    /** @param array<string, string> $paths path data by the hash of each outline */
    public static function from(Proof $proof, array $paths): self
    {
        $facts = $proof->frozen();
        $parts = array_map(static fn (int $member): PartView => PartView::from($proof, $member, $paths), range(0, $proof->lastMember()));

        return new self(
            $proof->nth(), $proof->madeAt()->format(\DATE_ATOM), $proof->words(), $proof->face(), LengthView::from($proof->capHeight()), SizeView::from($proof->size()),
            LengthView::from($proof->left()), LengthView::from($proof->top()), $paths[$proof->outline()], $proof->approvedAt()?->format(\DATE_ATOM), $proof->approvedBy(), $parts,
            $facts->asked, $proof->spelling(), array_map(ReadOutView::from(...), $proof->readOut()),
            $facts->object, $facts->material, SizeView::micrometres($facts->width, $facts->height), SizeView::micrometres($facts->wallWidth, $facts->wallHeight), $facts->outline, $facts->safe, $facts->keepOuts,
            array_map(static fn (array $film): ProofFilmView => new ProofFilmView($film['name'], $film['swatch'], $film['life']), $facts->films),
            $facts->care, $facts->cautions, $facts->remarks, $facts->mirrored, $facts->price, $facts->quantity, $facts->panes, $facts->useOf, $facts->used(), $facts->neededOn, $facts->appliedHere, $facts->drawing,
        );
    }
}
