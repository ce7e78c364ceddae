<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Symfony\Component\Mime\Email;

/** A letter with a link to a proof is to be brought to the post. While it waits its text is sealed: the link opens. */
final readonly class PostLetter
{
    /**
     * @param int        $link   whose letter it is, by its number in the records
     * @param Email      $letter its head: from whom, to whom, and about what
     * @param string     $sealed its text, see `Seal`; empty where it stands in the letter, as it did before
     */
    public function __construct(public int $link, public Email $letter, public string $sealed = '')
    {
    }

    /** @param array{link: int, letter: Email, sealed?: string} $kept as it waited, also from before it was sealed */
    public function __unserialize(array $kept): void
    {
        $this->link = $kept['link'];
        $this->letter = $kept['letter'];
        $this->sealed = $kept['sealed'] ?? '';
    }
}
