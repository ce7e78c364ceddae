<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Bench\CutOutcome;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Journey\BatchState;

/**
 * Film that was cut up for pieces: what went off the shelf for a sheet and did not come back, shared by the boxes of
 * what lay on it. Source: handbook section 16.
 *
 * mm², and minor units a m²:
 *
 * @phpstan-type Cut array{name: string, area: float, price: int|null, cuts: int}
 */
final readonly class FilmCutUp
{
    public function __construct(private EntityManagerInterface $records)
    {
    }

    /**
     * The share of some pieces of all sheets they were cut on, those that came back too.
     *
     * @param non-empty-list<Piece> $pieces of one order
     *
     * @return array{films: list<Cut>, sheets: float, boxes: float} and what they took of the sheets' handling, and of
     *     the way round their weed boxes, mm
     */
    public function of(array $pieces): array
    {
        $own = array_fill_keys(array_map(static fn (Piece $piece): int => $piece->id(), $pieces), true);
        $films = [];
        $sheets = $round = 0.0;
        foreach ($this->batches($pieces) as $batch) {
            $boxes = $this->boxes($batch);
            $share = array_sum(array_intersect_key($boxes, $own)) / max(1.0, array_sum($boxes));
            if ($share <= 0.0) {
                continue;
            }
            $film = $batch->film();
            $known = $films[$film->id()] ?? [
                'name' => $film->name(),
                'area' => 0.0,
                'price' => $film->price(),
                'cuts' => 0,
            ];
            $films[$film->id()] = [
                'area' => $known['area'] + $share * $this->gone($batch),
                'cuts' => 1 + $known['cuts'],
            ] + $known;
            $sheets += $share;
            $round += $share * CutSheets::round($batch->boxes());
        }

        return ['films' => array_values($films), 'sheets' => $sheets, 'boxes' => $round];
    }

    /**
     * @param non-empty-list<Piece> $pieces
     *
     * @return list<Batch> that were cut
     */
    private function batches(array $pieces): array
    {
        $numbers = array_filter(array_map(static fn (Piece $piece): ?int => $piece->batch(), $pieces));
        foreach (
            $this->records
                ->getRepository(CutOutcome::class)
                ->findBy(['piece' => array_map(static fn (Piece $piece): int => $piece->id(), $pieces)]) as $outcome
        ) {
            $numbers[] = $outcome->batch();
        }
        /** @var list<Batch> $batches those released together: a piece can lie on several */
        $batches = $this->records
            ->createQuery(
                'SELECT b, f FROM '.Batch::class.' b JOIN b.film f
                 WHERE b.state = :cut AND (b.id IN (:numbers) OR b.release IN
                 (SELECT COALESCE(c.release, c.id) FROM '.Batch::class.' c WHERE c.id IN (:numbers))) ORDER BY b.id',
            )
            ->setParameter('cut', BatchState::Cut)
            ->setParameter('numbers', array_values(array_unique(array_filter($numbers))))
            ->getResult();

        return $batches;
    }

    /** @return array<int, float> of the box of each piece on a sheet, mm² */
    private function boxes(Batch $batch): array
    {
        $numbers = array_values(array_unique(array_column($batch->places(), 'piece')));
        $boxes = [];
        foreach ($this->records->getRepository(Piece::class)->findBy(['id' => $numbers]) as $piece) {
            $size = $piece->drawn()->cutSize();
            $boxes[$piece->id()] = $size->width->toMillimetres() * $size->height->toMillimetres();
        }

        return $boxes;
    }

    /** mm² that went for a sheet; what waits to be put back is not gone, nor what was kept from beside its pieces. */
    private function gone(Batch $batch): float
    {
        $moved = $this->records
            ->getConnection()
            ->fetchOne('SELECT -SUM(area) FROM movement WHERE batch = ? AND item_id IS NOT NULL', [$batch->id()]);
        $used = ($batch->width() * $batch->length()) / 1e6;
        if (!is_numeric($moved) || (float) $moved <= 0.0) {
            return $used;
        }
        $rest = $batch->hasRemnant() ? ($batch->width() * ($batch->height() - $batch->length())) / 1e6 : 0.0;

        return max(0.0, (float) $moved / 1e6 - $rest);
    }
}
