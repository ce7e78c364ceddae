<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** One thing on an object that carries several: words, a plain shape, a drawing, each of its own film and size. */
final readonly class Element
{
    /**
     * @param Words                    $words     a shape or a drawing stands in the place of words
     * @param int|null                 $capHeight µm; of a shape or a drawing its height over all
     * @param int|null                 $width     µm over all, in place of the letter height
     * @param int|null                 $height    µm over all, likewise
     * @param array{int, int}|null     $middle    where the middle of its box goes, µm in the object's frame; the
     *     object's own where left out
     * @param int|null                 $offset    µm of a rim underneath
     * @param bool                     $over      whether it lies on other films on purpose
     */
    public function __construct(
        public Words $words,
        public ?int $capHeight = null,
        public ?int $width = null,
        public ?int $height = null,
        public ?array $middle = null,
        public ?int $offset = null,
        public bool $over = false,
    ) {
    }
}
