<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\OutlineArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Measure\TypedDay;
use Yelbo\Trade\Object\Allowance;
use Yelbo\Trade\Object\KeepOut;
use Yelbo\Trade\Object\Polygon;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Plan\Edge;
use Yelbo\Trade\Plan\Shape;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * The customer's object: what it is called, and its measured surface.
 *
 * Width, height and corner stand in columns of their own, whatever else a surface is measured
 * by in `measures`, lengths in µm.
 *
 * @phpstan-import-type Measured from SurfaceKind
 * @phpstan-type Kept array{what: string, x: int, y: int, width: int, height: int, name?: string}
 */
#[ORM\Embeddable]
final class MeasuredObject
{
    public const RECTANGLE = 'rectangle';
    public const ELLIPSE = 'ellipse';

    /**
     * @param int                       $width    µm
     * @param int                       $height   µm
     * @param int                       $corner   radius, µm
     * @param Measured|null             $measures
     * @param list<Kept>|null           $keepOuts µm, to the middle of each part along the surface
     */
    public function __construct(
        #[ORM\Column(length: 80, nullable: true)] private ?string $name = null,
        #[ORM\Column(length: 12, nullable: true)] private ?string $surface = null,
        #[ORM\Column(nullable: true)] private ?int $width = null,
        #[ORM\Column(nullable: true)] private ?int $height = null,
        #[ORM\Column(nullable: true)] private ?int $corner = null,
        #[ORM\Column(type: 'json', nullable: true)] private ?array $measures = null,
        #[ORM\Column(type: 'json', nullable: true)] private ?array $keepOuts = null,
        #[ORM\Column(length: 20, nullable: true)] private ?string $material = null,
    ) {
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name ?? '';
    }

    /** Its shape of surface. */
    public function kind(): SurfaceKind
    {
        return SurfaceKind::tryFrom($this->surface ?? '') ?? SurfaceKind::Rectangle;
    }

    /** What it is made of; none where nobody said. */
    public function material(): ?Material
    {
        return Material::tryFrom($this->material ?? '');
    }

    /** Laid flat, over all. */
    public function size(): Size
    {
        return $this->surface()->size();
    }

    /** Stuck inside a window and read from outside: then it is cut mirrored, always. */
    public function isInside(): bool
    {
        return true === $this->material()?->hasInside() && 1 === (int) ($this->measures['inside'] ?? 0);
    }

    /** How much room to the edge is liked. */
    public function allowance(): Allowance
    {
        return Allowance::tryFrom((string) ($this->measures['allowance'] ?? '')) ?? Allowance::Usual;
    }

    /** Its colour, #rrggbb; none where nobody said. */
    public function colour(): ?string
    {
        $colour = (string) ($this->measures['colour'] ?? '');

        return '' === $colour ? null : $colour;
    }

    /** The name of the photo laid on it; none where there is none. */
    public function photo(): ?string
    {
        $photo = (string) ($this->measures['photo'] ?? '');

        return '' === $photo ? null : $photo;
    }

    /** The day of its last coat of paint; none where it is not painted, or nobody said. */
    public function paintedOn(): ?\DateTimeImmutable
    {
        $day = TypedDay::read((string) ($this->measures['paintedOn'] ?? ''));

        return true === $this->material()?->isPainted() ? $day : null;
    }

    /** How it lies for who puts film on it. */
    public function shape(): Shape
    {
        return match ($this->kind()) {
            SurfaceKind::Cylinder => Shape::Round,
            SurfaceKind::Taper => Shape::Taper,
            SurfaceKind::Ball => Shape::Ball,
            default => Shape::Flat,
        };
    }

    /** What becomes of film that reaches over its edge, where it does. @param Region $film in its own frame */
    public function edgeOf(Region $film): Edge
    {
        $edge = match ($this->allowance()) {
            Allowance::Over => Edge::Trimmed,
            Allowance::Wrap => Edge::Folded,
            default => Edge::Within,
        };

        return Edge::Within === $edge || Geos::difference($film, $this->surface()->outline())->isEmpty()
            ? Edge::Within
            : $edge;
    }

    /** Where film that is folded under is cut in; 0 of what is round or odd. */
    public function corners(): int
    {
        $surface = $this->surface();

        return match (true) {
            $surface instanceof Polygon => $surface->outline()->corners(),
            $surface instanceof Rectangle => 4,
            default => 0,
        };
    }

