<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Lettering\Align;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Frame;
use Yelbo\Trade\Lettering\KnockoutShape;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Lettering\MonogramOrder;
use Yelbo\Trade\Lettering\SetSize;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Refused;

/**
 * How the words are set and where they lie. Sizes in µm; nothing means "by the rule".
 *
 * A layer underneath has its width in µm and its film's number on the shelf.
 *
 * A colour of a drawing goes into the order's own film where none is named, and is left out at 0.
 *
 * @phpstan-type Underneath array{offset: int, film: int}
 * @phpstan-type Coloured array{colour: string, film: int|null, out?: list<int>}
 * @phpstan-type Art array{id: int, layers: list<Coloured>}
 */
#[ORM\Embeddable]
final class Design
{
    public const DEFAULT_FACE = 'oswald';
    /** Members of a set as large as they can be, or in a box; else all of one letter height. */
    public const EACH = 'each';
    public const BOX = 'box';

    /**
     * @param array<string, int|float|string|null>|null $setting what differs from a line or a stack
     * @param list<Underneath>|null                     $layers  underneath the letters, the nearest first
     * @param Art|null                                  $art     a drawing that was brought, in the place of words
     * @param array<string, mixed>|null                 $motif   what stands in their place, as an element is kept
     */
    public function __construct(
        #[ORM\Column(length: 40, nullable: true)] private ?string $face = null,
        /** The largest that fits where nothing is said. */
        #[ORM\Column(nullable: true)] private ?int $capHeight = null,
        /** Centred where nothing is said. */
        #[ORM\Column(name: 'left_edge', nullable: true)] private ?int $left = null,
        #[ORM\Column(nullable: true)] private ?int $top = null,
        #[ORM\Column(type: 'json', nullable: true)] private ?array $setting = null,
        #[ORM\Column(type: 'json', nullable: true)] private ?array $layers = null,
        #[ORM\Column(type: 'json', nullable: true)] private ?array $art = null,
        #[ORM\Column(type: 'json', nullable: true)] private ?array $motif = null,
    ) {
    }

    /** The short name of its typeface. */
    public function face(): string
    {
        return $this->face ?? self::DEFAULT_FACE;
    }

    /** The height of its capitals, of a shape or a drawing over all, µm. */
    public function capHeight(): ?int
    {
        return $this->capHeight ?? $this->motif()?->high;
    }

    /** @return array{int, int}|null */
    public function at(): ?array
    {
        return null === $this->left || null === $this->top ? null : [$this->left, $this->top];
    }

    /** As it was chosen; a line or a stack, whichever the words are, where nothing was. */
    public function arrangement(): ?Arrangement
    {
        return Arrangement::tryFrom((string) ($this->setting['arrangement'] ?? ''));
    }

    /** @return array<string, int|float|string|null> what differs from a line or a stack, lengths in µm */
    public function chosen(): array
    {
        return $this->setting ?? [];
    }

    /** How the words are set. */
    public function setting(int $lines): Setting
    {
        $of = $this->setting ?? [];
        $arrangement = $this->arrangement() ?? Arrangement::Line;
        if (Arrangement::Line === $arrangement && $lines > 1) {
            $arrangement = Arrangement::Stack;
        }

        return new Setting(
            $arrangement,
            (int) ($of['tracking'] ?? 0),
            isset($of['radius']) ? (int) $of['radius'] : null,
            MonogramOrder::tryFrom((string) ($of['order'] ?? '')) ?? MonogramOrder::FamilyCentre,
            KnockoutShape::tryFrom((string) ($of['shape'] ?? '')) ?? KnockoutShape::USUAL,
            Frame::tryFrom((string) ($of['frame'] ?? '')) ?? Frame::None,
            (float) ($of['lineSpacing'] ?? 0.25),
            Align::tryFrom((string) ($of['align'] ?? '')) ?? Align::Centre,
            (float) ($of['condense'] ?? 0),
            mending: $this->mending(),
        );
    }

    /** What was chosen for its lines. */
    public function lines(): LineChoices
    {
        return new LineChoices($this->chosen());
    }

    /** How large the members of a set are. */
    public function setSize(): SetSize
    {
        $of = fn (string $side): ?int => isset($this->setting[$side]) ? (int) $this->setting[$side] : null;

        return match ($this->setting['setSize'] ?? '') {
            self::EACH => SetSize::each(),
            self::BOX => null === $of('setWide') && null === $of('setHigh')
                ? SetSize::each()
                : SetSize::box($of('setWide'), $of('setHigh')),
            default => SetSize::one($this->capHeight),
        };
    }

