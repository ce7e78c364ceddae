<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** A list of names as it came: the bytes of a file in base 64, or pasted text. */
final readonly class RosterRequest
{
    public function __construct(
        #[Assert\Length(max: 1_400_000, maxMessage: 'More than 1 MB is no roster. Send the names alone.')]
        public string $base64 = '',
        #[Assert\Length(max: 1_000_000, maxMessage: 'More than 1 MB is no roster. Send the names alone.')]
        public string $text = '',
        public ?string $separator = null,
        public ?bool $header = null,
    ) {
    }
}
