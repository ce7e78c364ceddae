<?php

declare(strict_types=1);

namespace Yelbo\Shop\Post;

/** Where a letter is. */
enum LetterState: string
{
    /** On its way to the post: not taken yet, or tried and to be tried again. */
    case Waiting = 'waiting';
    /** The post has it. */
    case Sent = 'sent';
    /** The post will not have it: there is no such address, or none of ours may write to it. */
    case Refused = 'refused';
    /** The post could not be reached for two days. */
    case GivenUp = 'given-up';
}
