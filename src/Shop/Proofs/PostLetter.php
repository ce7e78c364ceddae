<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Symfony\Component\Mime\Email;

/** A letter with a link to a proof is to be brought to the post. */
final readonly class PostLetter
{
    /** @param int $link whose letter it is, by its number in the records */
    public function __construct(public int $link, public Email $letter)
    {
    }
}
