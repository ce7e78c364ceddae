<?php

declare(strict_types=1);

namespace Yelbo\Tests\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Console\Document;
use Yelbo\Trade\Refused;

final class DocumentTest extends TestCase
{
    private const JSON = '{"text":"a","number":1.5,"whole":3,"list":[1,2],"texts":["a","b"],"lists":[["a"],["b","c"]],'
        .'"object":{"width":2},"objects":[{"x":1},{"x":2}],"none":null}';

    public function testReadsEveryKind(): void
    {
        $in = Document::parse(self::JSON);
        self::assertSame('a', $in->text('text'));
        self::assertSame(1.5, $in->number('number', 0, 2));
        self::assertSame(3, $in->whole('whole', 0, 5));
        self::assertSame([1.0, 2.0], $in->numbers('list', 0, 5));
        self::assertSame(['a', 'b'], $in->texts('texts'));
        self::assertSame([['a'], ['b', 'c']], $in->textLists('lists'));
        self::assertSame(2000, $in->object('object')->length('width'));
        self::assertSame(
            [1000, 2000],
            array_map(static fn (Document $one): int => $one->length('x'), $in->objects('objects')),
        );
        self::assertFalse($in->has('none'));
        self::assertSame('b', $in->text('absent', 'b'));
        $in->end();
    }

    /** @return iterable<string, array{\Closure(Document): mixed, string, string}> */
    public static function refusals(): iterable
    {
        yield 'missing' => [static fn (Document $in) => $in->text('absent'), 'missing', '/absent'];
        yield 'no text' => [static fn (Document $in) => $in->text('number'), 'bad-value', '/number'];
        yield 'no number' => [static fn (Document $in) => $in->number('text', 0, 1), 'bad-value', '/text'];
        yield 'too large' => [static fn (Document $in) => $in->number('number', 0, 1), 'bad-value', '/number'];
        yield 'too small' => [static fn (Document $in) => $in->number('number', 2, 3), 'bad-value', '/number'];
        yield 'not whole' => [static fn (Document $in) => $in->whole('number', 0, 5), 'bad-value', '/number'];
        yield 'no list' => [static fn (Document $in) => $in->texts('text'), 'bad-value', '/text'];
        yield 'no text in a list' => [static fn (Document $in) => $in->texts('list'), 'bad-value', '/list/0'];
        yield 'no text in a list of lists' => [
            static fn (Document $in) => $in->textLists('texts'),
            'bad-value',
            '/texts/0',
        ];
        yield 'no object' => [static fn (Document $in) => $in->object('text'), 'bad-value', '/text'];
        yield 'no object in a list' => [static fn (Document $in) => $in->objects('list'), 'bad-value', '/list/0'];
        yield 'a list too long' => [static fn (Document $in) => $in->objects('objects', 1), 'bad-value', '/objects'];
        yield 'deep down' => [
            static fn (Document $in) => $in->objects('objects')[1]->text('x'),
            'bad-value',
            '/objects/1/x',
        ];
        yield 'a zero length' => [
            static fn (Document $in) => $in->object('object')->length('width', 3),
            'bad-value',
            '/object/width',
        ];
        yield 'a key nobody asked for' => [static fn (Document $in) => $in->end(), 'unknown-key', '/text'];
        yield 'found further in' => [
            static fn (Document $in) => $in->at('text', static fn () => throw new Refused('x', 'No.', '/deep')),
            'x',
            '/text/deep',
        ];
    }

    /** @param \Closure(Document): mixed $read */
    #[DataProvider('refusals')]
    public function testEveryRefusalNamesItsPlace(\Closure $read, string $reason, string $at): void
    {
        try {
            $read(Document::parse(self::JSON));
            self::fail('Must be refused.');
        } catch (Refused $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function notDocuments(): iterable
    {
        yield 'nothing' => ['', 'not-json'];
        yield 'half' => ['{"a":', 'not-json'];
        yield 'a list' => ['[]', 'not-an-object'];
        yield 'text' => ['"a"', 'not-an-object'];
        yield 'not a number' => ['{"a":NaN}', 'not-json'];
        yield 'deeper than any document' => [str_repeat('{"a":', 40).'1'.str_repeat('}', 40), 'not-json'];
        yield 'far too much' => ['{"a":"'.str_repeat('x', 5_000_000).'"}', 'too-much'];
    }

    #[DataProvider('notDocuments')]
    public function testRefusesWhatIsNoDocument(string $json, string $reason): void
    {
        try {
            Document::parse($json);
            self::fail('Must be refused.');
        } catch (Refused $refused) {
            self::assertSame($reason, $refused->reason);
        }
    }

    public function testAHugeFigureIsNoInfinity(): void
    {
        $this->expectException(Refused::class);
        Document::parse('{"a":1e999}')->number('a', 0, \PHP_FLOAT_MAX);
    }
}
