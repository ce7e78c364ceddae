<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Lettering\Artwork;
use Yelbo\Trade\Lettering\FittedSet;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\SetFrame;
use Yelbo\Trade\Lettering\SetMember;
use Yelbo\Trade\Lettering\Typesetter;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Object\SurfaceLessKeepOuts;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Refused;

/** Sets the names of a list on an object by the shop's rules. */
final readonly class RosterFitter
{
    /** Members of a set that are fitted exactly while it is typed, where each has a height of its own. */
    private const MOST_EXACT = 60;

    public function __construct(
        private DesignFitter $fitter,
        private DesignWords $words,
        private Typesetter $typesetter,
        private ShopRules $rules,
        private StillWanted $wanted,
    ) {
    }

    /**
     * A roster at one letter height.
     *
     * @param list<list<string>> $roster the lines of each member
     *
     * @throws Refused at `/set/…`
     * @throws GivenUp where nobody waits for it any more
     */
    public function fitSet(MeasuredObject $object, array $roster, Design $design): FittedSet
    {
        $members = $this->members($roster, $design);

        return $this->sets()->fit(
            $this->fitter->room($object, $members[0]),
            $members,
            $design->setSize(),
            $design->offsets(),
            // Each is set twice: by itself, and as high as the others.
            after: fn (int $done, int $of) => $this->wanted->orStopAt('names set', intdiv($done, 2), intdiv($of, 2)),
        );
    }

    /**
     * A set to look at while it is typed: quickly where that can be, else the whole way.
     *
     * @param list<list<string>> $roster
     *
     * @return array{list<int>, list<int>, list<array{Artwork, array{int, int}, bool}>} letter heights, heights alone
     *     (µm), and each decal with its place and whether it fits
     *
     * @throws Refused at `/set/…`
     */
    public function sketchSet(MeasuredObject $object, array $roster, Design $design): array
    {
        $members = $this->members($roster, $design);
        $surface = $this->fitter->room($object, $members[0]);
        $base = $surface instanceof SurfaceLessKeepOuts ? $surface->surface : $surface;
        $size = $design->setSize();
        $isQuick = [] === $design->layers() && !($base instanceof Taper);
        // Heights of their own are told one by one: they are exact as long as that is quick.
        if ($isQuick && (!$size->each || \count($roster) > self::MOST_EXACT)) {
            return $this->sets()->sketch($surface, $members, $size);
        }
        $set = $this->fitSet($object, $roster, $design);

        return [
            array_map(static fn (SetMember $member): int => $member->fitted->capHeight, $set->members),
            array_map(static fn (SetMember $member): int => $member->alone, $set->members),
            array_map(
                static fn (SetMember $member): array => [
                    $member->fitted->artwork,
                    $member->fitted->at,
                    $member->fitted->inside,
                ],
                $set->members,
            ),
        ];
    }

    /**
     * The members of a set, those with a line in common lined up.
     *
     * @param list<list<string>> $roster
     *
     * @return non-empty-list<Words>
     *
     * @throws Refused at `/set/…`
     */
    public function members(array $roster, Design $design): array
    {
        $members = [];
        foreach ($roster as $nth => $lines) {
            try {
                $members[] = $this->words->of($lines, $design);
            } catch (Refused $refused) {
                throw $refused->under("/set/$nth");
            }
        }

        return (new SetFrame($this->typesetter))->linedUp($members) ?:
            throw new Refused('no-words', 'The roster is empty. Write one name on each line.', '/set');
    }

    private function sets(): SetFitting
    {
        return new SetFitting($this->typesetter, $this->rules->current(), DesignFitter::STEP);
    }
}
