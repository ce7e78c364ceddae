<?php

declare(strict_types=1);

namespace Yelbo\Shop\Upkeep;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** What the owner should hear of before it stops anything: `./yelbo doctor` says the same. */
final readonly class Notices
{
    /** Bytes: a day's records of a busy shop and a backup take less, and a restore takes about that. */
    public const LOW_DISK = 1_000_000_000;

    /** @param string $folder where the shop's data lie */
    public function __construct(
        private GivenUpMessages $givenUp,
        #[Autowire('%env(YELBO_VAR)%')] private string $folder,
    ) {
    }

    /** @return list<string> a sentence each; none where all is well */
    public function all(): array
    {
        $notices = [];
        $free = @disk_free_space($this->folder);
        if (false !== $free && $free < self::LOW_DISK) {
            $notices[] = self::ofDisk($free);
        }
        $messages = \count($this->givenUp->all());
        if ($messages > 0) {
            $notices[] = (1 === $messages ? 'One thing' : "$messages things").' a worker was told of could not be done '
                .'after several tries. “yelbo doctor” says which, and “yelbo doctor --mend” tries again.';
        }

        return $notices;
    }

    /** The sentence for so many bytes that are left. */
    public static function ofDisk(float $free): string
    {
        return \sprintf(
            'The disk has %d MB left. When it is full nothing can be kept: make room, or move old backups away.',
            (int) ($free / 1_000_000),
        );
    }
}
