<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** What was chosen for the lines of words one by one, and for all of them together. */
final readonly class LineChoices
{
    /** @param array<string, int|float|string|null> $setting what differs from a line or a stack */
    public function __construct(private array $setting)
    {
    }

    /**
     * What lines have of their own, the first line first.
     *
     * @return list<array{face: string, height: float}> the face by its short name, empty for the decal's
     */
    public function styles(): array
    {
        $faces = explode('|', (string) ($this->setting['lineFaces'] ?? ''));
        $heights = explode('|', (string) ($this->setting['lineHeights'] ?? ''));
        $styles = [];
        for ($nth = 0; $nth < max(\count($faces), \count($heights)); ++$nth) {
            $height = $heights[$nth] ?? '';
            $styles[] = ['face' => $faces[$nth] ?? '', 'height' => '' === $height ? 1.0 : (float) $height / 100];
        }

        return $styles;
    }

    /** The face, by its short name, that signs are taken from which its own lacks; empty for none. */
    public function signs(): string
    {
        return (string) ($this->setting['signs'] ?? '');
    }

    /** Whether all lines are set to one width. */
    public function isJustified(): bool
    {
        return 'yes' === ($this->setting['justify'] ?? '');
    }

    /** Whether the customer asks for letters that are stretched further than the shop does by itself. */
    public function isStretchAsked(): bool
    {
        return 'yes' === ($this->setting['stretchAsked'] ?? '');
    }
}
