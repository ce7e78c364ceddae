<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Input\TypedWords;

/** Answers that what is drawn is no longer of. */
final readonly class AnswersDrawn
{
    /** @param array<string, mixed> $typed answers as they are kept */
    public function __construct(private array $typed, private Item $item)
    {
    }

    /** @return array<string, string> answers that what is drawn is no longer of, and what they would be */
    public function drawn(): array
    {
        $typed = Answers::fromKept($this->typed);
        $now = [];
        if ([] !== $this->item->roster() && TypedWords::roster($typed->roster) !== $this->item->roster()) {
            $now['roster'] = implode(
                "\n",
                array_map(static fn (array $lines): string => implode(' | ', $lines), $this->item->roster()),
            );
        }
        if (
            [] === $this->item->roster()
            && [] !== $this->item->words()
            && TypedWords::lines($typed->words) !== $this->item->words()
        ) {
            $now['words'] = implode("\n", $this->item->words());
        }
        if ([] === $this->item->words() && [] === $this->item->roster() && $this->item->design()->isWithoutWords()) {
            $now = ['words' => '', 'motif' => ($this->item->design()->motif()->what ?? '') ?: DesignElement::DRAWING];
        }
        $film = $this->item->film();
        if (null !== $film && (int) $typed->film !== $film->id()) {
            $now['film'] = (string) $film->id();
        }

        return $now;
    }
}
