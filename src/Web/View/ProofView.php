<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\Proof;
use Yelbo\Trade\Lettering\Spelling;

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
        public string $neededOn,
        public bool $appliedHere,
        public string $drawing,
    ) {
    }

    public static function of(Proof $proof): self
    {
        $said = $proof->frozen();
        $parts = array_map(static fn (int $member): PartView => new PartView($proof->linesOf($member), SizeView::of($proof->size($member)), LengthView::of($proof->left($member)), LengthView::of($proof->top($member)),
            array_map(static fn (array $layer): LayerView => new LayerView($layer['role'], $layer['path'], $layer['film']), $proof->layers($member))), range(0, $proof->members() - 1));
        // A drawing has no letters to be read out; its words only call it something.
        $lines = '' === $said->drawing ? array_merge(...array_map(static fn (PartView $part): array => $part->lines, $parts)) : [];

        return new self(
            $proof->nth(), $proof->madeAt()->format(\DATE_ATOM), $proof->words(), $proof->face(), LengthView::of($proof->capHeight()), SizeView::of($proof->size()),
            LengthView::of($proof->left()), LengthView::of($proof->top()), $proof->path(), $proof->approvedAt()?->format(\DATE_ATOM), $proof->approvedBy(), $parts,
            $said->asked,
            array_column([...([] === $said->asked || [] === $lines ? [] : Spelling::differences($said->asked, $lines)), ...Spelling::doubts($lines)], 'says'),
            array_map(static fn (string $line): ReadOutView => new ReadOutView($line, array_map(static fn (array $letter): LetterView => new LetterView($letter['letter'], $letter['says']), Spelling::readOut($line))), $lines),
            $said->object, $said->material, SizeView::micrometres($said->width, $said->height), SizeView::micrometres($said->wallWidth, $said->wallHeight), $said->outline, $said->safe, $said->keepOuts,
            array_map(static fn (array $film): ProofFilmView => new ProofFilmView($film['name'], $film['swatch'], $film['life']), $said->films),
            $said->care, $said->cautions, $said->remarks, $said->mirrored, $said->price, $said->quantity, $said->panes, $said->useOf, $said->neededOn, $said->appliedHere, $said->drawing,
        );
    }
}
