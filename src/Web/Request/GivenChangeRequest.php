<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Refused;

/** What the customer wants changed; the spot in mm in the object's frame, where one was pinned. */
final readonly class GivenChangeRequest
{
    /**
     * @param string $name who asks
     * @param string $note what should be different
     * @param float|null $x where on the drawing, mm from its left
     * @param float|null $y where on the drawing, mm from its top
     * @param int $item which thing of the order it is about; 0 for the first
     */
    public function __construct(
        public string $name = '',
        public string $note = '',
        public ?float $x = null,
        public ?float $y = null,
        public int $item = 0,
    ) {
    }

    /** @return array{int, int}|null µm; none where no spot, or one that cannot be, is named */
    public function spot(): ?array
    {
        if (null === $this->x || null === $this->y) {
            return null;
        }
        try {
            return [Length::millimetres($this->x)->micrometres, Length::millimetres($this->y)->micrometres];
        } catch (Refused) {
            return null;
        }
    }
}
