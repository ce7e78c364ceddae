<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

/** Work for the background: reckon what orders brought and cost of which that is not known as they stand. */
final readonly class ReckonSales
{
}
