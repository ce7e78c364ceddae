<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;

/**
 * The answers of one item, kept once: as they stand, and what they were before. What is changed at Size changes them,
 * so that nobody has to put two copies together; what the customer asked for is what they were before that.
 *
 * @phpstan-type Before array{at: string, was: array<string, mixed>}
 */
#[ORM\Embeddable]
class KeptAnswers
{
    private const ASK = 'ask';
    private const SIZE = 'size';

    /** @var list<Before>|null the latest last: where they were changed, and what was different before */
    #[ORM\Column(name: 'answers_before', type: 'json', nullable: true)]
    private ?array $before = null;

    /** @param array<string, mixed> $now as `Answers::ofItem()` */
    public function __construct(#[ORM\Column(name: 'answers', type: 'json')] private array $now)
    {
    }

    /** @return array<string, mixed> */
    public function now(): array
    {
        return $this->now;
    }

    /** @return array<string, mixed> what the customer asked for last: without what was changed at Size since */
    public function asked(): array
    {
        $last = array_reverse($this->before ?? [])[0] ?? null;

        return null !== $last && self::SIZE === $last['at'] ? $last['was'] + $this->now : $this->now;
    }

    /** @return list<array<string, mixed>> what they were, the first as they were taken and the latest as they stand */
    public function history(): array
    {
        $all = [$this->now];
        foreach (array_reverse($this->before ?? []) as $before) {
            array_unshift($all, $before['was'] + $all[0]);
        }

        return $all;
    }

    /**
     * As long as the order is only asked for: nothing was agreed yet.
     *
     * @param array<string, mixed> $now
     */
    public function typed(array $now): void
    {
        [$this->now, $this->before] = [$now, null];
    }

    /**
     * The customer asks for something else.
     *
     * @param array<string, mixed> $now
     */
    public function askedAnew(array $now): void
    {
        $this->change(self::ASK, $now);
    }

    /**
     * Something else is drawn than was asked for.
     *
     * @param array<string, mixed> $different what of them is, and what it is now
     */
    public function drawnAnew(array $different): void
    {
        $this->change(self::SIZE, $different + $this->now);
    }

    /** @param array<string, mixed> $now */
    private function change(string $at, array $now): void
    {
        // What is not asked any more, of another surface, was answered all the same.
        $isOther = static fn (mixed $value, string $field): bool => $value !== ($now[$field] ?? null);
        $was = array_filter($this->now, $isOther, \ARRAY_FILTER_USE_BOTH);
        $this->now = $now;
        if ([] === $was) {
            return;
        }
        $before = $this->before ?? [];
        $last = end($before);
        if (self::SIZE === $at && false !== $last && self::SIZE === $last['at']) {
            // Drawn again and again it is one change of what was asked.
            array_pop($before);
            $was = array_filter($last['was'] + $was, $isOther, \ARRAY_FILTER_USE_BOTH);
        }
        $this->before = [] === $was ? $before : [...$before, ['at' => $at, 'was' => $was]];
        $this->before = $this->before ?: null;
    }
}
