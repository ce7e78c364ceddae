<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Trade\Rule;

/** Once the owner has changed a figure, every sentence that carries it says the new one, at once and everywhere. */
final class ChangedFiguresTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /**
     * @return iterable<string, array{Rule, string, string, string}> figure, new value, what is said before, what after
     */
    public static function figures(): iterable
    {
        yield 'how long the film lasts' => [
            Rule::PermanentLife,
            '4',
            'About 6 years outdoors',
            'About 4 years outdoors',
        ];
        yield 'the thinnest stroke' => [Rule::PlainStroke, '3', 'Under 1.3 mm', 'Under 3.9 mm'];
        yield 'what is thinner outdoors' => [Rule::OutdoorFactor, '2', 'Under 1.3 mm', 'Under 2 mm'];
        yield 'how far the lip is kept clear' => [Rule::KeepLip, '22', '15 mm from the lip', '22 mm from the lip'];
        yield 'how long it rests' => [
            Rule::AdhesiveCure,
            '48',
            '72 h from when it was put on',
            '48 h from when it was put on',
        ];
        yield 'how far the tape reaches' => [
            Rule::TapeMargin,
            '20',
            'Cut 184.7 × 63.2 mm of',
            'Cut 208.7 × 87.2 mm of',
        ];
        yield 'what clear tape is for' => [
            Rule::ClearTapeUpTo,
            '20',
            'clear tape of medium tack',
            'paper tape of low tack',
        ];
    }

    #[DataProvider('figures')]
    public function testEverySentenceSaysTheNewFigure(Rule $rule, string $value, string $before, string $after): void
    {
        $said = $this->said();
        self::assertStringContainsString($before, $said);
        $this->ask('PUT', "/api/rules/$rule->value", ['value' => $value]);
        self::assertSame(200, $this->status);
        $now = $this->said();
        self::assertStringContainsString($after, $now);
        self::assertStringNotContainsString($before, $now);
    }

    /** All that is said about an order, from Ask to Send, and about one that will be washed. */
    private function said(): string
    {
        $docket = $this->approved('Kestrel', 1);
        $piece = $docket->pieces()[0];
        $drawing = ['docket' => $docket->number(), 'words' => 'Kestrel', 'face' => 'sacramento', 'capHeight' => '14mm'];

        return implode(
            "\n",
            array_map(
                static fn (array $answer): string => json_encode(
                    $answer,
                    \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
                ),
                [
                    $this->ask('POST', '/api/answers', $this->answers('Kestrel', 1)),
                    $this->ask('POST', '/api/dockets', [
                        'take' => true,
                        'answers' => [
                            'useOf' => 'washed',
                            'object' => 'Enamel mug',
                            'surface' => 'cylinder',
                            'circumference' => '258mm',
                            'height' => '95mm',
                        ] + $this->answers('Kestrel', 1)->toArray(),
                    ]),
                    $this->ask('POST', '/api/fit', $drawing),
                    $this->ask('POST', '/api/check', $drawing),
                    $this->ask('GET', "/api/things/{$piece->thing()->id()}/steps"),
                    $this->ask('GET', "/api/things/{$piece->thing()->id()}/parcel"),
                ],
            ),
        );
    }
}
