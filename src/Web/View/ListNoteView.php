<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Lettering\RosterNote;

/** Something to be looked at in one row of a list of names. */
final readonly class ListNoteView
{
    /**
     * @param int $row which row, from 1
     * @param string $name what stands there
     * @param string $says what there is to be said of it
     * @param bool $stops whether nothing can be drawn of it
     */
    public function __construct(public int $row, public string $name, public string $says, public bool $stops)
    {
    }

    public static function from(RosterNote $note): self
    {
        return new self($note->row, $note->name, $note->says, $note->stops);
    }
}
