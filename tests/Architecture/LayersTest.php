<?php

declare(strict_types=1);

namespace Yelbo\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Who may know whom, read off the `use` lines. Web, Console → Shop → Trade; Device → Trade; Trade knows nobody. */
final class LayersTest extends TestCase
{
    private const MAY_KNOW = [
        'Trade' => ['Yelbo\Trade', 'FontLib', 'Random', 'Symfony\Component\Process'],
        'Device' => [
            'Yelbo\Device',
            'Yelbo\Trade',
            'Symfony\Component\Mailer',
            'Symfony\Component\Mime',
            'Doctrine\DBAL',
        ],
        'Shop' => ['Yelbo\Shop', 'Yelbo\Trade', 'Yelbo\Device', 'Doctrine', 'Symfony', 'Psr'],
        'Web' => [
            'Yelbo\Web',
            'Yelbo\Shop',
            'Yelbo\Trade',
            'Yelbo\Device',
            'Symfony',
            'Psr',
            'phpDocumentor\Reflection',
            'Sabre\VObject',
        ],
        'Console' => [
            'Yelbo\Console',
            'Yelbo\Web\OpenApi',
            'Yelbo\Shop',
            'Yelbo\Trade',
            'Yelbo\Device',
            'Symfony',
            'Doctrine\DBAL',
        ],
    ];

    /** Inside the core the pipeline runs one way: a later stage may know an earlier one, never the reverse. */
    private const PIPELINE = [
        'Measure' => [],
        'Geometry' => [],
        'Film' => ['Geometry'],
        'Journey' => [],
        'Time' => [],
        'Trace' => ['Geometry'],
        'Art' => ['Geometry'],
        'Object' => ['Measure', 'Geometry'],
        'Lettering' => ['Measure', 'Geometry', 'Object', 'Art'],
        'Check' => ['Measure', 'Geometry', 'Film', 'Object', 'Lettering', 'Art'],
        'Sheet' => ['Measure', 'Geometry'],
        'Knife' => ['Geometry', 'Film'],
        'Bench' => ['Measure', 'Geometry', 'Film'],
        'Plan' => ['Time', 'Measure', 'Geometry', 'Film', 'Bench'],
        'Week' => [],
        'Learn' => ['Film'],
        'Price' => ['Plan'],
    ];

    /** The shop in the order of the work: a folder may know those before it, never one after. */
    private const SHOP = [
        'People',
        'Log',
        'Backup',
        'Input',
        'Records',
        'Settings',
        'Access',
        'Machines',
        'Stock',
        'Objects',
        'Designs',
        'Orders',
        'Post',
        'Proofs',
        'Batches',
        'Bench',
        'Delivery',
        'Week',
        'Price',
        'Changes',
        'Report',
        'Upkeep',
        'Demo',
    ];

    /** Where standard figures may be meant: what answers scripts, and what the shop's own are laid over. */
    private const STANDARD_FIGURES = [
        'src/Shop/Settings/ShopRules.php',
        'src/Console/FitCommand.php',
        'src/Console/LearnCommand.php',
        'src/Console/RankCommand.php',
        'src/Console/Reading.php',
        'src/Console/TapeCommand.php',
        'src/Console/TestcutCommand.php',
        'src/Console/WeedCommand.php',
    ];

    /**
     * What Web may take from the core: values to be written down, and names. Whatever computes is asked by the shop.
     */
    private const WEB_MAY_TAKE = [
        'Yelbo\Trade\ProgramTrouble',
        'Yelbo\Trade\Refused',
        'Yelbo\Trade\Rule',
        'Yelbo\Trade\Measure\Length',
        'Yelbo\Trade\Measure\Size',
        'Yelbo\Trade\Measure\Units',
        'Yelbo\Trade\Geometry\Box',
        'Yelbo\Trade\Geometry\Region',
        'Yelbo\Trade\Geometry\SvgPath',
        'Yelbo\Trade\Art\Note',
        'Yelbo\Trade\Bench\CutPart',
        'Yelbo\Trade\Bench\Part',
        'Yelbo\Trade\Bench\Weeding',
        'Yelbo\Trade\Check\FaceSample',
        'Yelbo\Trade\Check\SnagGroup',
        'Yelbo\Trade\Film\Film',
        'Yelbo\Trade\Film\Material',
        'Yelbo\Trade\Film\Usage',
        'Yelbo\Trade\Journey\BatchState',
        'Yelbo\Trade\Journey\DocketMove',
        'Yelbo\Trade\Journey\DocketState',
        'Yelbo\Trade\Journey\Journey',
        'Yelbo\Trade\Journey\PieceMove',
        'Yelbo\Trade\Journey\PieceState',
        'Yelbo\Trade\Journey\PlanState',
        'Yelbo\Trade\Lettering\RosterNote',
        'Yelbo\Trade\Journey\Station',
        'Yelbo\Trade\Lettering\Align',
        'Yelbo\Trade\Lettering\Arrangement',
        'Yelbo\Trade\Lettering\Artwork',
        'Yelbo\Trade\Lettering\Frame',
        'Yelbo\Trade\Lettering\KnockoutShape',
        'Yelbo\Trade\Lettering\MonogramOrder',
        'Yelbo\Trade\Lettering\Pattern',
        'Yelbo\Trade\Lettering\ElementShape',
        'Yelbo\Trade\Lettering\Face',
        'Yelbo\Trade\Art\PlacedPicture',
        'Yelbo\Trade\Lettering\Faces',
        'Yelbo\Trade\Lettering\Layer',
        'Yelbo\Trade\Lettering\Roster',
        'Yelbo\Trade\Object\Allowance',
        'Yelbo\Trade\Plan\Finish',
        'Yelbo\Trade\Plan\Step',
        'Yelbo\Trade\Plan\OtherWay',
        'Yelbo\Trade\Plan\StepDrawing',
        'Yelbo\Trade\Plan\StepKind',
        'Yelbo\Trade\Plan\Handover',
        'Yelbo\Trade\Learn\Comebacks',
        'Yelbo\Trade\Learn\Proposal',
        'Yelbo\Trade\Learn\Tally',
        'Yelbo\Trade\Price\CostLine',
        'Yelbo\Trade\Price\RealCost',
        'Yelbo\Trade\Price\PriceTest',
        'Yelbo\Trade\Price\Money',
        'Yelbo\Trade\Price\Quote',
        'Yelbo\Trade\Price\QuoteLine',
        'Yelbo\Trade\Object\KeepOut',
        'Yelbo\Trade\Object\SurfaceKind',
        'Yelbo\Trade\Sheet\PlanFigures',
        'Yelbo\Trade\Sheet\Remnant',
    ];

