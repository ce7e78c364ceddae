<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What can be said to the answers so far. */
final readonly class AnswersView
{
    /**
     * @param list<FieldView>      $wrong
     * @param list<FilmAdviceView> $advice
     */
    public function __construct(
        public array $wrong,
        public ?FitView $fit,
        public ?CheckView $check,
        public ?string $warning,
        public string $readyAt,
        public ?bool $inTime,
        public ?string $life,
        public array $advice,
    ) {
    }
}
