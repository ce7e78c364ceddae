<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** A backup every night, each proved by loading it into a schema of its own, which is dropped again. */
final readonly class NightlyBackup
{
    /** From this hour on the night's backup is due; a shop whose machine sleeps then gets it when it wakes. */
    private const HOUR = '02:00';

    private KeptBackups $kept;

    public function __construct(
        private BackupWriter $writer,
        private BackupLoader $loader,
        private Connection $database,
        private ClockInterface $clock,
        #[Autowire('%env(YELBO_BACKUPS)%')] string $folder,
        #[\SensitiveParameter] #[Autowire('%env(YELBO_BACKUP_PASSPHRASE)%')] private string $passphrase,
    ) {
        $this->kept = new KeptBackups($folder);
    }

    /** Whether this night's is still to be made. */
    public function isDue(): bool
    {
        $now = $this->clock->now();
        $last = $this->kept->days()[0] ?? null;

        return $now >= $now->modify(self::HOUR) && $last?->format('Y-m-d') !== $now->format('Y-m-d');
    }

    /**
     * @return string the file that was written
     *
     * @throws BackupUnusable where it could not be written or loaded; a file that cannot be loaded is not kept
     */
    public function make(): string
    {
        // It was opened a day ago.
        $this->database->close();
        $path = $this->kept->path($this->clock->now());
        if (!is_dir($this->kept->folder) && !@mkdir($this->kept->folder, 0o700, true)) {
            throw new BackupUnusable("The folder {$this->kept->folder} cannot be made.");
        }
        $passphrase = '' === $this->passphrase ? null : $this->passphrase;
        // It takes its place once it is proved, also where one of this day is there already.
        $new = "$path.new";
        @unlink($new);
        $this->writer->write($new, $passphrase);
        $scratch = 'yelbo_proof_'.$this->clock->now()->format('Ymd_His');
        try {
            $this->loader->load(BackupFile::open($new, $passphrase), $scratch);
            $this->database->executeStatement('DROP DATABASE '.$this->database->quoteSingleIdentifier($scratch));
        } catch (\Throwable $fault) {
            rename($new, $path.'.unproved');
            throw $fault;
        }
        rename($new, $path);
        $this->kept->thinOut();

        return $path;
    }
}
