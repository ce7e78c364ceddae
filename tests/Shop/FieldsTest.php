<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Shop\Input\FieldMap;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;

/** What is typed is read field by field, all of them, and each that cannot be read has its sentence. */
final class FieldsTest extends TestCase
{
    /** @return iterable<array{string, Units, int}> */
    public static function lengths(): iterable
    {
        yield ['108mm', Units::Metric, 108_000];
        yield ['10.8 cm', Units::Metric, 108_000];
        yield ['108', Units::Metric, 108_000];
        yield ['4 1/4', Units::Imperial, 107_950];
        yield ['4-1/4"', Units::Metric, 107_950];
        yield ["2' 3\"", Units::Metric, 685_800];
    }

    #[DataProvider('lengths')]
    public function testALengthIsReadInEitherSystem(string $typed, Units $units, int $micrometres): void
    {
        $fields = new Fields();
        self::assertSame($micrometres, $fields->length('width', $typed, 1000, 1_000_000, $units));
        self::assertFalse($fields->isWrong());
    }

    public function testAllFieldsAreReadBeforeAnythingIsRefused(): void
    {
        $fields = new Fields();
        $fields->text('words', '', 20, 'What words?');
        $fields->whole('quantity', 'a few', 1, 500);
        $fields->figure('price', '9,80', 0, 100);
        $fields->length('width', 'about a foot', 1000, 1_000_000);
        $fields->length('height', '9 km', 1000, 1_000_000);
        $fields->text('note', str_repeat('x', 21), 20);
        self::assertSame(['words', 'quantity', 'width', 'height', 'note'], array_keys($fields->sentences()));
        foreach ($fields->sentences() as $sentence) {
            self::assertMatchesRegularExpression('~^[\p{Lu}“].+[.?]$~u', $sentence);
        }
        $this->expectException(Refusals::class);
        $fields->refuseIfWrong();
    }

    public function testTheFirstSentenceOfAFieldCounts(): void
    {
        $fields = new Fields();
        $fields->refuse('width', 'First.');
        $fields->refuse('width', 'Second.');
        self::assertSame(['width' => 'First.'], $fields->sentences());
    }

    public function testARightFieldIsNotRefused(): void
    {
        $fields = new Fields();
        self::assertSame('Kestrel', $fields->text('words', '  Kestrel ', 20, 'What words?'));
        self::assertSame(7, $fields->whole('quantity', ' 7 ', 1, 500));
        self::assertSame(9.8, $fields->figure('price', '9,80', 0, 100));
        $fields->refuseIfWrong();
        self::assertFalse($fields->isWrong());
    }

    /** @return iterable<array{FieldMap, string, string}> where the core refuses, and the field a person looks at */
    public static function places(): iterable
    {
        yield [FieldMap::Order, '/object', 'surface'];
        yield [FieldMap::Order, '/keepOuts/1/width', 'keepOuts'];
        yield [FieldMap::Object, '/keepOuts/1/width', 'keepOuts.1.width'];
        yield [FieldMap::Object, '/inner', 'innerWidth'];
        yield [FieldMap::Object, '/path', 'outline'];
        yield [FieldMap::Design, '/object', 'object'];
        yield [FieldMap::Roster, '/set/3', 'roster'];
    }

    #[DataProvider('places')]
    public function testARefusalOfTheCoreIsLedToItsField(FieldMap $form, string $at, string $field): void
    {
        self::assertSame($field, $form->field(new Refused('some-reason', 'Because.', $at)));
    }
}
