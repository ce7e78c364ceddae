<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

/**
 * The nightly backups in their folder: named by their day, and thinned out as they age. The newest of each of the last
 * seven days, five weeks and twelve months stays.
 */
final readonly class KeptBackups
{
    private const DAYS = 7;
    private const WEEKS = 5;
    private const MONTHS = 12;
    private const NAME = '~^yelbo-(\d{4}-\d{2}-\d{2})\.zip$~D';

    public function __construct(public string $folder)
    {
    }

    /** Where the backup of a day lies, or is to lie. */
    public function path(\DateTimeImmutable $day): string
    {
        return "{$this->folder}/yelbo-{$day->format('Y-m-d')}.zip";
    }

    /** @return list<\DateTimeImmutable> the days there is one of, the newest first */
    public function days(): array
    {
        $days = [];
        foreach (glob("{$this->folder}/yelbo-*.zip") ?: [] as $file) {
            $day = 1 === preg_match(self::NAME, basename($file), $found)
                ? \DateTimeImmutable::createFromFormat('!Y-m-d', $found[1])
                : false;
            if (false !== $day) {
                $days[] = $day;
            }
        }
        rsort($days);

        return $days;
    }

    /** Takes away what nobody will want back any more. */
    public function thinOut(): void
    {
        $kept = self::kept($this->days());
        foreach ($this->days() as $day) {
            if (!\in_array($day, $kept, false)) {
                unlink($this->path($day));
            }
        }
    }

    /**
     * Which of these stay. It goes by how many there are, not by how old they are: a shop that was closed for a month
     * loses nothing.
     *
     * @param list<\DateTimeImmutable> $days the newest first
     *
     * @return list<\DateTimeImmutable>
     */
    public static function kept(array $days): array
    {
        $kept = [];
        foreach ([['Y-m-d', self::DAYS], ['o-W', self::WEEKS], ['Y-m', self::MONTHS]] as [$span, $most]) {
            $newest = [];
            foreach ($days as $day) {
                $newest[$day->format($span)] ??= $day;
            }
            array_push($kept, ...\array_slice(array_values($newest), 0, $most));
        }

        return array_values(
            array_filter($days, static fn (\DateTimeImmutable $day): bool => \in_array($day, $kept, false)),
        );
    }
}
