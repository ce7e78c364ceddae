<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Symfony\Component\Validator\Constraints as Assert;

/** What is done with what a cut left. */
final readonly class RemnantRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $how square, odd or scrap: what becomes of it
     */
    public function __construct(
        public int $version,
        #[Assert\Choice(choices: ['square', 'odd', 'scrap'], message: 'Shelve it square, odd, or throw it away.')]
        public string $how,
    ) {
    }
}
