<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Refused;

/**
 * Looks through a drawing before anything is built of it: not too large, not too deep, no
 * entities, no scripts, nothing that points outside. Read as a stream, so that a hostile file
 * costs neither memory nor time; nothing is ever fetched.
 */
final class Gate
{
    public const MOST_BYTES = 5_000_000;
    private const MOST_ELEMENTS = 5_000;
    private const MOST_ATTRIBUTES = 200;
    private const DEEPEST = 60;
    private const LONGEST_ATTRIBUTE = 2_000_000;

    private function __construct()
    {
    }

    /** How files begin that are brought instead, and what they are called. */
    private const PICTURES = [
        "\x89PNG" => 'a PNG picture',
        "\xFF\xD8\xFF" => 'a JPEG photo',
        'GIF8' => 'a GIF picture',
        '%PDF' => 'a PDF',
        '%!PS' => 'a PostScript file',
        "PK\x03\x04" => 'a packed file',
        'II*' => 'a TIFF picture',
        'RIFF' => 'a WebP picture',
    ];

    /** @throws Refused */
    public static function check(string $svg): void
    {
        if (\strlen($svg) > self::MOST_BYTES) {
            throw self::refused(
                'too-large',
                'This file is larger than 5 MB. A drawing to be cut is far smaller: save the outlines alone.',
            );
        }
        foreach (self::PICTURES as $begins => $what) {
            if (str_starts_with($svg, $begins)) {
                throw self::refused(
                    'not-a-drawing',
                    "This is $what. What is cut needs outlines: an SVG, saved from the program it was drawn in with "
                        .'its text as paths. A picture can be traced at the object.',
                );
            }
        }
        if (false !== stripos($svg, '<!ENTITY') || 1 === preg_match('~<!DOCTYPE[^>]*\[~i', $svg)) {
            throw self::refused(
                'entities',
                'This file defines words of its own (entities), which can hide anything. Save it as plain SVG.',
            );
        }
        if ('' === trim($svg)) {
            throw self::unreadable();
        }
        $before = libxml_use_internal_errors(true);
        $reader = new \XMLReader();
        try {
            if (!$reader->XML($svg, null, \LIBXML_NONET | \LIBXML_COMPACT)) {
                throw self::unreadable();
            }
            self::walk($reader);
            if (false !== libxml_get_last_error()) {
                throw self::unreadable();
            }
        } finally {
            $reader->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    private static function walk(\XMLReader $reader): void
    {
        $elements = 0;
        while (@$reader->read()) {
            if (\XMLReader::PI === $reader->nodeType) {
                throw self::refused(
                    'external',
                    'This file calls for a style sheet from elsewhere. Save it as plain SVG, with everything in it.',
                );
            }
            if (\XMLReader::ELEMENT !== $reader->nodeType) {
                continue;
            }
            if (0 === $elements && 'svg' !== $reader->localName) {
                throw self::unreadable();
            }
            if (++$elements > self::MOST_ELEMENTS) {
                throw self::refused(
                    'too-many-elements',
                    'This drawing has more than 5000 parts. Simplify it before bringing it.',
                );
            }
            if ($reader->depth > self::DEEPEST) {
                throw self::refused(
                    'too-deep',
                    'This drawing nests its groups more than 60 deep. Ungroup it before saving.',
                );
            }
            if (\in_array(strtolower($reader->localName), ['script', 'handler', 'iframe', 'foreignobject'], true)) {
                throw self::refused(
                    'script',
                    'This file holds a script or a web page, not only a drawing. Save it as plain SVG.',
                );
            }
            self::attributes($reader);
        }
        if (0 === $elements) {
            throw self::unreadable();
        }
    }

    private static function attributes(\XMLReader $reader): void
    {
        $name = $reader->localName;
        $picture = 'image' === $name;
        if ($reader->attributeCount > self::MOST_ATTRIBUTES) {
            throw self::refused(
                'too-many-attributes',
                'One part of this drawing says more than 200 things of itself. Save it as plain SVG.',
            );
        }
        while ($reader->moveToNextAttribute()) {
            $value = $reader->value;
            if (\strlen($value) > self::LONGEST_ATTRIBUTE && !$picture) {
                throw self::refused(
                    'too-large',
                    'One path of this drawing is longer than 2 MB. Simplify it before bringing it.',
                );
            }
            if (str_starts_with(strtolower($reader->localName), 'on')) {
                throw self::refused('script', 'This file holds a script, not only a drawing. Save it as plain SVG.');
            }
            if (
                'href' === $reader->localName
                && '' !== $value
                && '#' !== $value[0]
                && !str_starts_with($value, 'data:')
            ) {
                if ('a' !== $name) {
                    throw self::refused(
                        'external',
                        'This file draws something that lies elsewhere. Put everything into the file before saving.',
                    );
                }
            }
            if (1 === preg_match('~url\(\s*["\']?\s*(?!["\']?#)[a-z]~i', $value)) {
                throw self::refused(
                    'external',
                    'This file draws something that lies elsewhere. Put everything into the file before saving.',
                );
            }
        }
        $reader->moveToElement();
    }

    private static function unreadable(): Refused
    {
        return self::refused('broken-drawing', 'This SVG drawing cannot be read. Save it again as plain SVG.');
    }

    private static function refused(string $reason, string $sentence): Refused
    {
        return new Refused($reason, $sentence, '/art');
    }
}
