<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

/** A file that cannot be put back, or a backup that could not be written; the message says why and what to do. */
final class BackupUnusable extends \RuntimeException
{
}
