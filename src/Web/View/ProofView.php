<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\Proof;

/** A frozen version of what will be cut. */
final readonly class ProofView
{
    /**
     * @param list<string>   $words
     * @param list<PartView> $parts
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
    ) {
    }

    public static function of(Proof $proof): self
    {
        return new self($proof->nth(), $proof->madeAt()->format(\DATE_ATOM), $proof->words(), $proof->face(), LengthView::of($proof->capHeight()), SizeView::of($proof->size()),
            LengthView::of($proof->left()), LengthView::of($proof->top()), $proof->path(), $proof->approvedAt()?->format(\DATE_ATOM), $proof->approvedBy(),
            array_map(static fn (int $member): PartView => new PartView($proof->linesOf($member), SizeView::of($proof->size($member)), LengthView::of($proof->left($member)), LengthView::of($proof->top($member)),
                array_map(static fn (array $layer): LayerView => new LayerView($layer['role'], $layer['path'], $layer['film']), $proof->layers($member))), range(0, $proof->members() - 1)));
    }
}