    public function testLayersKnowOnlyWhatTheyMay(): void
    {
        $broken = [];
        foreach (self::MAY_KNOW as $layer => $allowed) {
            foreach ($this->files("src/$layer") as $file) {
                foreach ($this->uses($file) as $used) {
                    if (
                        str_contains($used, '\\')
                        && [] ===
                            array_filter(
                                $allowed,
                                static fn (string $root): bool => str_starts_with($used.'\\', $root.'\\'),
                            )
                    ) {
                        $broken[] = "$file uses $used";
                    }
                }
            }
        }
        self::assertSame([], $broken);
    }

    public function testTheCoreRunsOneWay(): void
    {
        $broken = [];
        foreach (self::PIPELINE as $stage => $allowed) {
            foreach ($this->files("src/Trade/$stage") as $file) {
                foreach ($this->uses($file) as $used) {
                    if (
                        preg_match('~^Yelbo\\\\Trade\\\\(\w+)\\\\~', $used, $found)
                        && $found[1] !== $stage
                        && !\in_array($found[1], $allowed, true)
                    ) {
                        $broken[] = "$file uses $used";
                    }
                }
            }
        }
        self::assertSame([], $broken);
        self::assertEqualsCanonicalizing(
            array_keys(self::PIPELINE),
            array_map(basename(...), glob($this->root().'/src/Trade/*', \GLOB_ONLYDIR) ?: []),
        );
    }

    /** In one direction there is no circle; nothing stands beside the folders. */
    public function testTheShopRunsOneWay(): void
    {
        $place = array_flip(self::SHOP);
        $broken = [];
        foreach (self::SHOP as $folder) {
            foreach ($this->files("src/Shop/$folder") as $file) {
                foreach ($this->uses($file) as $used) {
                    if (
                        preg_match('~^Yelbo\\\\Shop\\\\(\w+)\\\\~', $used, $found)
                        && $place[$found[1]] > $place[$folder]
                    ) {
                        $broken[] = "$file uses $used";
                    }
                }
            }
        }
        self::assertSame([], $broken);
        self::assertSame([], glob($this->root().'/src/Shop/*.php'), 'every class has a folder');
        self::assertEqualsCanonicalizing(
            self::SHOP,
            array_map(basename(...), glob($this->root().'/src/Shop/*', \GLOB_ONLYDIR) ?: []),
        );
    }

    /** The shop computes by its own figures: nobody can be handed the standard ones by mistake. */
    public function testStandardFiguresAreMeantWhereTheyAreTaken(): void
    {
        $taken = array_values(
            array_filter(
                [...$this->files('src'), ...$this->files('config')],
                fn (string $file): bool => str_contains($this->code($file), 'Rules::standard'),
            ),
        );
        self::assertEqualsCanonicalizing(self::STANDARD_FIGURES, $taken);
        self::assertStringNotContainsString(
            'Trade\\Rules',
            (string) file_get_contents($this->root().'/config/services.yaml'),
            'no service hands them out',
        );
    }

    /** Web maps requests and answers and decides nothing. */
    public function testWebTakesValuesFromTheCoreAndNothingThatComputes(): void
    {
        $taken = [];
        foreach ($this->files('src/Web') as $file) {
            foreach ($this->uses($file) as $used) {
                if (str_starts_with($used, 'Yelbo\\Trade\\') && !\in_array($used, self::WEB_MAY_TAKE, true)) {
                    $taken[] = "$file uses $used";
                }
            }
        }
        self::assertSame([], $taken);
    }

