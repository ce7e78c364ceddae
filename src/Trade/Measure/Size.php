<?php

declare(strict_types=1);

namespace Yelbo\Trade\Measure;

/** A width and a height, both positive. */
final readonly class Size
{
    public function __construct(public Length $width, public Length $height)
    {
        if (!$width->isPositive() || !$height->isPositive()) {
            throw new UnreadableLength('no-size', 'A size needs a width and a height above zero.');
        }
    }

    /** By its sides in mm. */
    public static function millimetres(float $width, float $height): self
    {
        return new self(Length::millimetres($width), Length::millimetres($height));
    }

    /** Reads `272 x 58`, `272mm × 58mm`, `4 1/4" by 2"`. */
    public static function read(string $text, Units $bare = Units::Metric): self
    {
        $parts = preg_split('~\s*(?:x|×|\*|by)\s*~iu', trim($text)) ?: [];
        if (2 !== \count($parts)) {
            throw new UnreadableLength(
                'unreadable-size',
                '“'.mb_substr($text, 0, 40).'” is not a size. Write width by height, like 272 x 58 mm.',
            );
        }
        if (preg_match('~^[\d.,]+$~', $parts[0]) && preg_match('~[a-z"]+\.?$~iu', $parts[1], $unit)) {
            $parts[0] .= $unit[0];
        }

        return new self(Length::read($parts[0], $bare), Length::read($parts[1], $bare));
    }

    /** The shorter side. */
    public function shorter(): Length
    {
        return $this->width->micrometres <= $this->height->micrometres ? $this->width : $this->height;
    }

    /** `272 × 58 mm` or `10 11/16 × 2 5/16 in`. */
    public function in(Units $units): string
    {
        return Units::Metric === $units
            ? $this->width->inMetric().' × '.$this->height->inMetric().' mm'
            : $this->width->inImperial().' × '.$this->height->inImperial().' in';
    }
}
