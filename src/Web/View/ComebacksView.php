<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Learn\Comebacks;
use Yelbo\Trade\Learn\Proposal;
use Yelbo\Trade\Learn\Tally;

/** What came back to be cut again, and the limits that this contradicts. */
final readonly class ComebacksView
{
    /**
     * @param list<TallyView> $films by film
     * @param list<TallyView> $parts by film and smallest part
     * @param list<TallyView> $faces by face
     * @param list<LimitProposalView> $proposals limits the log says otherwise, to be taken or left
     */
    public function __construct(public array $films, public array $parts, public array $faces, public array $proposals)
    {
    }

    public static function from(Comebacks $learned): self
    {
        $told = static fn (Tally $tally): TallyView => new TallyView(
            $tally->of,
            $tally->cases,
            $tally->back,
            $tally->least,
            $tally->most,
        );

        return new self(
            array_map($told, $learned->films),
            array_map($told, $learned->parts),
            array_map($told, $learned->faces),
            array_map(
                static fn (Proposal $one): LimitProposalView => new LimitProposalView(
                    $one->rule,
                    $one->rule->label(),
                    $one->rule->unit(),
                    $one->from,
                    $one->to,
                    $one->says,
                ),
                $learned->proposals,
            ),
        );
    }
}
