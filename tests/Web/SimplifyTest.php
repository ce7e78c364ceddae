<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Trade\Film\Film;

/** Drawings too fine to cut are made simpler in steps that are shown, and what changed is told on the proof. */
final class SimplifyTest extends WebCase
{
    use OrderWalk;

    /** Of the check: what knife and hook cannot manage. */
    private const FINE = ['thin-stroke', 'small-island', 'small-counter', 'tight-gap'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    /** @return array<string, array{string}> what is drawn, in a box of 120 × 80 mm */
    public static function drawings(): array
    {
        $dots = $bars = '';
        for ($nth = 0; $nth < 7; ++$nth) {
            $dots .= '<circle cx="'.(12 + 16 * $nth).'" cy="70" r="0.5"/>';
            $bars .= '<path d="M5 '.(10 + 6 * $nth).'H115V'.(10.6 + 6 * $nth).'H5Z"/>';
        }

        return [
            'dots beside a block' => ['<path d="M5 5H115V55H5Z"/>'.$dots],
            'thin bars and dots' => [$bars.$dots],
            'a block with pinholes, and hairlines' => [
                '<path fill-rule="evenodd" d="M5 5H60V55H5ZM20 20V20.6H20.6V20ZM40 30V30.6H40.6V30Z"/><path d="M64 '
                    .'5H64.5V55H64Z"/>'.$dots,
            ],
        ];
    }

    #[DataProvider('drawings')]
    public function testEachStepLeavesFewerStopsAndWhatIsTakenIsWhatWasShown(string $drawn): void
    {
        [$number, $art] = $this->brought($drawn);
        $typed = ['docket' => $number, 'item' => 1, 'words' => 'Mark', 'face' => 'oswald', 'art' => $art];
        $before = $this->stops($typed);
        self::assertGreaterThan(0, $before, 'too fine to begin with');
        $found = $this->mustAsk('POST', '/api/simplify', $typed);
        self::assertNotSame([], $found['steps']);
        $left = $before;
        foreach ($found['steps'] as $step) {
            self::assertSame($left, $step['before']);
            self::assertLessThan($left, $step['after']);
            $left = $step['after'];
        }
        self::assertSame($left, $found['left']);
        $setting = array_column($found['setting'], 'value', 'name');
        self::assertSame($left, $this->stops(['setting' => $setting] + $typed), 'taken, it is as it was shown');

        if (0 === $left) {
            $docket = $this->sized($number, ['words' => 'Mark', 'art' => $art, 'setting' => $setting, 'proof' => true]);
            self::assertStringContainsString(
                'Your drawing was changed so that it can be cut:',
                implode(' ', $docket['proofs'][0]['pages'][0]['notes']['remarks']),
            );
        }
    }

    public function testWhatCanBeCutHasNoStepsAndSaysSo(): void
    {
        [$number, $art] = $this->brought('<path d="M5 5H115V75H5Z"/>');
        $found = $this->mustAsk(
            'POST',
            '/api/simplify',
            ['docket' => $number, 'item' => 1, 'words' => 'Mark', 'face' => 'oswald', 'art' => $art],
        );
        self::assertSame([[], 0, []], [$found['steps'], $found['left'], $found['setting']]);
    }

    public function testLettersAreStretchedFurtherWhereTheCustomerAsksAndThatIsSaid(): void
    {
        $number = $this->asked([
            'words' => 'Kestrel',
            'object' => 'Sign',
            'width' => '300mm',
            'height' => '100mm',
            'useOf' => 'indoor',
            'film' => $this->shelved(Film::Permanent, 'sage'),
        ])['number'];
        $fit = fn (string $condense, string $asked): array => $this->ask('POST', '/api/fit', [
            'docket' => $number,
            'item' => 1,
            'words' => 'Kestrel',
            'face' => 'oswald',
            'capHeight' => '30mm',
            'setting' => ['condense' => $condense, 'stretchAsked' => $asked],
        ]);
        $wide = $fit('0', '')['place']['size']['width']['mm'];
        self::assertStringContainsString(
            '8 % at most',
            array_column($fit('20', '')['fields'], 'says', 'field')['condense'],
        );
        self::assertEqualsWithDelta(0.8 * $wide, $fit('20', 'yes')['place']['size']['width']['mm'], 0.02 * $wide);
        self::assertEqualsWithDelta(1.2 * $wide, $fit('-20', 'yes')['place']['size']['width']['mm'], 0.02 * $wide);
        self::assertStringContainsString(
            '40 % at most',
            array_column($fit('41', 'yes')['fields'], 'says', 'field')['condense'],
        );
        $docket = $this->sized($number, [
            'words' => 'Kestrel',
            'capHeight' => '30mm',
            'setting' => ['condense' => '20', 'stretchAsked' => 'yes'],
            'proof' => true,
        ]);
        self::assertContains(
            'Condensed by 20 %, as you asked: more than the 8 % at which letters keep their looks.',
            $docket['proofs'][0]['pages'][0]['notes']['remarks'],
        );
    }

    /** @return array{int, array<string, mixed>} the order's number, and the drawing as the page sends it */
    private function brought(string $drawn): array
    {
        $number = $this->asked([
            'words' => 'Mark',
            'object' => 'Locker door',
            'width' => '140mm',
            'height' => '100mm',
            'useOf' => 'indoor',
            'film' => $this->shelved(Film::Permanent, 'sage'),
        ])['number'];
        $art = $this->bring(
            $number,
            '<svg xmlns="http://www.w3.org/2000/svg" width="120mm" height="80mm" viewBox="0 0 120 80">'.$drawn.'</svg>',
        );

        return [$number, ['id' => $art['id'], 'layers' => []]];
    }

    /** @param array<string, mixed> $typed */
    private function stops(array $typed): int
    {
        return array_sum(array_column(
            array_filter(
                $this->mustAsk('POST', '/api/check', $typed)['snags'],
                static fn (array $snag): bool => 'stop' === $snag['severity']
                    && \in_array($snag['code'], self::FINE, true),
            ),
            'count',
        ));
    }
}
