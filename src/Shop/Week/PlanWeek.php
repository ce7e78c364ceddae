<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

/** Work for the background: plan the week anew, as things stand when it comes to it. */
final readonly class PlanWeek
{
}
