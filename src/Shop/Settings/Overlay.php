<?php

declare(strict_types=1);

namespace Yelbo\Shop\Settings;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Yelbo\Trade\Rules;

/** Figures that stand over the shop's own for as long as something is in use: a machine's, for one. */
#[AutoconfigureTag]
interface Overlay
{
    /** The figures with some of them replaced. */
    public function over(Rules $rules): Rules;
}
