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
    /** What a request was asked with. */
    public const KEY = '[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}';

    private function __construct()
    {
    }
}