    /** No controller and no view computes: papers are laid out, times are told in minutes, and that is all. */
    public function testNoControllerOrViewComputes(): void
    {
        $computed = [];
        foreach (
            [
                ...$this->files('src/Web/Controller'),
                ...$this->files('src/Web/View'),
                ...$this->files('src/Web/Request'),
                'src/Web/RecordViews.php',
                'src/Web/BatchViews.php',
                'src/Web/PlanViews.php',
            ] as $file
        ) {
            $tokens = array_values(
                array_filter(
                    \PhpToken::tokenize($this->code($file)),
                    static fn (\PhpToken $token): bool => !$token->isIgnorable(),
                ),
            );
            foreach ($tokens as $nth => $token) {
                $operator =
                    \in_array($token->text, ['*', '/', '%', '+', '-', '**', '*=', '/=', '+=', '-='], true)
                    && !\in_array($tokens[$nth - 1]->text, [':', '(', ','], true)
                    && !$token->is(\T_ENCAPSED_AND_WHITESPACE)
                    && !$tokens[$nth - 1]->is([\T_CONSTANT_ENCAPSED_STRING, \T_ARRAY]);
                $function =
                    $token->is([\T_STRING])
                    && \in_array(
                        strtolower($token->text),
                        ['intdiv', 'max', 'min', 'floor', 'ceil', 'sqrt', 'abs'],
                        true,
                    )
                    && '(' === $tokens[$nth + 1]->text;
                if (
                    'src/Web/View/Minutes.php' !== $file
                    && ($operator || $function)
                    && !str_contains($this->line($file, $token->line), 'requirements:')
                ) {
                    $computed[] = "$file:$token->line {$token->text}";
                }
            }
        }
        self::assertSame([], $computed);
    }

    /** One place of the core starts programs, and bounds them. */
    public function testWhatMayStartAProcess(): void
    {
        $start = [];
        foreach ($this->files('src') as $file) {
            $code = '';
            foreach (\PhpToken::tokenize((string) file_get_contents($this->root()."/$file")) as $token) {
                $code .= $token->is(
                    [\T_COMMENT, \T_DOC_COMMENT, \T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE],
                )
                    ? ' '
                    : $token->text;
            }
            if (preg_match(
                '~(?<![>:]|function )\b(proc_open|shell_exec|popen|passthru|exec|system)\s*\('
                    .'|Symfony\\\\Component\\\\Process\b|`~',
                $code,
            )) {
                $start[] = $file;
            }
        }
        // A backup's tables are brought up to date by the console in a process of its own.
        self::assertEqualsCanonicalizing(['src/Shop/Backup/BackupLoader.php', 'src/Trade/Program.php'], $start);
    }

    /** The core has no clock, no chance, no network and no files but its faces. */
    public function testTheCoreIsAFunctionOfItsInput(): void
    {
        $broken = [];
        foreach ($this->files('src/Trade') as $file) {
            $code = (string) file_get_contents($this->root().'/'.$file);
            if (
                preg_match(
                    '~\b(time|microtime|date|rand|mt_rand|random_int|curl_init|fopen|file_put_contents|getenv)\(|new '
                        .'\\\\?DateTimeImmutable\(\)|\$_(SERVER|ENV|GET|POST)~',
                    $code,
                    $found,
                )
            ) {
                $broken[] = "$file: {$found[0]}";
            }
        }
        self::assertSame([], $broken);
    }

    /** Fully qualified names in code would slip past a check of the `use` lines. */
    public function testNoLayerIsReachedAroundTheUseLines(): void
    {
        $broken = [];
        foreach ($this->files('src') as $file) {
            if (
                preg_match(
                    '~^(?!use |namespace ).*\\\\(Yelbo|Doctrine|Symfony)\\\\~m',
                    (string) file_get_contents($this->root().'/'.$file),
                    $found,
                )
                && !str_contains($file, 'Kernel.php')
            ) {
                $broken[] = "$file: {$found[0]}";
            }
        }
        self::assertSame([], $broken);
    }

    private function line(string $file, int $line): string
    {
        return explode("\n", $this->code($file))[$line - 1];
    }

    private function code(string $file): string
    {
        return (string) file_get_contents($this->root().'/'.$file);
    }

    /** @return list<string> from the project's root */
    private function files(string $folder): array
    {
        $files = [];
        /** @var \SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->root().'/'.$folder)) as $file
        ) {
            if ('php' === $file->getExtension()) {
                $files[] = substr($file->getPathname(), \strlen($this->root()) + 1);
            }
        }
        self::assertNotSame([], $files, $folder);

        return $files;
    }

    /** @return list<string> */
    private function uses(string $file): array
    {
        preg_match_all(
            '~^use (?:function |const )?([\w\\\\]+)~m',
            (string) file_get_contents($this->root().'/'.$file),
            $found,
        );

        return $found[1];
    }

    private function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
