<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Object;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Object\DrunkFrom;

final class DrunkFromTest extends TestCase
{
    #[TestWith(['Mug'])]
    #[TestWith(['Enamel mug, white'])]
    #[TestWith(['2 beakers'])]
    #[TestWith(['Tea cup for the boat'])]
    #[TestWith(['GLASSES'])]
    #[TestWith(['Water bottle'])]
    public function testItsNameSaysSo(string $name): void
    {
        self::assertTrue(DrunkFrom::isToldBy($name));
    }

    #[TestWith(['Water can'])]
    #[TestWith(['Glass jar'])]
    #[TestWith(['Mug tree'])]
    #[TestWith(['Cupboard'])]
    #[TestWith(['Bottle green post'])]
    #[TestWith([''])]
    #[TestWith(['…'])]
    public function testOfNothingElse(string $name): void
    {
        self::assertFalse(DrunkFrom::isToldBy($name));
    }
}
