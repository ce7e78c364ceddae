<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What of a sheet the printer reaches, and its register marks there (`Sheet\RegisterMark`), one in each corner, by
 * which print and cut find each other. What is printed lies between the marks. µm in the frame of the sheet. Source:
 * handbook section 6, "printable".
 */
final readonly class PrintArea
{
    /** From a mark's middle to the edge of what is printed, and as far again to what lies between the marks. */
    private const MARK = 6_000;

    private function __construct(public Box $box)
    {
    }

    /**
     * In the middle of a sheet across and down; all of it where it is smaller than what the printer reaches.
     *
     * @param int $width µm
     * @param int $height µm
     */
    public static function on(int $width, int $height, Rules $rules): self
    {
        $across = min($width, $rules->micrometres(Rule::PrintWide));
        $down = min($height, $rules->micrometres(Rule::PrintHigh));
        [$left, $top] = [intdiv($width - $across, 2), intdiv($height - $down, 2)];

        return new self(new Box($left, $top, $left + $across, $top + $down));
    }

    /** @return array{int, int} the widest and highest a picture can be, µm */
    public static function most(Rules $rules): array
    {
        return [
            $rules->micrometres(Rule::PrintWide) - 4 * self::MARK,
            $rules->micrometres(Rule::PrintHigh) - 4 * self::MARK,
        ];
    }

    /** Between the marks: here pieces lie. */
    public function room(): Box
    {
        return $this->box->grown(-2 * self::MARK);
    }

    /** @return list<array{int, int}> the middle of each mark */
    public function marks(): array
    {
        $inner = $this->box->grown(-self::MARK);

        return [
            [$inner->left, $inner->top],
            [$inner->right, $inner->top],
            [$inner->left, $inner->bottom],
            [$inner->right, $inner->bottom],
        ];
    }
}
