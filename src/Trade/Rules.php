<?php

declare(strict_types=1);

namespace Yelbo\Trade;

/** The shop's figures: the standard ones, with those it has changed. */
final readonly class Rules
{
    /** @param array<string, float> $changed by the rule's value */
    private function __construct(private array $changed)
    {
    }

    /** As the handbook has them. */
    public static function standard(): self
    {
        return new self([]);
    }

    /**
     * These figures with one of them changed.
     *
     * @param float $value in the rule’s own unit
     *
     * @throws Refused for a value outside what makes sense
     */
    public function with(Rule $rule, float $value): self
    {
        $rule->check($value);

        return new self([...$this->changed, $rule->value => $value]);
    }

    /** In the rule's own unit. */
    public function value(Rule $rule): float
    {
        return $this->changed[$rule->value] ?? $rule->standard();
    }

    /** A rule in millimetres, as µm. */
    public function micrometres(Rule $rule): int
    {
        if ('mm' !== $rule->unit()) {
            throw new \LogicException("{$rule->value} is not a length.");
        }

        return (int) round(1000 * $this->value($rule));
    }

    /** A rule in per cent, as a share: 0.04 for 4 %. */
    public function share(Rule $rule): float
    {
        if ('%' !== $rule->unit()) {
            throw new \LogicException("{$rule->value} is no share.");
        }

        return $this->value($rule) / 100;
    }
}
