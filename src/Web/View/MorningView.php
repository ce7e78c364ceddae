<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Proofs\ChangeRequest;
use Yelbo\Shop\Proofs\ProofLink;
use Yelbo\Shop\Week\MorningList;

/** What somebody has to know before the day begins. */
final readonly class MorningView
{
    /**
     * @param bool $planned whether there is a plan already
     * @param list<MorningStepView> $first what is done first, and why
     * @param list<WeekOrderView> $late what comes late by the plan
     * @param list<MorningOrderView> $handOver what is ready to go out
     * @param list<MorningAskedView> $asked what customers asked and nobody answered yet
     * @param list<MorningLetterView> $letters letters that did not go out
     * @param list<string> $notices what the owner should hear of before it stops anything
     * @param list<MorningLowView> $low what is low on the shelf
     */
    public function __construct(
        public bool $planned,
        public array $first,
        public array $late,
        public array $handOver,
        public array $asked,
        public array $letters,
        public array $low,
        public array $notices,
    ) {
    }

    /** @param list<string> $notices */
    public static function from(MorningList $list, array $notices, \DateTimeImmutable $now): self
    {
        return new self(
            $list->planned,
            array_map(
                static fn (array $one): MorningStepView => new MorningStepView(
                    WeekEntryView::from($one['entry']),
                    WeekOrderView::from($one['order'], false),
                    $one['why'],
                ),
                $list->first,
            ),
            array_map(static fn (array $order): WeekOrderView => WeekOrderView::from($order, false), $list->late),
            array_map(static fn (array $one): MorningOrderView => new MorningOrderView(...$one), $list->handOver),
            array_map(
                static fn (ChangeRequest $one): MorningAskedView => new MorningAskedView(
                    $one->proof()->docket()->number(),
                    $one->proof()->docket()->tag(),
                    $one->by(),
                    $one->note(),
                    $one->at()->format(\DATE_ATOM),
                ),
                $list->asked,
            ),
            array_map(
                static fn (ProofLink $link): MorningLetterView => MorningLetterView::from($link, $now),
                $list->letters,
            ),
            array_map(static fn (array $one): MorningLowView => new MorningLowView(...$one), $list->low),
            $notices,
        );
    }
}
