<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** A list of names as it came: the bytes of a file in base 64, or pasted text. */
final readonly class RosterRequest
{
    /**
     * @param string $base64 the file, base64
     * @param string $text the names as pasted
     * @param string|null $separator what stands between the columns
     * @param bool|null $header whether the first line names the columns
     */
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
