<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\PrintRun;

/** How far a sheet is that is printed before it is cut. */
final readonly class PrintRunView
{
    /**
     * @param string $next what is to be done next: print, coat, or ready to be cut
     * @param int $coats clear coats that are on it
     * @param int $of clear coats there are to be
     * @param string|null $dryAt when what was done last is dry, ISO 8601
     */
    public function __construct(public string $next, public int $coats, public int $of, public ?string $dryAt)
    {
    }

    public static function from(PrintRun $run): self
    {
        return new self($run->next, $run->coats, $run->of, $run->dryAt?->format(\DATE_ATOM));
    }
}
