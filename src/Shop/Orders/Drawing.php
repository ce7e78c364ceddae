<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Art\Arts;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\FittedSet;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Lettering\Letterer;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Lettering\SetFitting;
use Yelbo\Trade\Lettering\Words;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** Sets an order's words on its object by the shop's rules. */
final readonly class Drawing
{
    private Rules $rules;

    public function __construct(private Letterer $letterer, private Faces $faces, ShopRules $rules, private Memory $memory, private Arts $arts)
    {
        $this->rules = $rules->current();
    }

    /**
     * @param list<string> $words
     *
     * @throws Refused
     */
    public function of(Thing $thing, array $words, Design $design): Fitted
    {
        $key = hash('xxh128', serialize([$thing, $words, $design, $this->rules]));

        return $this->memory->recall("fitted.$key", fn (): Fitted => (new Fitting($this->letterer, $this->rules))
            ->fit($thing->kept($this->rules), $this->words($words, $design), $design->capHeight(), $design->offsets(), at: $design->at()));
    }

    /** Where sketches are tried. @throws Refused where the object leaves no room */
    public function sketchRoom(Surface $surface, Design $design): Room
    {
        return (new Fitting($this->letterer, $this->rules))->sketchRoom($surface, $design->offsets(), $design->mending()->thicken);
    }

    /**
     * Quickly, to look at: the largest letter height and the letters at it.
     *
     * @return array{int, Region}
     *
     * @throws Refused
     */
    public function sketch(Surface $surface, Room $room, Words $words): array
    {
        return (new Fitting($this->letterer, $this->rules))->sketch($surface, $room, $words);
    }

    /**
     * A roster at one letter height.
     *
     * @param list<list<string>> $roster the lines of each member
     *
     * @throws Refused at `/set/…`
     */
    public function set(Thing $thing, array $roster, Design $design): FittedSet
    {
        $members = $this->members($roster, $design);

        return (new SetFitting($this->letterer, $this->rules))->fit($thing->kept($this->rules), $members, $design->capHeight(), $design->offsets());
    }

    /**
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
                $members[] = $this->words($lines, $design);
            } catch (Refused $refused) {
                throw $refused->under("/set/$nth");
            }
        }

        return [] === $members ? throw new Refused('no-words', 'The roster is empty. Write one name on each line.', '/set') : $members;
    }

    /** @param list<string> $words */
    public function words(array $words, Design $design): Words
    {
        $face = $this->faces->named($design->face());
        $art = $design->art();

        return null === $art ? Words::set($face, $words, $design->setting(\count($words)))
            : Words::brought($face, $this->arts->drawing($art['id'])->inFilms($design->artFilms()), $design->setting(1));
    }
}
