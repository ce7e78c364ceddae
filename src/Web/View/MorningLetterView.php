<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\ProofLink;

/** A letter that did not reach the post. */
final readonly class MorningLetterView
{
    /**
     * @param int $number the number of the docket
     * @param string $tag as it is shown
     * @param int $link whose letter it is, by its number in the records
     * @param string $to the address it goes to
     * @param LetterRunView $letter what became of it
     */
    public function __construct(
        public int $number,
        public string $tag,
        public int $link,
        public string $to,
        public LetterRunView $letter,
    ) {
    }

    public static function from(ProofLink $link, \DateTimeImmutable $now): self
    {
        $docket = $link->proof()->docket();

        return new self(
            $docket->number(),
            $docket->tag(),
            $link->id(),
            $link->sentTo(),
            LetterRunView::from($link->letter(), $now) ?? throw new \LogicException('No letter was written.'),
        );
    }
}
