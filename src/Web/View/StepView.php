<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A step with this decal's own figures. */
final readonly class StepView
{
    /**
     * @param int $nth which step, from 0
     * @param string $title the step in a few words
     * @param string $how how it is done, in a sentence
     * @param string|null $caution what to mind, in a sentence
     * @param bool $done whether it is done
     */
    public function __construct(
        public int $nth,
        public string $title,
        public string $how,
        public ?string $caution,
        public bool $done,
    ) {
    }
}
