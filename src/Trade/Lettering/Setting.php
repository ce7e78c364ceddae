<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** How words are set, apart from what they say, their face and their size. Source: handbook section 4. */
final readonly class Setting
{
    /** Of the letter height: the outer letters of a monogram beside a larger middle one. */
    public const MONOGRAM_SIDE = 0.68;
    /** Of the big initial's height: the name across it. */
    public const NAME_ACROSS = 0.3;
    private const WIDEST_TRACKING = 2000;
    /** µm: 1 mm to 20 m. */
    private const RADII = [1000, 20_000_000];

    /**
     * @param int      $tracking    extra space after each letter, in 1/1000 of the em
     * @param int|null $radius      of the circle the baseline stands on, µm; by the bow where left out
     * @param float    $lineSpacing clear film between stacked lines, as a share of the letter height
     * @param float    $condense    per cent narrower; wider where negative
     * @param float|null $bow       the same as a share of the letter height; by the words where left out too
     * @param Mending  $mending     what is done to the outlines for knife and hook
     * @param float|null $pitch     from baseline to baseline of stacked lines, as a share of the letter height; by
     *     their ink where left out
     * @param float    $lean        of the art's height: how far under its own middle that of the set it belongs to lies
     * @param float|null $bowDown   half the height of an oval baseline as a share of the letter height, `bow` being
     *     half its width; a circle where left out
     * @param list<LineStyle> $styles  what lines have of their own, the first line first
     * @param bool     $justify     whether all lines are set to one width, the shortest as high as the letter height
     * @param Face|null $signs      where signs are taken from that the face lacks
     * @param float    $wordSpace   between words that go all round, as a share of the letter height: what is added to
     *     the face's own
     */
    public function __construct(
        public Arrangement $arrangement = Arrangement::Line,
        public int $tracking = 0,
        public ?int $radius = null,
        public MonogramOrder $order = MonogramOrder::FamilyCentre,
        public KnockoutShape $shape = KnockoutShape::USUAL,
        public Frame $frame = Frame::None,
        public float $lineSpacing = 0.25,
        public Align $align = Align::Centre,
        public float $condense = 0.0,
        public ?float $bow = null,
        public Mending $mending = new Mending(),
        public ?float $pitch = null,
        public float $lean = 0.0,
        public ?float $bowDown = null,
        public array $styles = [],
        public bool $justify = false,
        public ?Face $signs = null,
        public float $wordSpace = 0.0,
    ) {
        $wrong = match (true) {
            abs($tracking) > self::WIDEST_TRACKING => [
                'absurd-tracking',
                \sprintf('Tracking goes from −%1$d to %1$d thousandths of the em.', self::WIDEST_TRACKING),
                '/tracking',
            ],
            null !== $radius && ($radius < self::RADII[0] || $radius > self::RADII[1]) => [
                'absurd-radius',
                'The circle that words stand on has a radius from 1 mm to 20 m.',
                '/radius',
            ],
            $lineSpacing < 0 || $lineSpacing > 3 => [
                'absurd-spacing',
                'Clear film between lines goes from none to three letter heights.',
                '/lineSpacing',
            ],
            abs($condense) >= 100 => ['stretched', 'Letters keep some of their width.', '/condense'],
            default => null,
        };
        if (null !== $wrong) {
            throw new Refused(...$wrong);
        }
    }

    /**
     * This setting, where its letters are not stretched further than the shop does it: by itself, or where the customer
     * asks for it.
     *
     * @throws Refused at `/condense`
     */
    public function within(Rules $rules, bool $isAskedFor = false): self
    {
        $most = $rules->value($isAskedFor ? Rule::StretchMost : Rule::CondenseMost);
        if (abs($this->condense) > $most) {
            throw new Refused(
                'stretched',
                $isAskedFor
                    ? "Letters are stretched by $most % at most, whoever asks for it."
                    : "Letters are condensed or expanded by $most % at most: beyond that they look stretched. Take a "
                        .'narrower face, or say that it is asked for.',
                '/condense',
            );
        }

        return $this;
    }

    /** The smallest letters beside the letter height: a monogram's outer ones, the name across an initial. */
    public function smallestLetters(): float
    {
        return match ($this->arrangement) {
            Arrangement::Monogram => MonogramOrder::Equal === $this->order ? 1.0 : self::MONOGRAM_SIDE,
            Arrangement::Initial => self::NAME_ACROSS,
            default => 1.0,
        };
    }

    /** Can lines have something of their own? Where they stand under each other. */
    public function hasStyles(): bool
    {
        return !$this->isRound() && \in_array(
            $this->arrangement,
            [Arrangement::Line, Arrangement::Stack, Arrangement::Knockout],
            true,
        );
    }

    /** Does everything grow with the letters? Not on a circle of a given size. */
    public function isProportional(): bool
    {
        return null === $this->radius || !$this->isRound();
    }

    /** Do words run along a circle or an oval? */
    public function isRound(): bool
    {
        return $this->isRing() || $this->arrangement->isRound();
    }

    /** Do they go all the way round: standing in a ring, or cut out of one? */
    public function isRing(): bool
    {
        return Arrangement::Ring === $this->arrangement
            || (Arrangement::Knockout === $this->arrangement && KnockoutShape::Band === $this->shape);
    }

    /**
     * This setting along a circle, its radius as a share of the letter height, or along an oval by half its sides.
     *
     * @param float $bow a share of the letter height
     * @param float|null $down half the height of an oval, a share of the letter height
     */
    public function bowed(float $bow, ?float $down = null): self
    {
        return $this->with(['radius' => null, 'bow' => $bow, 'bowDown' => $down]);
    }

    /** On a circle that its words decide. */
    public function unbowed(): self
    {
        return $this->with(['radius' => null, 'bow' => null, 'bowDown' => null]);
    }

    /** This setting with signs that the face lacks from another. */
    public function withSigns(?Face $signs): self
    {
        return $this->with(['signs' => $signs]);
    }

    /**
     * This setting with so much more space between words, as a share of the letter height.
     *
     * @param float $wordSpace a share of the letter height
     */
    public function spaced(float $wordSpace): self
    {
        return $this->with(['wordSpace' => $wordSpace]);
    }

    /**
     * This setting with so much space between letters, in thousandths of the em.
     *
     * @param int $tracking thousandths of the em
     */
    public function tracked(int $tracking): self
    {
        return $this->with(['tracking' => $tracking]);
    }

    /** Whether letters are stretched further than the shop does by itself. */
    public function isStretched(Rules $rules): bool
    {
        return abs($this->condense) > $rules->value(Rule::CondenseMost);
    }

    /**
     * This setting so many per cent narrower; wider where negative.
     *
     * @param float $condense per cent narrower; wider where negative
     */
    public function condensed(float $condense): self
    {
        return $this->with(['condense' => $condense]);
    }

    /**
     * This setting for a member of a set whose lines stand alike.
     *
     * @param float $pitch a share of the letter height
     * @param float $lean a share of the letter height
     */
    public function linedUp(float $pitch, float $lean): self
    {
        return $this->with(['pitch' => $pitch, 'lean' => $lean]);
    }

    /**
     * This setting with something of their own for its lines.
     *
     * @param list<LineStyle> $styles
     */
    public function styled(array $styles, bool $justify): self
    {
        return $this->with(['styles' => $styles, 'justify' => $justify]);
    }

    /** This setting with outlines mended. */
    public function mended(Mending $mending): self
    {
        return $this->with(['mending' => $mending]);
    }

    /** This setting in another arrangement. */
    public function arranged(Arrangement $arrangement): self
    {
        return $this->with(['arrangement' => $arrangement]);
    }

    /** @param array<string, mixed> $changed by name */
    private function with(array $changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
