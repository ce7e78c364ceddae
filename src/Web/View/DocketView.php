<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Trade\Journey\Journey;

/** An order, whole. */
final readonly class DocketView
{
    /**
     * @param list<string>       $words
     * @param list<list<string>> $roster   the lines of each decal of a set; none where all are alike
     * @param list<PieceView>   $pieces
     * @param list<ProofView>   $proofs
     * @param list<LogLineView> $log
     * @param list<MoveView>    $moves
     * @param list<string>      $cautions
     * @param int|null          $price    minor units
     */
    public function __construct(
        public int $number,
        public string $tag,
        public int $version,
        public string $state,
        public ?string $station,
        public string $label,
        public string $customer,
        public string $contact,
        public array $words,
        public array $roster,
        public ?ObjectView $object,
        public string $useOf,
        public ?FilmView $film,
        public int $quantity,
        public ?string $neededAt,
        public ?string $onBy,
        public bool $late,
        public bool $appliedHere,
        public string $note,
        public Answers $answers,
        public DesignView $design,
        public array $pieces,
        public array $proofs,
        public array $log,
        public array $moves,
        public array $cautions,
        public ?int $price,
    ) {
    }

    /**
     * @param list<PieceView>   $pieces
     * @param list<ProofView>   $proofs
     * @param list<LogLineView> $log
     * @param list<string>      $cautions
     */
    public static function from(Docket $docket, bool $late, ?\DateTimeImmutable $onBy, array $pieces, array $proofs, array $log, array $cautions): self
    {
        $typed = Answers::fromKept($docket->answers());
        $film = $docket->film();

        return new self(
            $docket->number(), $docket->tag(), $docket->version(), $docket->state()->value, $docket->station()?->value, $docket->label(),
            $docket->customer()?->name() ?? $typed->customer, $docket->customer()?->contact() ?? $typed->contact, $docket->words(), $docket->roster(),
            $docket->isMeasured() ? ObjectView::from($docket->object()) : null, $docket->useOf()->value, null === $film ? null : FilmView::from($film), $docket->quantity(),
            $docket->neededAt()?->format(\DATE_ATOM), $onBy?->format(\DATE_ATOM), $late, $docket->isAppliedHere(), $docket->note(), $typed, DesignView::from($docket->design()),
            $pieces, $proofs, $log, array_map(MoveView::ofDocket(...), Journey::docketMoves($docket->state())), $cautions, $docket->price(),
        );
    }
}
