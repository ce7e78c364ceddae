<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Sabre\VObject\Component\VCalendar;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Week\WeekBoard;

/**
 * Somebody's part of the week for their own calendar (iCalendar).
 *
 * @phpstan-import-type Plan from WeekBoard
 */
final class WeekCalendar
{
    private function __construct()
    {
    }

    /** @param Plan|null $plan */
    public static function of(?array $plan, Worker $who): string
    {
        $orders = array_column($plan['orders'] ?? [], null, 'docket');
        $calendar = new VCalendar(['PRODID' => '-//Yelbo//Week//EN', 'X-WR-CALNAME' => "Week, {$who->name()}"]);
        foreach ($plan['entries'] ?? [] as $entry) {
            if ($entry['hand'] !== $who->id()) {
                continue;
            }
            $order = $orders[$entry['docket']] ?? null;
            $calendar->add('VEVENT', [
                'UID' => Docket::tagOf($entry['docket'])."-{$entry['key']}@week",
                'DTSTAMP' => new \DateTimeImmutable($plan['now'] ?? 'now'),
                'DTSTART' => new \DateTimeImmutable($entry['from']),
                'DTEND' => new \DateTimeImmutable($entry['to']),
                'SUMMARY' => ucfirst($entry['says']).', '.Docket::tagOf($entry['docket']),
                'DESCRIPTION' => null === $order ? '' : "{$order['label']}, {$order['customer']}",
            ]);
        }

        return $calendar->serialize();
    }
}
