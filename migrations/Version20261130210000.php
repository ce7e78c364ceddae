<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Things in hand: every piece goes on one. What was done with each film of a decal becomes what is done with its
 * thing; orders under way go on where they stood.
 */
final class Version20261130210000 extends AbstractMigration
{
    /** Steps that are the thing's own, not a film's. */
    private const OWN = '~^(paint-cures|clean|look-over|paint-behind|coat|rest|test-scrap|pack-flat|care-card)(-\d+)?$~';

    public function getDescription(): string
    {
        return 'Things in hand, each with its pieces';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE thing (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, changes INT NOT '
                .'NULL, steps_done JSON NOT NULL, dries_until DATETIME DEFAULT NULL, on_since DATETIME DEFAULT NULL, '
                .'rests_until DATETIME DEFAULT NULL, schools JSON DEFAULT NULL, tracking VARCHAR(80) DEFAULT NULL, '
                .'nth INT NOT NULL, docket_id INT NOT NULL, item_id INT NOT NULL, INDEX thing_on (on_since), INDEX '
                .'IDX_5B4C2C831AAF0C24 (docket_id), INDEX IDX_5B4C2C83126F525E (item_id), PRIMARY KEY (id)) DEFAULT '
                .'CHARACTER SET utf8mb4',
        );
        $this->addSql('ALTER TABLE piece ADD thing_id INT DEFAULT NULL');
        foreach ($this->things() as $id => $thing) {
            $this->addSql(
                'INSERT INTO thing (id, version, changes, steps_done, dries_until, on_since, rests_until, schools, tracking, nth, docket_id, item_id)
                 VALUES (?, 1, 0, ?, ?, ?, ?, ?, ?, ?, ?, ?)',
                [
                    $id,
                    json_encode($thing['done'], \JSON_THROW_ON_ERROR),
                    $thing['dries'],
                    $thing['on'],
                    $thing['rests'],
                    [] === $thing['schools'] ? null : json_encode($thing['schools'], \JSON_THROW_ON_ERROR),
                    $thing['tracking'],
                    $thing['nth'],
                    $thing['docket'],
                    $thing['item'],
                ],
            );
            foreach (array_chunk($thing['pieces'], 500) as $pieces) {
                $this->addSql("UPDATE piece SET thing_id = $id WHERE id IN (".implode(', ', $pieces).')');
            }
        }
        $this->addSql(
            'ALTER TABLE thing ADD CONSTRAINT FK_5B4C2C831AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
        $this->addSql(
            'ALTER TABLE thing ADD CONSTRAINT FK_5B4C2C83126F525E FOREIGN KEY (item_id) REFERENCES item (id)',
        );
        $this->addSql(
            'ALTER TABLE piece DROP INDEX piece_of_docket, DROP steps_done, DROP rests_until, DROP tracking, DROP '
                .'dries_until, DROP on_since, DROP schools, CHANGE thing_id thing_id INT NOT NULL, ADD INDEX '
                .'IDX_44CA0B23C36906A7 (thing_id), ADD INDEX piece_of_docket (docket_id, state, thing_id)',
        );
        $this->addSql(
            'ALTER TABLE piece ADD CONSTRAINT FK_44CA0B23C36906A7 FOREIGN KEY (thing_id) REFERENCES thing (id)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('What is done with a thing is not known of each film any more.');
    }

    /**
     * @return array<int, array{done: list<string>, dries: string|null, on: string|null, rests: string|null,
     *     schools: array<string, float>, tracking: string|null, nth: int, docket: int, item: int, pieces: list<int>}>
     */
    private function things(): array
    {
        $grouped = [];
        $rows = $this->connection->fetchAllAssociative(
            'SELECT p.id, p.docket_id, p.proof_id, p.nth, p.member, p.layer, p.state, p.steps_done, p.dries_until,
                    p.on_since, p.rests_until, p.schools, p.tracking, r.item_id, r.parts,
                    i.object_surface AS kind, i.object_measures AS measures
             FROM piece p JOIN proof r ON r.id = p.proof_id JOIN item i ON i.id = r.item_id
             ORDER BY p.proof_id, p.member, p.nth, p.layer',
        );
        foreach ($rows as $row) {
            $grouped["{$row['proof_id']} {$row['member']}"][(int) $row['nth']][] = $row;
        }
        $things = [];
        foreach ($grouped as $decals) {
            $first = reset($decals)[0];
            /** @var array<string, mixed> $measures */
            $measures = json_decode((string) $first['measures'], true) ?: [];
            $panes = 'panes' === $first['kind'] ? max(1, (int) ($measures['panes'] ?? 1)) : 1;
            foreach (array_chunk($decals, $panes) as $together) {
                $things[1 + \count($things)] = $this->thing(array_merge(...$together));
            }
        }

        return $things;
    }

    /**
     * @param non-empty-list<array<string, mixed>> $pieces
     *
     * @return array{done: list<string>, dries: string|null, on: string|null, rests: string|null,
     *     schools: array<string, float>, tracking: string|null, nth: int, docket: int, item: int, pieces: list<int>}
     */
    private function thing(array $pieces): array
    {
        $nth = (int) $pieces[0]['nth'];
        $own = $done = $on = $rests = $schools = [];
        $dries = $tracking = null;
        foreach ($pieces as $piece) {
            $decal = 1 + (int) $piece['nth'] - $nth;
            $layer = (int) $piece['layer'];
            $name = (1 === $decal ? '' : (string) $decal).(0 === $layer ? '' : \chr(\ord('a') + $layer));
            $isTop = $layer === self::topOf($piece);
            $steps = [];
            foreach (json_decode((string) $piece['steps_done'], true) ?: [] as $step) {
                if (1 === preg_match(self::OWN, $step)) {
                    $steps[] = $step;
                } else {
                    $done[] = $step.('' === $name ? '' : "/$name");
                }
            }
            $schools += json_decode((string) ($piece['schools'] ?? ''), true) ?: [];
            $dries = max($dries, $piece['dries_until']);
            $tracking ??= $piece['tracking'];
            if ($isTop) {
                $own[] = $steps;
                $on[] = $piece['on_since'];
                $rests[] = $piece['rests_until'];
            }
        }
        // What belongs to the whole is done where it was done with every film; it is clean where any film is on.
        $whole = array_values(array_intersect(...$own, ...[$own[0]]));
        $clean = array_values(array_intersect(array_merge(...$own), ['paint-cures', 'clean']));

        return [
            'done' => array_values(array_unique([...$done, ...$clean, ...$whole])),
            'dries' => $dries,
            'on' => \in_array(null, $on, true) ? null : max([null, ...$on]),
            'rests' => \in_array(null, $rests, true) ? null : max([null, ...$rests]),
            'schools' => $schools,
            'tracking' => $tracking,
            'nth' => $nth,
            'docket' => (int) $pieces[0]['docket_id'],
            'item' => (int) $pieces[0]['item_id'],
            'pieces' => array_map(static fn (array $piece): int => (int) $piece['id'], $pieces),
        ];
    }

    /**
     * The layer that lies on top of those a piece is joined with.
     *
     * @param array<string, mixed> $piece
     */
    private static function topOf(array $piece): int
    {
        /** @var list<array{layers?: list<array{group?: int}>}> $parts */
        $parts = json_decode((string) $piece['parts'], true) ?: [];
        $layers = $parts[(int) $piece['member']]['layers'] ?? [];
        $group = $layers[(int) $piece['layer']]['group'] ?? 0;
        foreach ($layers as $layer => $one) {
            if (($one['group'] ?? 0) === $group) {
                return $layer;
            }
        }

        return (int) $piece['layer'];
    }
}
