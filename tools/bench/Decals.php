<?php

declare(strict_types=1);

namespace Yelbo\Tools;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\InMemoryCache;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Frame;
use Yelbo\Trade\Lettering\HarfBuzz;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Sheet\NestPiece;

/** Decals made up from a seed with the faces that ship: names, monograms, rings and frames. */
final readonly class Decals
{
    private const NAMES = ['Kestrel', 'Halcyon', 'Ada', 'Bartholomew', 'Rope', 'Plot 9', 'Teal', 'Sweet Peas', 'Wigeon', 'Heron', 'Lapwing', 'Cox', 'Tuba', 'Marigold', 'Swift'];
    private const FACES = ['bebas', 'pacifico', 'lobster', 'oswald', 'alfa-slab', 'fredoka'];

    private Faces $faces;
    private Typesetter $typesetter;
    private Randomizer $random;

    public function __construct(string $root, int $seed)
    {
        $this->faces = new Faces($root);
        $this->typesetter = new Typesetter($this->faces, new HarfBuzz(), new InMemoryCache());
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return list<NestPiece> half of them names; monograms, words on a ring, names in a frame, plain rings and plain frames */
    public function mixed(int $count): array
    {
        return $this->made($count, fn (string $face, int $cap, string $name, int $kind): Region => match ($kind) {
            0 => $this->monogram($face, $cap),
            1 => $this->onRing($face, intdiv($cap, 2)),
            2 => $this->framed($face, $name, intdiv($cap, 2), $cap % 2000 > 0 ? Frame::Ring : Frame::Rule),
            3 => $this->ring(4 * $cap),
            4 => $this->frame(4 * $cap, $this->random->getInt(2, 3) * $cap),
            default => $this->name($face, $cap, $name),
        });
    }

    /** @return list<NestPiece> half of them names; monograms, words on a ring, names in a ring: nothing that another would go far into */
    public function solid(int $count): array
    {
        return $this->made($count, fn (string $face, int $cap, string $name, int $kind): Region => match ($kind) {
            0, 1 => $this->monogram($face, $cap),
            2 => $this->onRing($face, intdiv($cap, 3)),
            3, 4 => $this->framed($face, $name, intdiv($cap, 2), Frame::Ring),
            default => $this->name($face, $cap, $name),
        });
    }

    private function name(string $face, int $cap, string $name): Region
    {
        return $this->typesetter->top(Words::set($this->faces->named($face), [$name], new Setting()), $cap);
    }

    private function monogram(string $face, int $cap): Region
    {
        return $this->typesetter->top(Words::set($this->faces->named($face), ['A R L'], new Setting(Arrangement::Monogram)), $cap);
    }

    private function onRing(string $face, int $cap): Region
    {
        return $this->typesetter->top(Words::set($this->faces->named($face), ['Lockside', 'Plots'], new Setting(Arrangement::Ring)), $cap);
    }

    private function framed(string $face, string $name, int $cap, Frame $frame): Region
    {
        return $this->typesetter->top(Words::set($this->faces->named($face), [$name], new Setting(frame: $frame)), $cap);
    }

    /**
     * @param \Closure(string, int, string, int): Region $make of a face, the height of its capitals in µm, a name and a figure from 0 to 9
     *
     * @return list<NestPiece> none longer than a sheet is wide
     */
    private function made(int $count, \Closure $make): array
    {
        $pieces = [];
        while (\count($pieces) < $count) {
            $face = self::FACES[$this->random->getInt(0, 5)];
            $cap = $this->random->getInt(12, 40) * 1000;
            $name = self::NAMES[$this->random->getInt(0, \count(self::NAMES) - 1)];
            $region = $make($face, $cap, $name, $this->random->getInt(0, 9));
            $box = $region->box();
            if (max($box->width(), $box->height()) <= 290_000) {
                $pieces[] = new NestPiece('p'.\count($pieces), $region->moved(-$box->left, -$box->top));
            }
        }

        return $pieces;
    }

    /** Round an existing badge: 5 mm wide. */
    private function ring(int $across): Region
    {
        $radius = $across / 2000;
        $circle = static fn (float $r, int $sweep): string => \sprintf('M%F %FA%F %F 0 1 %d %F %FA%F %F 0 1 %d %F %FZ', $radius - $r, $radius, $r, $r, $sweep, $radius + $r, $radius, $r, $r, $sweep, $radius - $r, $radius);

        return SvgPath::read($circle($radius, 1).$circle($radius - 5, 0));
    }

    /** Round a notice: 4 mm wide. */
    private function frame(int $width, int $height): Region
    {
        return new Region([[[[0, 0], [$width, 0], [$width, $height], [0, $height]], [[4000, 4000], [4000, $height - 4000], [$width - 4000, $height - 4000], [$width - 4000, 4000]]]]);
    }

    /** @return list<NestPiece> plain names with letters 24 to 41 mm high, none longer than an offcut */
    public function names(int $count): array
    {
        $pieces = [];
        while (\count($pieces) < $count) {
            $words = Words::set($this->faces->named(self::FACES[$this->random->getInt(0, 5)]), [self::NAMES[$this->random->getInt(0, \count(self::NAMES) - 1)]], new Setting());
            $region = $this->typesetter->top($words, $this->random->getInt(24, 41) * 1000);
            if ($region->box()->width() <= 200_000) {
                $pieces[] = new NestPiece('p'.\count($pieces), $region);
            }
        }

        return $pieces;
    }

    /**
     * A sheet cut into rectangles without waste, at random.
     *
     * @return list<NestPiece>
     */
    public function guillotine(int $count, int $width, int $height): array
    {
        $cut = [[$width, $height]];
        while (\count($cut) < $count) {
            $areas = array_map(static fn (array $sides): int => $sides[0] * $sides[1], $cut);
            // One of the larger ones, so that no sliver is cut further.
            arsort($areas);
            $of = array_keys($areas)[$this->random->getInt(0, min(2, \count($areas) - 1))];
            [$w, $h] = $cut[$of];
            unset($cut[$of]);
            $share = $this->random->getInt(250, 750) / 1000;
            $part = (int) round($share * max($w, $h));
            array_push($cut, ...($w > $h ? [[$part, $h], [$w - $part, $h]] : [[$w, $part], [$w, $h - $part]]));
        }

        return array_map(static fn (array $sides, int $nth): NestPiece => new NestPiece("r$nth", Box::sized(...$sides)->region()), array_values($cut), array_keys(array_values($cut)));
    }
}
