<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\Station;

/** An order, whole. */
final readonly class DocketView
{
    /**
     * @param list<PieceView>   $pieces the pieces it is about; not all where there are very many
     * @param list<ThingView>    $things what is in hand, each with its films; not all where there are very many
     * @param DueView|null       $due what is done next with what is being made
     * @param int                $manyPieces how many pieces there are
     * @param list<VersionView> $proofs the versions shown to the customer, oldest first
     * @param list<LogLineView> $log what happened, newest first
     * @param list<MoveView>    $moves what may be done with it now
     * @param list<string>      $cautions what to mind, sentences
     * @param int|null          $price    minor units
     * @param int $number the number of the docket
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param DocketState $state where it stands
     * @param Station|null $station the station it stands at; null off the line
     * @param string $label as it is shown
     * @param string $customer who ordered it
     * @param string $contact how the customer is reached
     * @param string|null $neededAt when it has to be ready for use, ISO 8601
     * @param string|null $onBy the latest moment to apply it, ISO 8601
     * @param bool $late whether the promised day is in danger
     * @param string $note what else was said
     * @param string $delivery how it comes to its customer: collected, round, posted
     * @param list<ItemView> $items the things it holds, the first one first
     */
    public function __construct(
        public int $number,
        public string $tag,
        public int $version,
        public DocketState $state,
        public ?Station $station,
        public string $label,
        public string $customer,
        public string $contact,
        public ?string $neededAt,
        public ?string $onBy,
        public bool $late,
        public string $note,
        public string $delivery,
        public array $items,
        public array $pieces,
        public array $things,
        public ?DueView $due,
        public int $manyPieces,
        public array $proofs,
        public array $log,
        public array $moves,
        public array $cautions,
        public ?int $price,
    ) {
    }

    /**
     * @param list<PieceView>   $pieces
     * @param list<ThingView>   $things
     * @param list<VersionView> $proofs
     * @param list<LogLineView> $log
     * @param list<string>      $cautions
     */
    public static function from(
        Docket $docket,
        bool $late,
        ?\DateTimeImmutable $onBy,
        array $pieces,
        array $things,
        ?DueView $due,
        int $manyPieces,
        array $proofs,
        array $log,
        array $cautions,
    ): self {
        $typed = Answers::fromKept($docket->answers());

        return new self(
            $docket->number(),
            $docket->tag(),
            $docket->version(),
            $docket->state(),
            $docket->station(),
            $docket->label(),
            $docket->customer()?->name() ?? $typed->customer,
            '' === $typed->contact ? $docket->customer()?->contact() ?? '' : $typed->contact,
            $docket->neededAt()?->format(\DATE_ATOM),
            $onBy?->format(\DATE_ATOM),
            $late,
            $docket->note(),
            $docket->delivery()->value,
            array_map(ItemView::from(...), $docket->items()),
            $pieces,
            $things,
            $due,
            $manyPieces,
            $proofs,
            $log,
            array_map(MoveView::ofDocket(...), Journey::docketMoves($docket->state())),
            $cautions,
            $docket->price(),
        );
    }
}
