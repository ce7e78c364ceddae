<?php

declare(strict_types=1);

namespace Yelbo\Web;

/**
 * How what stands in an address is spelled. The router reads other scripts' digits as digits where they are asked for
 * as such, and nothing here can count with them.
 */
final class Address
{
    /** The number of a record. */
    public const NUMBER = '[0-9]{1,9}';
    /** A number within an order: a version, an item. */
    public const FEW = '[0-9]{1,4}';

    private function __construct()
    {
    }
}
