<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A list as it was read, to be looked at before it is taken: encoding, separator, header, and every row. */
final readonly class RosterView
{
    /**
     * @param list<string>    $columns the columns
     * @param list<RowView>   $rows the rows
     * @param string $encoding how the letters of the file are coded
     * @param string $separator what stands between the columns
     * @param bool $hasHeader whether the first line names the columns
     * @param int $likely the column that most likely holds the names, from 0
     */
    public function __construct(
        public string $encoding,
        public string $separator,
        public bool $hasHeader,
        public array $columns,
        public array $rows,
        public int $likely,
    ) {
    }
}
