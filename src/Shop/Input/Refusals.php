<?php

declare(strict_types=1);

namespace Yelbo\Shop\Input;

/** What somebody typed cannot be taken as it is: one sentence a field. */
final class Refusals extends \DomainException
{
    /** @param non-empty-array<string, string> $fields sentence by field */
    public function __construct(public readonly array $fields)
    {
        parent::__construct(1 === \count($fields) ? reset($fields) : 'Some answers need another look.');
    }

    /** These refusals at the fields of a part of a form: `others.0.` */
    public function under(string $part): self
    {
        $fields = [];
        foreach ($this->fields as $field => $sentence) {
            $fields[$part.$field] = $sentence;
        }

        return new self($fields);
    }

    /** One refusal at one field. */
    public static function at(string $field, string $sentence): self
    {
        return new self([$field => $sentence]);
    }
}
