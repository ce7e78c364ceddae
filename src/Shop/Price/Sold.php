<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Price\Costing;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\PriceTest;
use Yelbo\Trade\Price\Sale;

/**
 * The orders that were said yes to lately, with what they brought and cost. Each is worked out once for as long as
 * nothing of it changes.
 *
 * @phpstan-type Kind array{object: string, face: string, film: string, share: float}
 * @phpstan-type Figures array{letters: float, area: float, minutes: float, cost: int|null, isDone: bool,
 *     kinds: list<Kind>}
 */
final readonly class Sold
{
    /** Days that are looked back. */
    public const DAYS = 90;
    private const MOST = 1000;

    public function __construct(
        private EntityManagerInterface $records,
        private Connection $database,
        private Costs $costs,
        private Invoices $invoices,
        private ShopRules $rules,
        private Cache $cache,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<array{Sale, Figures}> those whose price was agreed, the newest first; prices without their tax */
    public function lately(): array
    {
        $sold = [];
        foreach ($this->dockets() as $docket) {
            $price = $this->invoices->net($docket);
            if (null === $price) {
                continue;
            }
            $figures = $this->figures($docket);
            $sold[] = [
                new Sale(
                    $docket->tag(),
                    $docket->customer()?->name() ?? '',
                    $price,
                    $figures['letters'],
                    $figures['area'],
                    $figures['minutes'],
                ),
                $figures,
            ];
        }

        return $sold;
    }

    /** What they would have paid by letter height, by area and by minutes. */
    public function test(): PriceTest
    {
        return PriceTest::of(array_column($this->lately(), 0));
    }

    /** @return list<Docket> */
    private function dockets(): array
    {
        $since = $this->clock->now()->modify('-'.self::DAYS.' days');
        /** @var list<Docket> $dockets */
        $dockets = $this->records
            ->createQuery(
                'SELECT DISTINCT d FROM '.Docket::class.' d JOIN d.proofs p WHERE p.approvedAt >= :since
                 ORDER BY d.number DESC',
            )
            ->setParameter('since', $since)
            ->setMaxResults(self::MOST)
            ->getResult();

        return $dockets;
    }

    /** @return Figures */
    private function figures(Docket $docket): array
    {
        $stands = $this->database->fetchNumeric(
            'SELECT COUNT(*), SUM(version), MAX(since), (SELECT COUNT(*) FROM timed_work WHERE docket = ?)
             FROM piece WHERE docket_id = (SELECT id FROM docket WHERE number = ?)',
            [$docket->number(), $docket->number()],
        );
        $key = [$docket->number(), $docket->version(), $stands, $this->rules->current()];

        return $this->cache->recall('sold.'.hash('xxh128', serialize($key)), fn (): array => $this->worked($docket));
    }

    /** @return Figures */
    private function worked(Docket $docket): array
    {
        $pieces = array_values(
            array_filter(
                $docket->pieces(),
                static fn (Piece $piece): bool => PieceState::Withdrawn !== $piece->state(),
            ),
        );
        $letters = $area = 0.0;
        $kinds = [];
        foreach ($pieces as $piece) {
            $size = $piece->cutSize();
            $own = $size->width->toMillimetres() * $size->height->toMillimetres();
            $area += $own;
            if (0 === $piece->layer()) {
                $letters += self::letters($piece);
            }
            $kind = [
                $piece->item()->object()->kind()->value,
                '' === $piece->proof()->frozen()->drawing ? $piece->proof()->face() : 'drawn',
                $piece->film()->grade()->value,
            ];
            $kinds[implode("\0", $kind)] = ($kinds[implode("\0", $kind)] ?? 0.0) + $own;
        }
        $spent = $this->costs->spent($docket);
        $costing = new Costing($this->rules->current());
        $isDone = [] === array_filter(
            $pieces,
            static fn (Piece $piece): bool => $piece->state()->rank() <= PieceState::Applying->rank(),
        );

        return [
            'letters' => $letters,
            'area' => $area,
            'minutes' => null !== $spent && $isDone ? $costing->minutes($spent) : $this->costs->told($docket, $pieces),
            'cost' => null === $spent
                ? null
                : Money::sum(array_column($costing->cost($spent), 'amount'))->minor,
            'isDone' => $isDone,
            'kinds' => array_map(
                static function (string $key, float $own) use ($area): array {
                    [$object, $face, $film] = explode("\0", $key);

                    return ['object' => $object, 'face' => $face, 'film' => $film, 'share' => $own / max(1.0, $area)];
                },
                array_keys($kinds),
                $kinds,
            ),
        ];
    }

    /** mm, the heights of the letters of a decal one by one. */
    private static function letters(Piece $piece): float
    {
        $proof = $piece->proof();

        return '' !== $proof->frozen()->drawing
            ? 0.0
            : mb_strlen((string) preg_replace('~\s~u', '', implode('', $proof->linesOf($piece->member())))) *
                $proof->capHeight()->toMillimetres();
    }
}
