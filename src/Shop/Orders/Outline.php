<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;

/** An outline of film as it was frozen, kept once however many decals have it. It never changes. */
#[ORM\Entity(readOnly: true)]
class Outline
{
    private function __construct(
        #[ORM\Id, ORM\Column(length: 32, options: ['fixed' => true])]
        private string $hash,
        #[ORM\Column(type: 'text', length: 16777215)]
        private string $path,
    ) {
    }

    /** By which content is named. */
    public static function hashOf(string $path): string
    {
        return hash('xxh128', $path);
    }

    /** The hash of its path data, by which it is known. */
    public function hash(): string
    {
        return $this->hash;
    }

    /** Path data in mm. */
    public function path(): string
    {
        return $this->path;
    }
}
