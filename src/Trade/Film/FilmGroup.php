<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Rule;

/** Films that knife and hook take alike: they share their limits. Source: handbook section 5. */
enum FilmGroup: string
{
    /** Also cast, patterned, chalkboard and stencil films, which are thin and firm. */
    case Plain = 'plain';
    case Show = 'show';
    case Glitter = 'glitter';
    case Glass = 'glass';
    case Printable = 'printable';

    /** The figure of the thinnest stroke. */
    public function stroke(): Rule
    {
        return $this->rule('stroke');
    }

    /** The figure of the smallest island. */
    public function island(): Rule
    {
        return $this->rule('island');
    }

    /** The figure of the smallest counter. */
    public function counter(): Rule
    {
        return $this->rule('counter');
    }

    /** The figure of the smallest gap. */
    public function gap(): Rule
    {
        return $this->rule('gap');
    }

    private function rule(string $limit): Rule
    {
        return Rule::from("$this->value-$limit");
    }
}
