<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

/** Ways of telling minutes that are about as good as each other: they tell together, each as much. */
final readonly class Blend
{
    /** @param non-empty-list<Model> $models */
    public function __construct(private array $models)
    {
    }

    /** What is told of an entry, minutes. */
    public function minutes(Entry $of): float
    {
        return self::middle(array_map(static fn (Model $model): float => $model->minutes($of), $this->models));
    }

    /**
     * The geometric mean: it is off by the same share of a short time as of a long one.
     *
     * @param non-empty-list<float> $minutes above nothing
     */
    public static function middle(array $minutes): float
    {
        return exp(array_sum(array_map(log(...), $minutes)) / \count($minutes));
    }
}
