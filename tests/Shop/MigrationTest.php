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
        'waivers' => '[{"code":"thin-stroke","found":900,"reason":"it will do","by":"Ines","at":"2026-11-20T09:00:00+00:00"}]',
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
}