    /** What is done to the outlines for knife and hook. @throws Refused */
    public function mending(): Mending
    {
        $of = fn (string $step): int => (int) ($this->setting[$step] ?? 0);

        return new Mending(...array_combine(Mending::STEPS, array_map($of, Mending::STEPS)));
    }

    /** @return list<Underneath> */
    public function layers(): array
    {
        return $this->layers ?? [];
    }

    /** @return Art|null */
    public function art(): ?array
    {
        return $this->art;
    }

    /** What an order without words is of, as long as no drawing was brought for it: a shape, a pattern. */
    public function motif(): ?DesignElement
    {
        return null === $this->motif || null !== $this->art ? null : DesignElement::fromKept($this->motif);
    }

    /** What it is of, beside other things: the words, or what stands in their place. */
    public function inWords(): string
    {
        return 'the '.(null === $this->art ? $this->motif()?->label() ?? 'words' : DesignElement::DRAWING);
    }

    /** Whether something else stands in the place of words. */
    public function isWithoutWords(): bool
    {
        return null !== $this->art || null !== $this->motif;
    }

    /** The colours of the drawing that stands in the place of words. */
    public function colours(): ArtColours
    {
        return new ArtColours($this->art);
    }

    /**
     * The film of each layer of the decal by its number on the shelf, none for the order's own: the
     * top one first, rims last.
     *
     * @return list<int|null>
     */
    public function films(): array
    {
        $own = array_map(
            static fn (string $film): ?int => 'own' === $film ? null : (int) $film,
            array_values(array_unique($this->colours()->films())),
        );

        return [...[] === $own ? [null] : $own, ...array_column($this->layers(), 'film')];
    }

    /** @return list<int> widths in µm, the nearest first */
    public function offsets(): array
    {
        return array_column($this->layers(), 'offset');
    }

    /** This design at another letter height, µm. */
    public function sized(?int $capHeight): self
    {
        return $this->but(['capHeight' => $capHeight, 'left' => null, 'top' => null]);
    }

    /**
     * This design so many times as large.
     *
     * @param \Closure(int|null): (int|null) $left from where its left edge was to where it is, µm
     * @param \Closure(int|null): (int|null) $top  likewise its top edge
     */
    public function scaled(float $share, \Closure $left, \Closure $top): self
    {
        $height = null === $this->capHeight ? null : 100 * intdiv((int) round($share * $this->capHeight), 100);

        return $this->but([
            'capHeight' => $height,
            'left' => $left($this->left),
            'top' => $top($this->top),
            'motif' => $this->motif()?->scaled($share, $left, $top)->toArray(),
        ]);
    }

    /** This design with another drawing, with the same colours. */
    public function ofDrawing(int $id): self
    {
        return $this->but(['art' => null === $this->art ? null : ['id' => $id] + $this->art]);
    }

    /** This design in the middle of its object. */
    public function centred(): self
    {
        return $this->but(['left' => null, 'top' => null]);
    }

    /** With one figure of the setting, as in `chosen()`. */
    public function with(string $name, int|float|string|null $figure): self
    {
        $setting = [...$this->chosen(), $name => $figure];

        return $this->but(['setting' => array_filter($setting, static fn (mixed $value): bool => null !== $value)]);
    }

    /** @param list<Underneath> $layers */
    public function layered(array $layers): self
    {
        return $this->but(['layers' => $layers]);
    }

    /** A drawing with one of its colours left out. */
    public function without(string $colour): self
    {
        $layers = array_map(
            static fn (array $layer): array => $layer['colour'] === $colour ? ['film' => 0] + $layer : $layer,
            $this->art['layers'] ?? [],
        );

        return $this->but([
            'left' => null,
            'top' => null,
            'art' => null === $this->art ? null : ['layers' => $layers] + $this->art,
        ]);
    }

    /** This design with what stands in the place of words; as it is where that was drawn already. */
    public function standingIn(?DesignElement $motif): self
    {
        $now = $this->motif();
        $same = $now?->kind === $motif?->kind && $now?->what === $motif?->what;

        return $same || null !== $this->art
            ? $this
            : $this->but(['motif' => $motif?->toArray(), 'capHeight' => null, 'left' => null, 'top' => null]);
    }

    /** This design in another typeface. */
    public function inFace(string $face): self
    {
        return $this->but(['face' => $face, 'capHeight' => null, 'left' => null, 'top' => null]);
    }

    /**
     * This design with some of it changed.
     *
     * @param array<string, mixed> $changes by the names of what it is made of
     */
    private function but(array $changes): self
    {
        return new self(...$changes + get_object_vars($this));
    }

    /** Whether letters may be cut out of a solid: the insides of those hang on nothing. */
    public function hasInsides(): bool
    {
        return Arrangement::Knockout === $this->arrangement() || null !== $this->art();
    }
}
