<?php

declare(strict_types=1);

namespace Yelbo\Device\Cutter;

/** The moves in an HPGL job: IN, SP, PU, PD and PA are understood, 40 units to the mm. */
final readonly class HpglWay
{
    private const UNITS_PER_MM = 40;

    /** @param list<array{float, float, bool}> $moves mm, y up; true with the knife down */
    private function __construct(public array $moves)
    {
    }

    /** @throws CutterTrouble for what is not HPGL */
    public static function read(string $hpgl): self
    {
        $moves = [];
        $down = false;
        foreach (explode(';', $hpgl) as $command) {
            $command = trim($command);
            if ('' === $command) {
                continue;
            }
            $name = substr($command, 0, 2);
            if (!\in_array($name, ['IN', 'SP', 'PU', 'PD', 'PA'], true)) {
                throw new CutterTrouble("The cutter does not know the command “{$name}”.");
            }
            $down = match ($name) {
                'PU' => false,
                'PD' => true,
                default => $down,
            };
            if ('IN' !== $name && 'SP' !== $name) {
                array_push($moves, ...self::points(substr($command, 2), $down));
            }
        }

        return new self($moves);
    }

    /** @return array{float, float, float, float} least x, least y, most x, most y with the knife down, mm */
    public function reach(): array
    {
        $cut = array_filter($this->moves, static fn (array $move): bool => $move[2]);
        if ([] === $cut) {
            throw new CutterTrouble('The job cuts nothing.');
        }
        $xs = array_column($cut, 0);
        $ys = array_column($cut, 1);

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    /** @return list<array{float, float, bool}> */
    private static function points(string $figures, bool $down): array
    {
        if ('' === trim($figures)) {
            return [];
        }
        $numbers = explode(',', $figures);
        if (
            0 !== \count($numbers) % 2
            || array_filter($numbers, static fn (string $number): bool => !is_numeric($number))
        ) {
            throw new CutterTrouble('The job holds a point that cannot be read.');
        }

        return array_map(
            static fn (array $pair): array => [
                (float) $pair[0] / self::UNITS_PER_MM,
                (float) $pair[1] / self::UNITS_PER_MM,
                $down,
            ],
            array_chunk($numbers, 2),
        );
    }
}
