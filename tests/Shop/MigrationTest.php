<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Records from before a change of their shape say the same after it. */
#[SkipDatabaseRollback]
final class MigrationTest extends TestCase
{
    private const SCRATCH = 'yelbo_migrated';
    private const BEFORE_ONE_RECORD = 'Yelbo\Migrations\Version20261201000000';
    private const BEFORE_THINGS = 'Yelbo\Migrations\Version20261130180000';
    private const BEFORE_ITEMS = 'Yelbo\Migrations\Version20261127110000';
    /** What an order of before items said of its one thing. */
    private const SAID = [
        'words' => '["Kestrel"]',
        'roster' => null,
        'use_of' => 'outdoor',
        'applied_here' => 0,
        'quantity' => 4,
        'object_name' => 'Coal hod',
        'object_surface' => 'rectangle',
        'object_width' => 180_000,
        'object_height' => 110_000,
        'object_corner' => 3_000,
        'object_measures' => '{"panes":2}',
        'object_keep_outs' => '[]',
        'object_material' => 'smooth',
        'design_face' => 'bebas',
        'design_cap_height' => 30_000,
        'design_left_edge' => 12_000,
        'design_top' => null,
        'design_setting' => '{"tracking":20}',
        'design_layers' => null,
        'design_art' => null,
        'waivers' => '[{"code":"thin-stroke","found":900,"reason":"it will '
            .'do","by":"Ines","at":"2026-11-20T09:00:00+00:00"}]',
    ];

    private Connection $database;
    private string $url;

    protected function setUp(): void
    {
        $env = $_SERVER['DATABASE_URL'] ?? '';
        $this->url = (string) preg_replace('~/yelbo_unit_\d+\b~', '/'.self::SCRATCH, \is_string($env) ? $env : '');
        $server = DriverManager::getConnection(
            (new DsnParser(['mysql' => 'pdo_mysql']))->parse(\is_string($env) ? $env : ''),
        );
        $server->executeStatement('DROP DATABASE IF EXISTS '.self::SCRATCH);
        $server->executeStatement('CREATE DATABASE '.self::SCRATCH);
        $this->database = DriverManager::getConnection((new DsnParser(['mysql' => 'pdo_mysql']))->parse($this->url));
    }

    protected function tearDown(): void
    {
        $this->database->executeStatement('DROP DATABASE '.self::SCRATCH);
    }

    private function migrate(string $to): void
    {
        (new Process(
            [\PHP_BINARY, 'bin/console', 'doctrine:migrations:migrate', $to, '--no-interaction', '--quiet'],
            \dirname(__DIR__, 2),
            ['DATABASE_URL' => $this->url, 'APP_ENV' => 'test'],
            timeout: 120,
        ))->mustRun();
    }

