<?php

declare(strict_types=1);

namespace Yelbo\Trade\Measure;

/** The two systems a shop measures in. */
enum Units: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';
}
