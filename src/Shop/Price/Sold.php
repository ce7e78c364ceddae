<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\PriceTest;
use Yelbo\Trade\Price\Sale;

/**
 * The orders that were said yes to lately, with what they brought and cost: reckoned in the background, each anew when
 * something of it changes, and told as they are known.
 *
 * @phpstan-import-type Figures from Reckoning
 */
final readonly class Sold
{
    /** Days that are looked back. */
    public const DAYS = 90;
    private const MOST = 2000;
    /** Orders that are reckoned in one go. */
    private const SOME = 20;
    /** s: whoever reckons is heard of at least so often. */
    private const HEARD_OF = 120;

    public function __construct(
        private Connection $database,
        private Dockets $dockets,
        private Reckoning $reckoning,
        private ShopRules $rules,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
    ) {
    }

    /**
     * Those that are known, the newest first, prices without their tax; the rest is asked for.
     *
     * @return array{list<array{Sale, Figures}>, int} and of how many it is not known yet how they stand now
     */
    public function lately(): array
    {
        $sold = [];
        $stale = 0;
        foreach ($this->rows() as $row) {
            $stale += $row['mark'] === $row['known'] ? 0 : 1;
            /** @var Figures|null $figures */
            $figures = null === $row['figures'] ? null : json_decode($row['figures'], true);
            if (null !== $figures && null !== $figures['price']) {
                $sold[] = [
                    new Sale(
                        $figures['tag'],
                        $figures['who'],
                        Money::minor($figures['price']),
                        $figures['letters'],
                        $figures['area'],
                        $figures['minutes'],
                    ),
                    $figures,
                ];
            }
        }
        if ($stale > 0 && $this->isUnasked()) {
            $this->bus->dispatch(new ReckonSales());
        }

        return [$sold, $stale];
    }

    /**
     * What they would have paid by letter height, by area and by minutes.
     *
     * @return array{PriceTest, int} of those that are known, and how many are not yet
     */
    public function test(): array
    {
        [$sold, $stale] = $this->lately();

        return [PriceTest::of(array_column($sold, 0)), $stale];
    }

    /** Reckons some of which it is not known how they stand. @return int how many are left */
    public function reckonSome(): int
    {
        $stale = array_values(
            array_filter($this->rows(), static fn (array $row): bool => $row['mark'] !== $row['known']),
        );
        foreach (\array_slice($stale, 0, self::SOME) as $row) {
            $figures = $this->reckoning->of($this->dockets->numbered($row['docket']));
            $this->database->executeStatement(
                'INSERT INTO stored_sale (docket, mark, figures) VALUES (?, ?, ?)
                 ON DUPLICATE KEY UPDATE mark = VALUES(mark), figures = VALUES(figures)',
                [
                    $row['docket'],
                    $row['mark'],
                    json_encode($figures, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
                ],
            );
        }

        $left = max(0, \count($stale) - self::SOME);
        $this->database->executeStatement('DELETE FROM stored_sale WHERE docket = 0');
        0 === $left || $this->isUnasked();

        return $left;
    }

    /** Nobody is at it, or has not been heard of for a while; whoever asks is taken to be at it from now on. */
    private function isUnasked(): bool
    {
        $now = $this->clock->now();

        return 0 < $this->database->executeStatement(
            'INSERT INTO stored_sale (docket, mark, figures) VALUES (0, ?, \'\')
             ON DUPLICATE KEY UPDATE mark = IF(mark < ?, VALUES(mark), mark)',
            [$now->format('YmdHis'), $now->modify('-'.self::HEARD_OF.' seconds')->format('YmdHis')],
        );
    }

    /**
     * @return list<array{docket: int, mark: string, known: string|null, figures: string|null}> the mark of each as it
     *     stands, and as it was reckoned
     */
    private function rows(): array
    {
        /** @var list<array{docket: int, stands: string, known: string|null, figures: string|null}> $rows */
        $rows = $this->database->fetchAllAssociative(
            'SELECT d.number AS docket, s.mark AS known, s.figures,
                    CONCAT_WS(\'.\', d.version, COUNT(p.id), SUM(p.version),
                              (SELECT COUNT(*) FROM timed_work t WHERE t.docket = d.number)) AS stands
             FROM (SELECT id, number, version FROM docket WHERE state IN (?, ?)
                   ORDER BY number DESC LIMIT '.self::MOST.') d
             LEFT JOIN piece p ON p.docket_id = d.id
             LEFT JOIN stored_sale s ON s.docket = d.number
             WHERE EXISTS (SELECT 1 FROM proof a WHERE a.docket_id = d.id AND a.approved_at >= ?)
             GROUP BY d.id, s.docket ORDER BY d.number DESC',
            [
                DocketState::Making->value,
                DocketState::Done->value,
                $this->clock->now()->modify('-'.self::DAYS.' days')->format('Y-m-d H:i:s'),
            ],
        );
        $rules = hash('xxh128', serialize($this->rules->current()));

        return array_map(
            static fn (array $row): array => [
                'docket' => $row['docket'],
                'mark' => hash('xxh128', "{$row['stands']} $rules"),
                'known' => $row['known'],
                'figures' => $row['figures'],
            ],
            $rows,
        );
    }
}
