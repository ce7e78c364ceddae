<?php

declare(strict_types=1);

namespace Yelbo\Shop\Input;

use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Refused;

/**
 * The forms people type into, and the one map from a place in the core's answer to the field a
 * sentence belongs to. A place is a JSON pointer, as the core's documents name it.
 */
enum FieldMap
{
    /** What of the design a place can name. */
    private const SET_AT_SIZE = [
        'capHeight',
        'face',
        'arrangement',
        'radius',
        'tracking',
        'condense',
        'lineSpacing',
        'lineHeights',
        'offset',
        'art',
        'element',
    ];

    /** An object with its measures. */
    case Object;
    /** A whole order of one decal, so many times. */
    case Order;
    /** A whole order of a list of names. */
    case Roster;
    /** What is decided at Size. */
    case Design;

    /** The refusal at its field; of a roster it says which line. */
    public function refusals(Refused $refused): Refusals
    {
        $line =
            1 === preg_match('~^/set/(\d+)~', $refused->at, $found) && self::Design === $this
                ? 'Line '.(1 + (int) $found[1]).': '
                : '';

        return Refusals::at($this->field($refused), $line.$refused->getMessage());
    }

    /** The field a refusal of the core belongs to; empty where it belongs to none. */
    public function field(Refused $refused): string
    {
        $place = ltrim($refused->at, '/');
        $first = explode('/', $place)[0];

        return match (true) {
            'keepOuts' === $first => self::Object === $this ? str_replace('/', '.', $place) : 'keepOuts',
            'set' === $first => 'roster',
            'object' === $first, 'clearance' === $first => self::Order === $this || self::Roster === $this
                ? 'surface'
                : 'object',
            self::Object === $this => match ($place) {
                'inner' => 'innerWidth',
                '', 'path' => 'outline',
                default => $place,
            },
            self::Design === $this && 'elements' === $first => str_replace('/', '.', $place),
            'motif' === $first => self::Design === $this ? str_replace('/', '.', $place) : 'motif',
            self::Design === $this && 'how' === $first => 'how',
            self::Design === $this && \in_array($first, [...self::SET_AT_SIZE, ...Mending::STEPS], true) => $first,
            default => self::Roster === $this ? 'roster' : 'words',
        };
    }
}
