<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Refusals;

/** Gathers what is wrong with a set of answers, the first sentence for each field. */
final class Wrong
{
    /** @var array<string, string> */
    private array $fields = [];

    /** @return null so that a reader can hand it on as "no value" */
    public function at(string $field, string $sentence): null
    {
        $this->fields[$field] ??= $sentence;

        return null;
    }

    /** @throws Refusals where anything was noted */
    public function refuse(): void
    {
        if ([] !== $this->fields) {
            throw new Refusals($this->fields);
        }
    }
}
