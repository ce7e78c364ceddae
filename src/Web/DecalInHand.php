<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Designs\DesignReader;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\Drawable;
use Yelbo\Shop\Designs\TypedDesign;
use Yelbo\Shop\Input\FieldMap;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Refused;
use Yelbo\Web\Request\DocketRequest;

/** What is being drawn at Size, as it is typed and not yet kept. */
final readonly class DecalInHand
{
    public function __construct(private Dockets $dockets, private DesignReader $reader, private BroughtArts $arts)
    {
    }

    /**
     * @return array{Item, Drawable, Draft} a thing of an order that has been measured, its decal, and all that was
     *     typed
     *
     * @throws Refusals a sentence a field
     * @throws NotFound
     */
    public function of(DocketRequest $on, TypedDesign $typed): array
    {
        $draft = $this->reader->read($typed);
        $item = $this->dockets->measuredItem($on->docket, $on->item);
        $this->arts->refuseForeign($draft, $on->docket);

        return [
            $item,
            new Drawable(
                $item->object(),
                $draft->lines,
                $draft->design,
                $draft->film ?? $item->ownFilm(),
                $item->useOf(),
            ),
            $draft,
        ];
    }

    /**
     * What the core refuses is said at the field it belongs to.
     *
     * @template T
     *
     * @param \Closure(): T $draw
     *
     * @return T
     *
     * @throws Refusals
     */
    public static function atItsField(\Closure $draw): mixed
    {
        try {
            return $draw();
        } catch (Refused $refused) {
            throw FieldMap::Design->refusals($refused);
        }
    }
}
