<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** What can happen to a plan. */
enum PlanMove: string
{
    case Begin = 'begin';
    case Finish = 'finish';
    case Fail = 'fail';
    /** Nobody waits for it any more: one that was begun is finished by its worker. */
    case GiveUp = 'give-up';
    /** Thought about again, or on from where it was given up. */
    case Resume = 'resume';
    /** Changed by hand, or such a change taken back. */
    case Edit = 'edit';
    case Release = 'release';
}
