<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** Of what a step is done, and so how often: for each film, or once for the thing they are on. */
enum StepWhose
{
    /** A film on the cutting mat: it is readied for itself. */
    case Mat;
    /** The thing, before the first film goes on it. */
    case Ground;
    /** A film as it goes on, one after the other. */
    case Film;
    /** The thing with all its films. */
    case Thing;
}
