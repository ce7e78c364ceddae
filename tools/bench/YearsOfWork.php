<?php

declare(strict_types=1);

namespace Yelbo\Bench;

/**
 * Years of orders in a demo shop's records: those that are there already, taken again and again under other names,
 * with all that hangs on them. Written by statements of many rows, since nobody waits a day for figures.
 */
final readonly class YearsOfWork
{
    private const GIVEN = ['Osric', 'Maud', 'Perran', 'Tilda', 'Ambrose', 'Wren', 'Jory', 'Hester', 'Corin', 'Delphie', 'Ned', 'Sabra', 'Ivo'];
    private const FAMILY = ['Tamblyn', 'Quill', 'Penrose', 'Lockyer', 'Marsh', 'Fathom', 'Harrow', 'Bittern', 'Sedge', 'Coble', 'Withy'];
    private const WORDS = ['Curlew', 'Tansy', 'Bittern', 'Saffron', 'Quince', 'Lantern', 'Marigold', 'Heron', 'Basin', 'Reach', 'Wharf', 'Lock', 'Meadow', 'Towpath', 'Kettle', 'Barley', 'Osier', 'Sluice', 'Teasel'];
    private const OBJECTS = ['Seed tin', 'Cabin side', 'Coal hod', 'Lunch box', 'Net float', 'Tool chest', 'Letter box'];
    /** Rows of the book for each order. */
    private const LINES = 12;
    private const EVERY_OTHER = 2.5;

    public function __construct(private \PDO $records)
    {
    }

    /**
     * @param int $done orders that are delivered
     * @param int $open orders that stand somewhere in the shop
     */
    public function add(int $done, int $open): void
    {
        $this->records->exec('SET SESSION foreign_key_checks = 0');
        $this->customers((int) max(20, $done / 20));
        $this->templates('done', "d.state IN ('done', 'making') AND (SELECT COUNT(*) FROM piece p WHERE p.docket_id = d.id) BETWEEN 1 AND 5");
        $this->orders('done', $done, "'done'", "'delivered'");
        $this->stock((int) ($done / self::EVERY_OTHER));
        $this->batches((int) ($done / self::EVERY_OTHER));
        $this->book($done);
        $this->templates('open', "d.state NOT IN ('done', 'cancelled') AND (SELECT COUNT(*) FROM piece p WHERE p.docket_id = d.id) < 6");
        $first = $this->orders('open', $open, 'd.state', "IF(p.state = 'cutting', 'batched', p.state)");
        $this->released($first, (int) max(4, $open / 15));
        $this->remnants((int) max(4, $open / 15));
        $this->records->exec('INSERT INTO tick () VALUES ()');
        foreach (['docket', 'thing', 'piece', 'proof', 'batch', 'stock_item', 'movement', 'log_entry', 'customer', 'docket_word'] as $table) {
            $this->records->query("ANALYZE TABLE $table")?->closeCursor();
        }
    }

    private function customers(int $many): void
    {
        $this->records->exec("INSERT INTO customer (name, contact) SELECT CONCAT_WS(' ', {$this->pick(self::GIVEN, 'seq')}, {$this->pick(self::FAMILY, 'seq DIV 13')}, seq), '' FROM seq_1_to_$many");
    }

    private function templates(string $name, string $which): void
    {
        $this->records->exec("CREATE TEMPORARY TABLE like_$name AS SELECT ROW_NUMBER() OVER (ORDER BY d.id) - 1 AS nth, d.id AS docket FROM docket d WHERE $which");
    }

    /** @return int the number of the first */
    private function orders(string $name, int $many, string $state, string $pieceState): int
    {
        $first = 1 + $this->count('SELECT MAX(number) FROM docket');
        $kinds = $this->count("SELECT COUNT(*) FROM like_$name");
        $customers = $this->count('SELECT COUNT(*) FROM customer');
        $like = "JOIN like_$name l ON l.nth = (d.number - $first) % $kinds";
        $words = "CONCAT_WS(' ', {$this->pick(self::WORDS, 's.seq')}, {$this->pick(self::WORDS, 's.seq DIV 19 + 7')})";
        $this->copy('docket', 'd', "seq_0_to_{$this->less($many)} s JOIN like_$name l ON l.nth = s.seq % $kinds JOIN docket d ON d.id = l.docket", [
            'number' => "$first + s.seq", 'state' => $state, 'label' => $words, 'object_name' => $this->pick(self::OBJECTS, 's.seq DIV 3'),
            'customer_id' => "IF(d.customer_id IS NULL, NULL, 1 + s.seq % $customers)",
            'begun_at' => 'done' === $name ? "DATE_SUB(d.begun_at, INTERVAL 30 + s.seq * 1400 DIV $many DAY)" : 'd.begun_at',
            'needed_at' => 'done' === $name ? "DATE_SUB(d.needed_at, INTERVAL 30 + s.seq * 1400 DIV $many DAY)" : 'd.needed_at',
        ]);
        $this->copy('item', 'i', "docket d $like JOIN item i ON i.docket_id = l.docket", [
            'docket_id' => 'd.id', 'words' => 'JSON_ARRAY(d.label)', 'object_name' => 'd.object_name',
        ], "d.number >= $first");
        $this->copy('proof', 'p', "docket d $like JOIN proof p ON p.docket_id = l.docket JOIN item o ON o.id = p.item_id JOIN item i ON i.docket_id = d.id AND i.nth = o.nth", [
            'docket_id' => 'd.id', 'item_id' => 'i.id',
        ], "d.number >= $first");
        $this->copy('thing', 't', "docket d $like JOIN thing t ON t.docket_id = l.docket JOIN item o ON o.id = t.item_id JOIN item i ON i.docket_id = d.id AND i.nth = o.nth", [
            'docket_id' => 'd.id', 'item_id' => 'i.id',
        ], "d.number >= $first");
        $of = 'JOIN thing t ON t.id = p.thing_id JOIN thing n ON n.docket_id = d.id AND n.item_id = m.id AND n.nth = t.nth';
        $this->copy('piece', 'p', "docket d $like JOIN piece p ON p.docket_id = l.docket JOIN proof o ON o.id = p.proof_id JOIN item i ON i.id = o.item_id JOIN item m ON m.docket_id = d.id AND m.nth = i.nth JOIN proof r ON r.item_id = m.id AND r.nth = o.nth $of", [
            'docket_id' => 'd.id', 'proof_id' => 'r.id', 'thing_id' => 'n.id', 'state' => $pieceState, 'batch_id' => 'NULL',
        ], "d.number >= $first");
        $this->records->exec(
            "INSERT INTO docket_word (word, number) SELECT DISTINCT LOWER(w.word), d.number FROM docket d LEFT JOIN customer c ON c.id = d.customer_id
            JOIN JSON_TABLE(CONCAT('[\"', REPLACE(CONCAT_WS(' ', d.label, d.object_name, c.name), ' ', '\",\"'), '\"]'), '\$[*]' COLUMNS (word VARCHAR(40) PATH '\$')) w
            WHERE d.number >= $first AND w.word IS NOT NULL",
        );

        return $first;
    }

    /** What was used up long ago. */
    private function stock(int $many): void
    {
        $this->copy('stock_item', 'i', "seq_1_to_$many s JOIN stock_item i ON i.id = 1 + s.seq % 20", ['count' => '0', 'kind' => "'offcut'"]);
        foreach (["'received', 1", "'used', -1"] as $moved) {
            $this->records->exec("INSERT INTO movement (moved_at, who, what, delta, area, reason, batch, item_id, supply_id) SELECT NOW(), 'Ines', $moved, i.area, '', NULL, i.id, NULL FROM (SELECT id, width * height AS area FROM stock_item ORDER BY id DESC LIMIT $many) i");
        }
    }

    private function batches(int $many): void
    {
        $last = $this->count('SELECT MAX(id) FROM batch');
        $this->copy('batch', 'b', "seq_1_to_$many s JOIN (SELECT * FROM batch WHERE state = 'cut' LIMIT 1) b", ['remnant' => "'shelved'", 'release_id' => "$last + s.seq"]);
    }

    private function book(int $many): void
    {
        $first = $this->count('SELECT MIN(number) FROM docket');
        $this->records->exec('INSERT INTO log_entry (at, who, docket, piece, what, says) SELECT DATE_SUB(NOW(), INTERVAL '.(self::LINES * $many).' - s.seq MINUTE), ELT(1 + s.seq % 2, \'Ines\', \'Tomas\'), '.$first.' + s.seq DIV '.self::LINES.", 1 + s.seq % 3, 'piece', CONCAT('Y-', $first + s.seq DIV ".self::LINES.", ' moved on') FROM seq_0_to_".$this->less(self::LINES * $many).' s');
    }

    /** Batches for the cutter: pieces that wait for it in sixes, laid as the demo laid its own. */
    private function released(int $first, int $most): void
    {
        $this->records->exec("UPDATE piece p JOIN docket d ON d.id = p.docket_id SET p.state = 'waiting', p.batch_id = NULL WHERE d.number >= $first AND p.state = 'batched'");
        $waiting = $this->records->query("SELECT p.id, p.film_id FROM piece p JOIN docket d ON d.id = p.docket_id WHERE d.number >= $first AND p.state = 'waiting' ORDER BY p.film_id, p.id")->fetchAll(\PDO::FETCH_ASSOC);
        $laid = json_decode((string) $this->records->query("SELECT places FROM batch WHERE state = 'released' ORDER BY LENGTH(places) DESC LIMIT 1")->fetchColumn(), true);
        $last = $this->count('SELECT MAX(id) FROM batch');
        $by = [];
        foreach ($waiting as $piece) {
            $by[$piece['film_id']][] = $piece['id'];
        }
        $left = $most;
        foreach ($by as $film => $ids) {
            foreach (array_chunk(\array_slice($ids, 0, (int) (count($ids) / 3)), 6) as $six) {
                if (0 === $left--) {
                    return;
                }
                $places = array_map(static fn (int $nth, int $id): array => ['piece' => $id, 'x' => 10_000 + 1000 * $nth, 'tag' => "#$id"] + $laid[0], array_keys($six), $six);
                ++$last;
                $this->copy('batch', 'b', "(SELECT * FROM batch WHERE state = 'released' LIMIT 1) b", ['id' => (string) $last, 'film_id' => (string) $film, 'release_id' => (string) $last, 'places' => $this->records->quote((string) json_encode($places))]);
                $this->records->exec("UPDATE piece SET state = 'batched', batch_id = $last WHERE id IN (".implode(',', $six).')');
            }
        }
    }

    private function remnants(int $many): void
    {
        $last = $this->count('SELECT MAX(id) FROM batch');
        $this->copy('batch', 'b', "seq_1_to_$many s JOIN (SELECT * FROM batch WHERE remnant = 'waits' LIMIT 1) b", ['release_id' => "$last + s.seq"]);
    }

    /** @param array<string, string> $but what stands in a column instead of what the row copied has there */
    private function copy(string $table, string $alias, string $from, array $but, string $where = '1'): void
    {
        $columns = array_diff(
            $this->records->query("SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = '$table'")->fetchAll(\PDO::FETCH_COLUMN),
            isset($but['id']) ? [] : ['id'],
        );
        $values = array_map(static fn (string $column): string => $but[$column] ?? "$alias.`$column`", $columns);
        $this->records->exec("INSERT INTO $table (`".implode('`, `', $columns).'`) SELECT '.implode(', ', $values)." FROM $from WHERE $where");
    }

    /** @param list<string> $from */
    private function pick(array $from, string $nth): string
    {
        return 'ELT(1 + ('.$nth.') % '.\count($from).", '".implode("', '", $from)."')";
    }

    private function count(string $sql): int
    {
        return (int) $this->records->query($sql)->fetchColumn();
    }

    private function less(int $many): int
    {
        return $many - 1;
    }
}
