<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

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
     * @param Size         $art  the decal's box
     * @param Length       $left from the object's left edge to the art
     * @param Length       $top  from its top edge to the art
     * @param list<string> $care what the care card says
     */
    public function __construct(
        public Film $film,
        public Usage $use,
        public Substrate $on,
        public Size $art,
        public Length $left,
        public Length $top,
        public TapePiece $tape,
        public FilmDetail $detail = new FilmDetail(),
        public OtherFilms $others = new OtherFilms(),
        public bool $appliedHere = true,
        public Finish $finish = Finish::None,
        public array $care = [],
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
            $count += $film->detail->count;
        }

        return 1 === \count($films)
            ? $lead
            : new self(...[
                'art' => new Size(Length::micrometres($box->width()), Length::micrometres($box->height())),
                'left' => Length::micrometres($box->left),
                'top' => Length::micrometres($box->top),
                'detail' => new FilmDetail(...['count' => $count] + get_object_vars($lead->detail)),
                'others' => new OtherFilms($lead->others->under, $lead->others->beside, \count($films)),
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
        return Overhang::of($this->there(), $this->on->size->width->micrometres, $this->on->size->height->micrometres);
    }

    /** From which edge it is measured, seen from where one stands to put it on. */
    public function side(): string
    {
        return $this->on->inside ? 'right' : 'left';
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
        return Waits::isElsewhere($this->use, $this->on->material);
    }

    /** Does paint, wood or cloth ask for fingers and a light hand? */
    public function isTender(): bool
    {
        return \in_array(
            $this->on->material,
            [Material::Painted, Material::Wall, Material::Raw],
            true,
        );
    }
}
