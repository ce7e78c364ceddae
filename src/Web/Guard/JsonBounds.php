<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * How much a body of JSON may hold, looked at before anything reads it: one pass over it, whatever it is. What pages
 * send stays far within; what does not was made to keep a process busy.
 */
final readonly class JsonBounds
{
    /** Lists and objects within each other. */
    public const MOST_DEPTH = 16;
    /** Fields of one object. */
    private const MOST_FIELDS = 200;
    /**
     * Objects and lists in all: an order of a hundred things with ten places to keep clear on each is eleven hundred.
     */
    private const MOST_GROUPS = 5000;
    /** What stands between commas, in all. */
    private const MOST_VALUES = 50_000;
    /** Letters of a field's name. */
    private const LONGEST_NAME = 80;
    /** Signs of a number: so many hold any that a field of ours can. */
    private const LONGEST_NUMBER = 40;

    private function __construct()
    {
    }

    /**
     * Refuses what is beyond the bounds, or is no text at all.
     *
     * @param string $body as it came; whether it is JSON is found by who reads it
     *
     * @throws HttpException 400 for what cannot be read, 413 for too much
     */
    public static function refuse(string $body): void
    {
        if (!mb_check_encoding($body, 'UTF-8')) {
            throw self::unreadable();
        }
        $fields = [];
        $groups = $values = $texts = 0;
        for ($at = 0, $end = \strlen($body); $at < $end; ++$at) {
            $long = strcspn($body, '"{}[]:,', $at);
            self::refuseFigure(substr($body, $at, $long));
            $at += $long;
            switch ($body[$at] ?? '') {
                case '"':
                    $at = self::pastText($body, $at, $end);
                    ++$texts;
                    break;
                case '{':
                case '[':
                    $fields[] = 0;
                    ++$groups;
                    break;
                case ':':
                    $fields[] = 1 + (int) array_pop($fields);
                    break;
                case ',':
                    ++$values;
                    break;
                default:
                    array_pop($fields);
            }
            if (
                \count($fields) > self::MOST_DEPTH
                || ([] !== $fields && $fields[\count($fields) - 1] > self::MOST_FIELDS)
                || $groups > self::MOST_GROUPS
                || max($values, intdiv($texts, 2)) > self::MOST_VALUES
            ) {
                throw self::tooMuch();
            }
        }
    }

    /** What stands outside of quotes: a figure, or one of three words. */
    private static function refuseFigure(string $bare): void
    {
        $bare = trim($bare);
        if (\strlen($bare) > self::LONGEST_NUMBER || 1 === preg_match('~[eE][+-]?[0-9]{3}~', $bare)) {
            throw self::unreadable();
        }
    }

    /** The place of the quote that ends a text; a name that no field has is refused. */
    private static function pastText(string $body, int $from, int $end): int
    {
        for ($at = $from + 1; $at < $end; $at += 2) {
            $at += strcspn($body, '"\\', $at);
            if ('"' === ($body[$at] ?? '')) {
                $isName = ':' === ($body[$at + 1 + strspn($body, " \t\r\n", $at + 1)] ?? '');

                return $isName && $at - $from > 4 * self::LONGEST_NAME ? throw self::tooMuch() : $at;
            }
        }
        throw self::unreadable();
    }

    private static function unreadable(): HttpException
    {
        return new HttpException(400, 'No text, or no figures anybody types.');
    }

    private static function tooMuch(): HttpException
    {
        return new HttpException(413, 'More than a page sends.');
    }
}
