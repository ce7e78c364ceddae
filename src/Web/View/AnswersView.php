<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\CounterReply;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Week\Promised;

/** What can be said to the answers so far. */
final readonly class AnswersView
{
    /**
     * @param list<FieldView>      $wrong   a sentence for each field that has to be looked at again
     * @param FitView|null         $fit     the words on the object; none where they cannot be drawn yet
     * @param CheckView|null       $check   what speaks against that
     * @param string|null          $warning what speaks against the film in this use
     * @param PromisedView|null    $promised when it can be ready, told from the queue; none where it is never open
     * @param QuoteView|null       $quote   what it costs; none where its film or its size is not known yet
     * @param string|null          $life    for how long the film is good
     * @param list<FilmAdviceView> $advice  films for this surface and use, the best first
     * @param EnoughView|null      $enough  whether there is enough on the shelf
     * @param int                  $names   how many names the roster holds
     * @param list<ListNoteView>   $rows    what is to be said of its rows
     * @param string               $motif   what is drawn where there are no words; empty where there are
     */
    public function __construct(
        public array $wrong,
        public ?FitView $fit,
        public ?CheckView $check,
        public ?string $warning,
        public ?PromisedView $promised,
        public ?QuoteView $quote,
        public ?string $life,
        public array $advice,
        public ?EnoughView $enough,
        public int $names,
        public array $rows,
        public string $motif,
    ) {
    }

    public static function from(CounterReply $reply, ?Promised $promised, ?QuoteView $quote): self
    {
        return new self(
            array_map(
                static fn (string $field, string $says): FieldView => new FieldView($field, $says),
                array_keys($reply->wrong),
                $reply->wrong,
            ),
            null === $reply->drawn ? null : FitView::from($reply->drawn),
            null === $reply->drawn ? null : CheckView::from($reply->snags, null, $reply->doubts, $reply->weeding),
            $reply->warning,
            null === $promised ? null : PromisedView::from($promised),
            $quote,
            $reply->life,
            array_map(
                static fn (array $one): FilmAdviceView => new FilmAdviceView(
                    $one[0]->film->label(),
                    $one[0]->verdict,
                    $one[0]->reason,
                    array_map(static fn (FilmOnShelf $film): FilmView => FilmView::from($film), $one[1]),
                ),
                $reply->advice,
            ),
            null === $reply->enough ? null : EnoughView::from($reply->enough),
            $reply->names,
            array_map(ListNoteView::from(...), $reply->rows),
            $reply->drawn?->design->motif()?->called() ?? '',
        );
    }
}
