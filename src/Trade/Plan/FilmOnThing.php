<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rules;

/** One film of a thing: how it is put on, or over which it is laid first. */
final readonly class FilmOnThing
{
    /**
     * @param string $name  what its steps are told apart by: empty for the first of the thing
     * @param string $above what lies over it and lifts it too, as it is called; empty where nothing does
     * @param string $with  the name of what it is lifted with: its own where it lies on top
     */
    public function __construct(
        public string $name,
        public Decal $decal,
        public string $above = '',
        public string $with = '',
    ) {
    }

    /** Whether it waits on its liner for a film over it. */
    public function isUnderneath(): bool
    {
        return '' !== $this->above;
    }

    /** @return list<Step> its own, in order; of what lies underneath only what is done until the film over it comes */
    public function steps(Rules $rules): array
    {
        return $this->isUnderneath()
            ? Precedence::ordered([
                ...(new CutFilm())->steps($this->decal),
                (new Layered($rules))->underneath($this->decal, $this->above),
            ])
            : WorkPlan::steps($this->decal, $rules);
    }

    /** This film put on here, or by the customer. */
    public function appliedBy(bool $here): self
    {
        return new self($this->name, $this->decal->appliedBy($here), $this->above, $this->with);
    }
}
