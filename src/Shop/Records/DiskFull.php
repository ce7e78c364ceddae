<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

/** There is no room on the disk of the database: what was just asked for was not kept. */
final class DiskFull extends \RuntimeException
{
    public function __construct(?\Throwable $fault = null)
    {
        parent::__construct(
            'The disk of the shop’s machine is full. Nothing of this was kept, and nothing is lost: tell the owner '
                .'to make '
                .'room, then do it again.',
            0,
            $fault,
        );
    }
}