    public function testEveryDocketBecomesAnOrderOfOneItemAndNothingIsLost(): void
    {
        $this->migrate(self::BEFORE_ITEMS);
        $answers = [
            'customer' => 'Osric “O” Tamblyn',
            'contact' => '0700 900 181',
            'words' => "Kestrel\n",
            'object' => 'Coal hod',
            'neededOn' => '2026-12-05',
            'note' => "two lines\nof it",
            'units' => 'imperial',
            'keepOuts' => [],
        ];
        $this->database->insert('docket', [
            'number' => 412,
            'version' => 7,
            'state' => 'making',
            'label' => 'Kestrel',
            'note' => '',
            'answers' => json_encode($answers, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            'begun_at' => '2026-11-20 09:00:00',
        ] + self::SAID);
        $docket = $this->database->lastInsertId();
        $this->database->insert('docket', [
            'number' => 413,
            'state' => 'asking',
            'label' => '',
            'words' => '[]',
            'quantity' => 1,
            'applied_here' => 1,
            'note' => '',
            'answers' => '{"words":"Wren"}',
            'begun_at' => '2026-11-20 10:00:00',
        ]);
        foreach ([1, 2] as $nth) {
            $this->database->insert('proof', [
                'docket_id' => $docket,
                'nth' => $nth,
                'made_at' => '2026-11-20 10:00:00',
                'words' => '["Kestrel"]',
                'face' => 'bebas',
                'cap_height' => 30_000,
                'parts' => '[]',
                'frozen' => '{}',
            ]);
        }

        $this->migrate('latest');

        $item = $this->database->fetchAssociative('SELECT * FROM item WHERE docket_id = ?', [$docket]);
        self::assertIsArray($item);
        self::assertEquals(self::SAID, array_intersect_key($item, self::SAID));
        self::assertSame([1, 0], [(int) $item['nth'], (int) $item['dropped']]);
        $kept = $this->database->fetchAssociative('SELECT * FROM docket WHERE id = ?', [$docket]);
        self::assertIsArray($kept);
        self::assertSame([7, 'making', 'Kestrel', 4], [
            (int) $kept['version'],
            $kept['state'],
            $kept['label'],
            (int) $kept['quantity'],
        ]);
        self::assertEquals(
            $answers,
            json_decode($kept['answers'], true, 8, \JSON_THROW_ON_ERROR)
                + json_decode($item['answers'], true, 8, \JSON_THROW_ON_ERROR),
            'every answer is in one place or the other',
        );
        self::assertSame(
            [(int) $item['id'], (int) $item['id']],
            array_map(intval(...), $this->database->fetchFirstColumn('SELECT item_id FROM proof ORDER BY nth')),
        );
        self::assertSame(
            2,
            (int) $this->database->fetchOne('SELECT COUNT(*) FROM item i JOIN docket d ON d.id = i.docket_id'),
            'one that was only begun has its item too',
        );
    }

    /** Orders under way go on where they stood: pieces become things with what was done to them. */
    public function testPiecesBecomeThingsThatGoOnWhereTheyStood(): void
    {
        $this->migrate(self::BEFORE_THINGS);
        $this->docketAt('making');
        $this->database->insert('film_on_shelf', [
            'grade' => 'permanent',
            'colour' => 'navy',
            'swatch' => '#1b2f57',
            'finish' => 'gloss',
            'liner' => 'white',
            'runs_one_way' => 0,
            'maker' => '',
        ]);
        $film = $this->database->lastInsertId();
        $lid = $this->itemOf(1, ['object_surface' => 'rectangle', 'object_measures' => '{}']);
        $lantern = $this->itemOf(2, ['object_surface' => 'panes', 'object_measures' => '{"panes":2}']);
        // Three films: the letters and their rim joined, a star beside them.
        $layers = '[{"layers":[{"group":0},{"group":0},{"group":1}]}]';
        [$of, $panes] = [$this->pageOf($lid, $layers), $this->pageOf($lantern, '[{"layers":[{"group":0}]}]')];
        $piece = function (string $proof, int $nth, int $layer, array $more) use ($film): int {
            $this->database->insert('piece', $more + [
                'docket_id' => 1,
                'proof_id' => $proof,
                'film_id' => $film,
                'nth' => $nth,
                'layer' => $layer,
                'member' => 0,
                'state' => 'applying',
                'recuts' => 0,
                'parts_out' => '[]',
                'steps_done' => '[]',
                'since' => '2026-11-21 09:00:00',
            ]);

            return (int) $this->database->lastInsertId();
        };
        $on = ['state' => 'curing', 'on_since' => '2026-11-22 10:00:00', 'rests_until' => '2026-11-25 10:00:00'];
        $all = '["burnish","tape","clean","rub-down","look-over","coat","coat-2"]';
        $rests = [
            $piece($of, 1, 0, ['steps_done' => $all, 'schools' => '{"layers-first":1}'] + $on),
            $piece($of, 1, 1, ['steps_done' => '["burnish","lay-under"]'] + $on),
            $piece($of, 1, 2, ['steps_done' => $all, 'rests_until' => '2026-11-25 12:00:00'] + $on),
        ];
        $half = [
            $piece($of, 2, 0, ['steps_done' => $all, 'on_since' => '2026-11-22 10:00:00']),
            $piece($of, 2, 1, ['steps_done' => '["burnish","lay-under"]']),
            $piece($of, 2, 2, ['steps_done' => '["burnish"]', 'state' => 'weeding']),
        ];
        $gone = [
            $piece(
                $panes,
                3,
                0,
                ['state' => 'on-its-way', 'tracking' => 'TW-1', 'steps_done' => '["burnish","care-card"]'],
            ),
            $piece($panes, 4, 0, ['state' => 'on-its-way', 'steps_done' => '["burnish","care-card"]']),
        ];
        $withdrawn = $piece($panes, 5, 0, ['state' => 'withdrawn']);

        $this->migrate('latest');

        $things = $this->database->fetchAllAssociative(
            'SELECT t.*, GROUP_CONCAT(p.id ORDER BY p.id) AS pieces FROM thing t JOIN piece p ON p.thing_id = t.id
             GROUP BY t.id ORDER BY t.nth',
        );
        self::assertSame(
            array_map(static fn (array $ids): string => implode(',', $ids), [$rests, $half, $gone, [$withdrawn]]),
            array_column($things, 'pieces'),
        );
        self::assertSame([1, 2, 3, 5], array_map(intval(...), array_column($things, 'nth')));
        $done = array_map(
            static fn (string $steps): array => json_decode($steps, true, 8, \JSON_THROW_ON_ERROR),
            array_column($things, 'steps_done'),
        );
        self::assertEqualsCanonicalizing(
            [
                ...['burnish', 'tape', 'rub-down', 'burnish/b', 'lay-under/b', 'burnish/c', 'tape/c', 'rub-down/c'],
                ...['clean', 'look-over', 'coat', 'coat-2'],
            ],
            $done[0],
            'coated once, as the price has it',
        );
        self::assertContains('clean', $done[1]);
        self::assertSame([], array_intersect(['look-over', 'coat', 'coat-2'], $done[1]), 'a film is still to come');
        self::assertEqualsCanonicalizing(['burnish', 'burnish/2', 'care-card'], $done[2], 'two panes, one card');
        self::assertSame(
            [['2026-11-22 10:00:00', '2026-11-25 12:00:00'], [null, null], [null, null], [null, null]],
            array_map(static fn (array $thing): array => [$thing['on_since'], $thing['rests_until']], $things),
            'one clock, that of the last',
        );
        self::assertSame(['{"layers-first":1}', null], \array_slice(array_column($things, 'schools'), 0, 2));
        self::assertSame('TW-1', $things[2]['tracking']);
    }

    /** What was put together of two copies before is one record, with what was asked beside it. */
    public function testWhatWasChangedAtSizeIsInTheAnswers(): void
    {
        $this->migrate(self::BEFORE_ONE_RECORD);
        $this->docketAt('sizing');
        $items = [
            'drawn as it was asked' => [['words' => "Kestrel \n"], ['words' => '["Kestrel"]'], []],
            'words' => [['words' => 'Kestrel'], ['words' => '["Kestral","Crew"]'], ['words' => "Kestral\nCrew"]],
            'a list' => [
                ['roster' => 'Ada|Lock', 'words' => ''],
                ['words' => '[]', 'roster' => '[["Ada","Lock"],["Zoë"]]'],
                ['roster' => "Ada | Lock\nZoë"],
            ],
            'a star instead' => [
                ['words' => 'Kestrel', 'motif' => ''],
                ['words' => '[]', 'design_motif' => '{"kind":"shape","what":"star"}'],
                ['words' => '', 'motif' => 'star'],
            ],
            'nothing said yet' => [['words' => 'Kestr'], ['words' => '[]'], []],
        ];
        $nth = 0;
        foreach ($items as [$answers, $drawn]) {
            $this->itemOf(++$nth, $drawn + ['answers' => json_encode($answers, \JSON_THROW_ON_ERROR)]);
        }

        $this->migrate('latest');

        $rows = $this->database->fetchAllAssociative('SELECT answers, answers_before FROM item ORDER BY nth');
        $read = static fn (?string $json): mixed => null === $json ? null : json_decode(
            $json,
            true,
            8,
            \JSON_THROW_ON_ERROR,
        );
        foreach (array_keys($items) as $place => $called) {
            [$answers, , $now] = $items[$called];
            self::assertEquals($now + $answers, $read($rows[$place]['answers']), $called);
            self::assertEquals(
                [] === $now ? null : [['at' => 'size', 'was' => array_intersect_key($answers, $now)]],
                $read($rows[$place]['answers_before']),
                $called,
            );
        }
    }

    private function docketAt(string $state): void
    {
        $this->database->insert('docket', [
            'number' => 500,
            'state' => $state,
            'label' => 'Heron',
            'quantity' => 2,
            'note' => '',
            'answers' => '{}',
            'waits_for' => '',
            'changes' => 0,
            'begun_at' => '2026-11-20 09:00:00',
        ]);
    }

    /** @param array<string, string> $object */
    private function itemOf(int $nth, array $object): string
    {
        $this->database->insert('item', $object + [
            'docket_id' => 1,
            'nth' => $nth,
            'answers' => '{}',
            'words' => '["Heron"]',
            'quantity' => 2,
            'applied_here' => 1,
            'finish' => 'brushed',
            'waivers' => '[]',
            'dropped' => 0,
        ]);

        return (string) $this->database->lastInsertId();
    }

    private function pageOf(string $item, string $parts): string
    {
        $this->database->insert('proof', [
            'docket_id' => 1,
            'item_id' => $item,
            'nth' => 1,
            'made_at' => '2026-11-20 10:00:00',
            'words' => '["Heron"]',
            'face' => 'bebas',
            'cap_height' => 30_000,
            'parts' => $parts,
            'frozen' => '{}',
        ]);

        return (string) $this->database->lastInsertId();
    }
}
