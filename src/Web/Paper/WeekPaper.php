<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\HttpFoundation\Response;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Week\WeekBoard;

/**
 * The week as a list on paper: for each person, day by day, what is done when.
 *
 * @phpstan-import-type Entry from WeekBoard
 * @phpstan-import-type Plan from WeekBoard
 */
final readonly class WeekPaper
{
    private const ROW = 6.0;
    private const FOOT = 18.0;
    private const WIDE = 186.0;
    /** mm from the left: when, which order, what, whose. */
    private const AT = [0.0, 26.0, 46.0, 86.0, 150.0];

    /**
     * @param Plan|null    $plan
     * @param list<Worker> $hands
     */
    public function response(?array $plan, array $hands): Response
    {
        $pdf = Paper::a4(true, 'The week');
        $orders = array_column($plan['orders'] ?? [], null, 'docket');
        $y = $this->head($pdf, $plan);
        foreach ($hands as $hand) {
            $mine = array_values(
                array_filter(
                    $plan['entries'] ?? [],
                    static fn (array $entry): bool => $entry['hand'] === $hand->id(),
                ),
            );
            usort($mine, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);
            $day = '';
            foreach ($mine as $entry) {
                $from = new \DateTimeImmutable($entry['from']);
                $starts = $from->format('l j F') !== $day;
                if ($y + ($starts ? 3 : 1) * self::ROW > Paper::LONG - self::FOOT) {
                    $pdf->AddPage('P');
                    $y = Paper::MARGIN;
                }
                if ($starts) {
                    $day = $from->format('l j F');
                    $y += 3;
                    Paper::write($pdf, Paper::MARGIN, $y, self::WIDE, "{$hand->name()}, $day", 10, 'B');
                    $y += self::ROW;
                }
                $this->row($pdf, $y, $entry, $orders[$entry['docket']] ?? null);
                $y += self::ROW;
            }
        }

        return Paper::response($pdf, 'week.pdf');
    }

    /** @param Plan|null $plan */
    private function head(\TCPDF $pdf, ?array $plan): float
    {
        Paper::write($pdf, Paper::MARGIN, Paper::MARGIN, self::WIDE, 'The week', 15, 'B');
        Paper::write(
            $pdf,
            Paper::MARGIN,
            Paper::MARGIN + 8,
            self::WIDE,
            null === $plan
                ? 'It is being planned. Print it again in a moment.'
                : 'As planned on '.(new \DateTimeImmutable($plan['now']))->format('D j F, H:i'),
            9,
        );

        return Paper::MARGIN + 16;
    }

    /**
     * @param Entry                                                                                    $entry
     * @param array{tag: string, label: string, customer: string, ...<string, mixed>}|null $order
     */
    private function row(\TCPDF $pdf, float $y, array $entry, ?array $order): void
    {
        $from = new \DateTimeImmutable($entry['from']);
        $to = new \DateTimeImmutable($entry['to']);
        $texts = [
            $from->format('H:i').' to '.$to->format('H:i'),
            $order['tag'] ?? '',
            ucfirst($entry['says']).($entry['pinned'] ? ', put there' : ''),
            mb_strimwidth($order['label'] ?? '', 0, 38, '…'),
            mb_strimwidth($order['customer'] ?? '', 0, 24, '…'),
        ];
        foreach ($texts as $nth => $text) {
            Paper::write(
                $pdf,
                Paper::MARGIN + self::AT[$nth],
                $y,
                (self::AT[$nth + 1] ?? self::WIDE) - self::AT[$nth],
                $text,
                8.5,
                1 === $nth ? 'B' : '',
            );
        }
    }
}
