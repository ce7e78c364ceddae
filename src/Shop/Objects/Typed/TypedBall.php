<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A ball or a dome: what is measured of it, as it was typed. */
final readonly class TypedBall implements TypedSurface
{
    use ReadByName;

    public const KIND = 'ball';

    /**
     * @param string $diameter across the round, or the circumference is given
     * @param string $circumference the way round
     * @param string $seen how many degrees of it are seen from the front, as typed; empty for the usual
     */
    public function __construct(
        public string $diameter = '',
        public string $circumference = '',
        public string $seen = '',
    ) {
    }
}
