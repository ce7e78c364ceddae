<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/**
 * What a page of a proof shows, decal by decal and film by film.
 *
 * @phpstan-import-type Part from ProofPage
 * @phpstan-import-type PartLayer from ProofPage
 */
final readonly class DrawnMembers
{
    /**
     * @param int                  $capHeight µm, of members that have no height of their own
     * @param non-empty-list<Part> $parts     every decal of a set, with every layer of film
     */
    public function __construct(private int $capHeight, private array $parts)
    {
    }

    /** @return list<int> the numbers of drawings that are printed */
    public function pictures(): array
    {
        $pictures = [];
        foreach ($this->parts as $part) {
            array_push($pictures, ...array_column(array_column($part['layers'], 'picture'), 0));
        }

        return array_values(array_unique($pictures));
    }

    /** The height of its capitals; of a set whose members have heights of their own the least. */
    public function capHeight(): Length
    {
        return Length::micrometres(min($this->heights()));
    }

    /** The letter height of the member that has the largest. */
    public function highest(): Length
    {
        return Length::micrometres(max($this->heights()));
    }

    /** @return non-empty-list<int> µm, of each member */
    private function heights(): array
    {
        return array_map(fn (array $part): int => $part['capHeight'] ?? $this->capHeight, $this->parts);
    }

    /** How many different decals: the members of a set. */
    public function members(): int
    {
        return \count($this->parts);
    }

    /** @return list<PartLayer> */
    public function layers(int $member = 0): array
    {
        return $this->part($member)['layers'];
    }

    /** @return list<string> */
    public function linesOf(int $member): array
    {
        return $this->part($member)['lines'];
    }

    /** The size of the art over all. */
    public function size(int $member = 0): Size
    {
        return new Size(
            Length::micrometres($this->part($member)['width']),
            Length::micrometres($this->part($member)['height']),
        );
    }

    /** The size of one layer of film; of proofs from before layers had one, of the art over all. */
    public function layerSize(int $member = 0, int $layer = 0): Size
    {
        $of = $this->part($member)['layers'][$layer] ?? [];

        return isset($of['width'], $of['height'])
            ? new Size(Length::micrometres($of['width']), Length::micrometres($of['height']))
            : $this->size($member);
    }

    /**
     * Layers that are joined before they are applied, the top one first: those that lie on each other.
     *
     * @return non-empty-list<int> by their places in the decal
     */
    public function joined(int $member, int $layer): array
    {
        $layers = $this->layers($member);
        $group = $layers[$layer]['group'] ?? 0;

        return array_keys(
            array_filter($layers, static fn (array $one): bool => ($one['group'] ?? 0) === $group),
        ) ?:
            [$layer];
    }

    /** Round layers that are joined, in the frame of their decal, µm. */
    public function joinedBox(int $member, int $layer): Box
    {
        $part = $this->part($member);
        $box = null;
        foreach ($this->joined($member, $layer) as $nth) {
            $of = $part['layers'][$nth] ?? [];
            if (!isset($of['left'], $of['top'], $of['width'], $of['height'])) {
                return Box::sized($part['width'], $part['height']);
            }
            $own = new Box($of['left'], $of['top'], $of['left'] + $of['width'], $of['top'] + $of['height']);
            $box = $box?->around($own) ?? $own;
        }

        return $box;
    }

    /** Round one layer of film, in the frame of its decal, µm; of proofs from before layers had one, round the art. */
    public function layerBox(int $member = 0, int $layer = 0): Box
    {
        $of = $this->part($member)['layers'][$layer] ?? [];

        return isset($of['left'], $of['top'], $of['width'], $of['height'])
            ? Box::sized($of['width'], $of['height'])->moved($of['left'], $of['top'])
            : Box::sized($this->part($member)['width'], $this->part($member)['height']);
    }

    /** From the left edge of the object to the art. */
    public function left(int $member = 0): Length
    {
        return Length::micrometres($this->part($member)['left']);
    }

    /** From the top edge of the object to the art. */
    public function top(int $member = 0): Length
    {
        return Length::micrometres($this->part($member)['top']);
    }

    /** One layer of film of one decal, by the hash of its outline; all layers of a decal share one frame. */
    public function outline(int $member = 0, int $layer = 0): string
    {
        return $this->part($member)['layers'][$layer]['outline'] ??
            throw new \LogicException("There is no layer $layer.");
    }

    /** @return list<string> the hashes of all outlines it shows */
    public function outlines(): array
    {
        $hashes = [];
        foreach ($this->parts as $part) {
            array_push($hashes, ...array_column($part['layers'], 'outline'));
        }

        return $hashes;
    }

    /** The last member of the set, from 0. */
    public function lastMember(): int
    {
        return \count($this->parts) - 1;
    }

    /** @return Part */
    private function part(int $member): array
    {
        return $this->parts[$member] ?? throw new \LogicException("There is no decal $member.");
    }
}
