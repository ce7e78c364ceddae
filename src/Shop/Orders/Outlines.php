<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\RegisterMark;

/** Outlines by their content: written once, read once, and remembered as what they were read into. */
final readonly class Outlines
{
    public function __construct(private EntityManagerInterface $records, private Cache $cache)
    {
    }

    /**
     * Keeps an outline with the transaction it belongs to.
     *
     * @return string its hash
     */
    public function store(Region $outline): string
    {
        $path = SvgPath::write($outline);
        $hash = Outline::hashOf($path);
        $this->records
            ->getConnection()
            ->executeStatement('INSERT IGNORE INTO outline (hash, path) VALUES (?, ?)', [$hash, $path]);

        return $hash;
    }

    /**
     * The film that stays of a piece, as it is cut: mirrored where it goes inside a window. In the frame of its decal's
     * box, µm.
     */
    public function cut(Piece $piece): Region
    {
        $hash = $piece->drawn()->outline();

        return $piece->proof()->frozen()->mirrored
            ? $this->cache->recall("outline.$hash.mirrored", fn (): Region => $this->region($hash)->mirrored())
            : $this->region($hash);
    }

    /** The outline as the knife gets it: with register marks where it is joined with other layers. */
    public function forKnife(Piece $piece): Region
    {
        if (!$piece->drawn()->isJoined()) {
            return $this->cut($piece);
        }
        $joined = array_map(
            static fn (int $layer): string => $piece->proof()->drawing()->outline($piece->member(), $layer),
            $piece->proof()->drawing()->joined($piece->member(), $piece->layer()),
        );
        $key = hash('xxh128', serialize([$piece->drawn()->outline(), $joined, $piece->proof()->frozen()->mirrored]));

        return $this->cache->recall("outline.marked.$key", function () use ($piece, $joined): Region {
            $marked = RegisterMark::beside(
                $this->region($piece->drawn()->outline()),
                array_map($this->region(...), $joined),
            );

            return $piece->proof()->frozen()->mirrored ? $marked->mirrored() : $marked;
        });
    }

    /** In the frame of its decal's box, µm. */
    public function region(string $hash): Region
    {
        return $this->cache->recall("outline.$hash", fn (): Region => SvgPath::read($this->path($hash)));
    }

    /** Path data in mm. */
    public function path(string $hash): string
    {
        return $this->paths([$hash])[$hash];
    }

    /**
     * @param list<string> $hashes
     *
     * @return array<string, string> path data in mm by hash
     */
    public function paths(array $hashes): array
    {
        $paths = [];
        $wanted = ['hash' => array_values(array_unique($hashes))];
        foreach ($this->records->getRepository(Outline::class)->findBy($wanted) as $outline) {
            $paths[$outline->hash()] = $outline->path();
        }
        foreach ($hashes as $hash) {
            $paths[$hash] ?? throw new \LogicException("There is no outline $hash.");
        }

        return $paths;
    }
}
