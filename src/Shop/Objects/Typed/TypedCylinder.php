<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects\Typed;

/** A straight wall all round: what is measured of it, as it was typed. */
final readonly class TypedCylinder implements TypedSurface
{
    use ReadByName;

    public const KIND = 'cylinder';

    /**
     * @param string $circumference the way round, or the diameter is given
     * @param string $diameter across the round
     * @param string $height along the wall, as typed with its unit
     * @param string $seen how many degrees of it are seen from the front, as typed; 360 for a wrap, empty for the usual
     * @param string $lip none where nobody drinks from it, whatever it is called
     */
    public function __construct(
        public string $circumference = '',
        public string $diameter = '',
        public string $height = '',
        public string $seen = '',
        public string $lip = '',
    ) {
    }
}
