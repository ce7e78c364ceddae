<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Objects\Typed\TypedSurface;
use Yelbo\Trade\Object\SurfaceKind;

/** What is typed of an object: of each kind what is asked of it, whatever was typed of another before. */
final class TypedSurfaceTest extends TestCase
{
    /** @return array<string, array{SurfaceKind}> */
    public static function kinds(): array
    {
        return array_column(
            array_map(static fn (SurfaceKind $kind): array => [$kind->value, [$kind]], SurfaceKind::cases()),
            1,
            0,
        );
    }

    #[DataProvider('kinds')]
    public function testEveryLengthOfAKindIsAskedAndNothingIsLeftOverFromAnother(SurfaceKind $kind): void
    {
        $all = [];
        foreach (TypedSurface::KINDS as $class) {
            $all += array_map(static fn (): string => 'left over', (new $class())->toArray());
        }
        $own = array_map(static fn (): string => '12mm', (new (TypedSurface::KINDS[$kind->value])())->toArray());
        self::assertSame([], array_diff(array_column($kind->lengths(), 0), array_keys($own)));
        $read = ObjectAnswers::fromKept(['surface' => $kind->value, 'object' => 'Seed tin'] + $own + $all);
        self::assertSame($kind->value, $read->surface->kind());
        self::assertEqualsCanonicalizing($own, $read->surface->toArray());
        foreach (array_keys(array_diff_key($all, $own)) as $other) {
            self::assertSame('', $read->measure($other), $other);
        }
        // Kept and read again it is the same.
        self::assertEquals($read, ObjectAnswers::fromKept($read->toArray()));
    }

    public function testWhatNobodyKnowsIsKeptAsItWasTyped(): void
    {
        $read = ObjectAnswers::fromKept(['surface' => 'saddle', 'width' => '12mm']);
        self::assertSame(['saddle', ''], [$read->surface->kind(), $read->measure('width')]);
        self::assertSame('rectangle', ObjectAnswers::fromKept([])->surface->kind());
    }
}