    /** How many panes; one of anything else. */
    public function panes(): int
    {
        return SurfaceKind::Panes === $this->kind() ? max(1, (int) ($this->measures['panes'] ?? 1)) : 1;
    }

    /** Metres from which it has to be read. */
    public function readFrom(): ?float
    {
        return isset($this->measures['readFrom']) ? (float) $this->measures['readFrom'] : null;
    }

    /**
     * Parts to place by, their middles in the frame of the surface laid flat, µm.
     *
     * @return list<array{label: string, x: int, y: int}>
     */
    public function features(): array
    {
        $surface = $this->surface();
        $features = [];
        foreach ($this->keepOuts ?? [] as $kept) {
            $what = KeepOut::from($kept['what']);
            if (\in_array($what, [KeepOut::Lip, KeepOut::Edge], true)) {
                continue;
            }
            $y = KeepOut::Seam === $what ? intdiv($surface->wall()->height->micrometres, 2) : $kept['y'];
            $box = $surface->laid((new Box($kept['x'] - 1, $y - 1, $kept['x'] + 1, $y + 1))->region())->box();
            $features[] = [
                'label' => ($kept['name'] ?? '') ?: $what->label(),
                'x' => intdiv($box->left + $box->right, 2),
                'y' => intdiv($box->top + $box->bottom, 2),
            ];
        }

        return $features;
    }

    /** @return list<int> where upright seams and joints run across its front, from the left, µm */
    public function seams(): array
    {
        return array_values(
            array_map(
                static fn (array $kept): int => $kept['x'],
                array_filter(
                    $this->keepOuts ?? [],
                    fn (array $kept): bool => KeepOut::Seam->value === $kept['what']
                        && SurfaceKind::Taper !== $this->kind(),
                ),
            ),
        );
    }

    /**
     * The surface as it was measured.
     *
     * @param Rules|null $rules how much of a round thing is seen where nobody said; without them all of it is
     *
     * @throws Refused at the measure that makes no sense
     */
    public function surface(?Rules $rules = null): Surface
    {
        return $this->kind()->surface([
            'width' => $this->width,
            'height' => $this->height,
            'corner' => $this->corner,
            ...null === $rules ? [] : ['seen' => $rules->value(Rule::Seen)],
            ...$this->measures ?? [],
        ]);
    }

    /** Whether lips touch it: its lip is kept clear. */
    public function isDrunkFrom(): bool
    {
        return \in_array(KeepOut::Lip->value, array_column($this->keepOuts ?? [], 'what'), true);
    }

    /**
     * The surface less what has to stay free.
     *
     * @throws Refused at `/keepOuts/…`
     */
    public function kept(Rules $rules): Surface
    {
        return $this->less($rules, $this->allowance());
    }

    /**
     * The surface for letters: where film goes over the edge on purpose they stay on the front.
     *
     * @throws Refused at `/keepOuts/…`
     */
    public function front(Rules $rules): Surface
    {
        return $this->less($rules, $this->allowance()->goesOver() ? Allowance::Usual : $this->allowance());
    }

    /** @throws Refused at `/keepOuts/…` */
    private function less(Rules $rules, Allowance $allowance): Surface
    {
        $surface = $this->surface($rules);
        $regions = [];
        $wall = $surface->wall();
        foreach ($this->keepOuts ?? [] as $nth => $kept) {
            $what = KeepOut::from($kept['what']);
            if (KeepOut::Edge === $what) {
                $regions[] = Geos::difference(
                    $surface->outline(),
                    (new OutlineArea($surface->outline()))->inset($kept['width'])->region(),
                );
                continue;
            }
            try {
                $measured = $what->region(
                    $wall->width->micrometres,
                    $wall->height->micrometres,
                    $kept['x'],
                    $kept['y'],
                    $kept['width'],
                    $kept['height'],
                    $rules,
                );
            } catch (Refused $refused) {
                throw $refused->under("/keepOuts/$nth");
            }
            $regions[] = $surface->laid($measured);
        }

        return match (true) {
            [] !== $regions => new SurfaceLessKeepOuts($surface, Geos::union($regions), $allowance),
            Allowance::Usual === $allowance => $surface,
            default => new SurfaceLessKeepOuts($surface, Region::none(), $allowance),
        };
    }
}
