<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;
use Yelbo\Shop\Objects\ObjectAnswers;

/** One of the shop's own objects: its name and measures are the answers about an object. */
final readonly class ObjectRequest
{
    /**
     * @param ObjectAnswers $answers what was answered, as typed
     * @param int $version as it was read; 0 where it is new
     */
    public function __construct(
        public ObjectAnswers $answers,
        public int $version = 0,
        /** A photo traced before, by its name; empty leaves the picture as it is. */
        #[Assert\Length(max: 64)]
        public string $picture = '',
    ) {
    }
}
