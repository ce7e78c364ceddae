<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Something that would help. */
final readonly class CureView
{
    public function __construct(public string $do, public string $says, public ?LengthView $capHeight)
    {
    }

    /** @param array{do: string, capHeight?: int, by?: int, film?: string} $cure */
    public static function of(array $cure): ?self
    {
        $height = isset($cure['capHeight']) ? LengthView::micrometres($cure['capHeight']) : null;
        $says = match ($cure['do']) {
            'enlarge' => 'Letters '.($height->metric ?? '').' mm high',
            'reduce' => 'Letters '.($height->metric ?? '').' mm high fit',
            'centre' => 'Back to the middle',
            'bolder-face' => 'A bolder face',
            'another-film' => 'Another film',
            'track' => 'More space between letters',
            'test-first' => 'Test a scrap first',
            'snip' => 'Snip the tape between letters',
            'split' => 'Split the decal',
            'panels' => 'Cut it in panels',
            default => null,
        };

        return null === $says ? null : new self($cure['do'], $says, $height);
    }
}
