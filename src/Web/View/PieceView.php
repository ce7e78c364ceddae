<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Pieces\Piece;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Lettering\Spelling;
use Yelbo\Trade\Rules;

/** One physical decal. */
final readonly class PieceView
{
    /**
     * @param list<MoveView> $moves
     * @param list<string>   $minded   stops that were let pass, with who and why; at Weed what the colour hides
     * @param list<string>   $spelling how the words drawn differ from what was asked for
     */
    public function __construct(
        public int $id,
        public string $tag,
        public int $docket,
        public int $version,
        public string $label,
        public string $customer,
        public string $object,
        public string $state,
        public ?string $station,
        public ?FilmView $film,
        public SizeView $size,
        public bool $late,
        public ?string $neededAt,
        public bool $appliedHere,
        public int $recuts,
        public ?string $spoiledBecause,
        public ?int $batch,
        public ?string $restsUntil,
        public ?string $tracking,
        public string $since,
        public array $moves,
        public bool $mirrored,
        public array $minded,
        public array $spelling,
    ) {
    }

    public static function of(Piece $piece, bool $late): self
    {
        $docket = $piece->docket();

        return new self(
            $piece->id(), $piece->tag(), $docket->number(), $piece->version(), $piece->label(), $docket->customer()?->name() ?? '', $docket->thing()->name(),
            $piece->state()->value, $piece->state()->station()?->value, FilmView::of($piece->film()), SizeView::of($piece->size()),
            $late, $docket->neededAt()?->format(\DATE_ATOM), $docket->isAppliedHere(), $piece->recuts(), $piece->spoiledBecause(), $piece->batch()?->id(),
            $piece->restsUntil()?->format(\DATE_ATOM), $piece->tracking(), $piece->since()->format(\DATE_ATOM),
            array_map(static fn (PieceMove $move): MoveView => new MoveView($move->value, $move->says()), Journey::pieceMoves($piece->state())),
            $piece->isMirrored(),
            self::minded($piece),
            self::spelling($piece),
        );
    }

    /** @return list<string> */
    private static function spelling(Piece $piece): array
    {
        $asked = $piece->docket()->asked();
        $lines = $piece->proof()->linesOf($piece->member());
        if ([] === $asked || '' !== $piece->proof()->frozen()->drawing) {
            return [];
        }
        if ([] === $piece->docket()->roster()) {
            return array_column(Spelling::differences($asked, $lines), 'says');
        }
        $others = array_values(array_diff($lines, $asked));

        return [] === $others ? [] : ['“'.implode(' ', $others).'” is not on the list as the customer gave it.'];
    }

    /** @return list<string> */
    private static function minded(Piece $piece): array
    {
        $film = $piece->film();
        $colour = PieceState::Weeding === $piece->state() ? (new FilmInHand(Rules::standard()))->colour($film->grade(), $film->swatch(), $film->liner(), $film->hasDirection()) : [];

        return [
            ...$piece->docket()->overrulings()->said(),
            ...array_map(static fn (Snag $snag): string => $snag->message, $colour),
        ];
    }
}
