<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Bench\LevelLine;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rules;

/** All that decides how a decal is put on: what is known of it, its object and who does it. */
final readonly class Decal
{
    /**
     * @param Size          $art       the decal's box
     * @param Size          $object    the object's box, laid flat
     * @param Length        $left      from the object's left edge to the art
     * @param Length        $top       from its top edge to the art
     * @param Box           $cover     of the tape, in the art's own frame, µm
     * @param int           $hinge     of it that stands over the top, µm
     * @param list<string>  $under     tags of the layers it is joined with, the nearest first
     * @param list<CutPart> $parts     none where it was cut whole
     * @param bool          $inside    stuck inside glass and read from outside
     * @param Edge          $edge      what becomes of film that reaches over the object's edge
     * @param int           $corners   of the object, where it is cut in to be folded under; 0 where it is round
     * @param string        $cures     until when the paint under it cures, in words; empty where it is cured, or none
     * @param bool          $young     alcohol would harm that paint
     * @param list<string>  $care      what the care card says
     * @param list<string>  $beside    tags of what goes on before it and touches it nowhere, the largest first
     * @param int                      $count  of parts that stay, dots and accents among them; 0 where it is not known
     * @param list<int>                $gaps   between letters, where tape can be snipped: from the art's left, µm
     * @param int                      $strips of tape it takes, side by side
     * @param list<array{string, int, int}> $features parts of the object that can be reached, and from the middle of
     *     each to the middle of the art, right and down, µm
     * @param array{int, int}|null $along of a taper, along its wall: from the middle of its front to the middle of the
     *     art, and from its upper edge down to its top, µm
     * @param LevelLine|null $level    of a thing that stands on its base and can be turned: where the art's foot is
     * @param int                         $loose   parts that stay inside an opening of another and hang on nothing
     * @param list<array{int, int, int}>  $solid   where film is widest: the middle of the circle in it from the art's
     *     left
     *     and top, and its radius, µm
     * @param list<array{int, int, int}>  $onSeams which part from the left lies on a seam or a joint, of how many, and
     *     where the seam runs from the art's left, µm
     * @param int                         $films   that are on the thing in all, what lies underneath left out
     */
    public function __construct(
        public Film $film,
        public Usage $use,
        public ?Material $material,
        public Shape $shape,
        public Size $art,
        public Size $object,
        public Length $left,
        public Length $top,
        public TapeChoice $tape,
        public Box $cover,
        public int $hinge = 0,
        public bool $appliedHere = true,
        public Finish $finish = Finish::None,
        public array $under = [],
        public array $parts = [],
        public bool $inside = false,
        public Edge $edge = Edge::Within,
        public int $corners = 4,
        public string $cures = '',
        public bool $young = false,
        public array $care = [],
        public array $beside = [],
        public ?LevelLine $level = null,
        public int $count = 0,
        public array $gaps = [],
        public array $features = [],
        public int $strips = 1,
        public ?array $along = null,
        public int $loose = 0,
        public array $solid = [],
        public array $onSeams = [],
        public int $films = 1,
    ) {
    }

    /**
     * All films of one thing as one: the box round them, all their parts, and the film that waits longest.
     *
     * @param non-empty-list<self> $films in the order in which they are laid
     */
    public static function together(array $films, Rules $rules): self
    {
        $lead = $films[0];
        $box = $lead->there();
        $count = 0;
        foreach ($films as $film) {
            $waits = Waits::untilUsed($film->film, $film->finish, $rules);
            $lead = $waits > Waits::untilUsed($lead->film, $lead->finish, $rules) ? $film : $lead;
            $box = $box->around($film->there());
            $count += $film->count;
        }

        return 1 === \count($films)
            ? $lead
            : new self(...[
                'art' => new Size(Length::micrometres($box->width()), Length::micrometres($box->height())),
                'left' => Length::micrometres($box->left),
                'top' => Length::micrometres($box->top),
                'count' => $count,
                'films' => \count($films),
            ] + get_object_vars($lead));
    }

    /** Its box on the object, µm. */
    public function there(): Box
    {
        return (new Box(0, 0, $this->art->width->micrometres, $this->art->height->micrometres))
            ->moved($this->left->micrometres, $this->top->micrometres);
    }

    /** By how much it reaches over each edge of its object. */
    public function overhang(): Overhang
    {
        return Overhang::of($this->there(), $this->object->width->micrometres, $this->object->height->micrometres);
    }

    /** From which edge it is measured, seen from where one stands to put it on. */
    public function side(): string
    {
        return $this->inside ? 'right' : 'left';
    }

    /** The longer side, µm. */
    public function longer(): int
    {
        return max($this->art->width->micrometres, $this->art->height->micrometres);
    }

    /** This decal put on here, or by the customer. */
    public function appliedBy(bool $here): self
    {
        return new self(...['appliedHere' => $here] + get_object_vars($this));
    }

    /** Is it put on where the thing is, a vehicle or a wall? Then it is handed over at once, and rests there. */
    public function isElsewhere(): bool
    {
        return Waits::isElsewhere($this->use, $this->material);
    }

    /** Does paint, wood or cloth ask for fingers and a light hand? */
    public function isTender(): bool
    {
        return \in_array(
            $this->material,
            [Material::Painted, Material::Wall, Material::Raw],
            true,
        );
    }
}
