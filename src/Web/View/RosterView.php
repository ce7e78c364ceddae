<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A list as it was read, to be looked at before it is taken: encoding, separator, header, and every row. */
final readonly class RosterView
{
    /**
     * @param list<string>    $columns
     * @param list<RowView>   $rows
     */
    public function __construct(public string $encoding, public string $separator, public bool $hasHeader, public array $columns, public array $rows, public int $likely)
    {
    }
}
