<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What is printed before it is cut: the print, its drying, its clear coats and theirs. Source: handbook section 12,
 * "printed film".
 */
final readonly class PrintRun
{
    public const PRINT = 'print';
    public const COAT = 'coat';
    public const READY = 'ready';

    /**
     * @param string                  $next  what is to be done next: print, coat, or nothing more before it is cut
     * @param int                     $coats clear coats that are on it
     * @param int                     $of    clear coats there are to be
     * @param \DateTimeImmutable|null $dryAt when what was done last is dry; none before it is printed
     */
    private function __construct(
        public string $next,
        public int $coats,
        public int $of,
        public ?\DateTimeImmutable $dryAt,
    ) {
    }

    /** How far a sheet is by the shop's figures. */
    public static function of(Batch $batch, Rules $rules): self
    {
        $of = (int) $rules->value(Rule::PrintCoats);
        $printed = $batch->print()->printedAt();
        if (null === $printed) {
            return new self(self::PRINT, 0, $of, null);
        }
        $minutes = static fn (Rule $rule): string => '+'.(int) round($rules->value($rule)).' minutes';
        $coated = $batch->print()->coatedAt();

        return new self(
            $batch->print()->coats() < $of ? self::COAT : self::READY,
            $batch->print()->coats(),
            $of,
            null === $coated
                ? $printed->modify($minutes(Rule::PrintDries))
                : $coated->modify($minutes(Rule::CoatDries)),
        );
    }

    /** What is in the way of the next coat, or of the cut; nothing where nothing is. */
    public function waits(\DateTimeImmutable $now): ?string
    {
        return null !== $this->dryAt && $this->dryAt > $now
            ? (0 === $this->coats ? 'The print' : 'The clear coat').
                " dries until {$this->dryAt->format('H:i')}."
            : null;
    }

    /** What is in the way of the cut; nothing where nothing is. */
    public function holdsUp(\DateTimeImmutable $now): ?string
    {
        return match ($this->next) {
            self::PRINT => 'Print it first: the cut goes round what is printed.',
            self::COAT => \sprintf(
                '%d of %d clear coats are on it. They come before the cut.',
                $this->coats,
                $this->of,
            ),
            default => $this->waits($now),
        };
    }
}
