<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Settings\ShopRules;

/**
 * By what is seen whether something of an order has changed, without reading it: its version, its things and pieces,
 * the figures, and what of the shelf decides how it is worked.
 */
final readonly class OrderMarks
{
    public function __construct(
        private Connection $database,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param list<int> $numbers of dockets
     *
     * @return array<int, string> a text for each that changes with it, by its number
     */
    public function of(array $numbers): array
    {
        if ([] === $numbers) {
            return [];
        }
        $shop = $this->shop();
        $marks = [];
        foreach (
            $this->database->iterateNumeric(
                'SELECT d.number, d.version, d.state,
                    (SELECT CONCAT_WS("/", COUNT(*), SUM(p.version), SUM(CRC32(CONCAT_WS(",", p.id, p.state, p.batch_id,
                        p.film_id)))) FROM piece p WHERE p.docket_id = d.id),
                    (SELECT CONCAT_WS("/", COUNT(*), SUM(t.version), SUM(t.changes), SUM(CRC32(CONCAT_WS(",", t.id,
                        t
                            .steps_done, t
                            .schools, t
                            .dries_until, t
                            .rests_until)))) FROM thing t WHERE t.docket_id = d.id),
                    (SELECT SUM(i.object_measures LIKE \'%"paintedOn":"_%\') FROM item i WHERE i.docket_id = d.id)
                FROM docket d WHERE d.number IN (?)',
                [$numbers],
                [ArrayParameterType::INTEGER],
            ) as $row
        ) {
            $painted = array_pop($row);
            // Paint is young, and cured, by the hour.
            $hour = is_numeric($painted) && $painted > 0 ? $this->clock->now()->format('Y-m-d H') : '';
            $marks[(int) (is_numeric($row[0]) ? $row[0] : 0)] = hash('xxh128', serialize([$row, $hour, $shop]));
        }

        return $marks;
    }

    /** What holds for every order. */
    private function shop(): string
    {
        return serialize([
            $this->rules->current(),
            $this->database->fetchNumeric(
                'SELECT COUNT(*), SUM(CRC32(CONCAT_WS(",", id, kind, name, width, amount > 0))) FROM supply',
            ),
            $this->database->fetchNumeric(
                'SELECT COUNT(*), SUM(CRC32(CONCAT_WS(",", film_id, kind, width, height, outline)))
                 FROM (SELECT DISTINCT film_id, kind, width, height, outline FROM stock_item WHERE count > 0) i',
            ),
        ]);
    }
}
