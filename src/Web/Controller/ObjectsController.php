<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Objects\KnownObject;
use Yelbo\Shop\Objects\Objects;
use Yelbo\Shop\Objects\Photos;
use Yelbo\Shop\Orders\ThingReader;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Object\KeepOut;
use Yelbo\Trade\Object\Kind;
use Yelbo\Web\Ask\ObjectAsk;
use Yelbo\Web\Ask\RosterAsk;
use Yelbo\Web\Ask\TraceAsk;
use Yelbo\Web\Ask\VersionAsk;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\KeepOutView;
use Yelbo\Web\View\KindsView;
use Yelbo\Web\View\KindView;
use Yelbo\Web\View\KnownObjectsView;
use Yelbo\Web\View\KnownObjectView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\MaterialView;
use Yelbo\Web\View\MeasureView;
use Yelbo\Web\View\RosterView;
use Yelbo\Web\View\RowView;
use Yelbo\Web\View\TraceView;

/** What objects can be, the shop's own, outlines out of photos, and lists of names. */
final readonly class ObjectsController
{
    public function __construct(private Objects $objects, private Photos $photos, private ThingReader $things, private ShopRules $rules)
    {
    }

    #[Route('/api/kinds', name: 'kinds', methods: ['GET'])]
    public function kinds(): KindsView
    {
        $rules = $this->rules->current();

        return new KindsView(
            array_map(static fn (Kind $kind): KindView => new KindView($kind->value, $kind->says(), array_map(static fn (array $length): MeasureView => new MeasureView(...$length), $kind->lengths())), Kind::cases()),
            array_map(static fn (KeepOut $what): KeepOutView => new KeepOutView($what->value, $what->says(), $what->measures(), LengthView::micrometres($what->margin($rules))), KeepOut::cases()),
            array_map(static fn (Material $material): MaterialView => new MaterialView($material->value, $material->says(), $material->hasInside()), Material::cases()),
        );
    }

    #[Route('/api/objects', name: 'objects', methods: ['GET'])]
    public function all(#[MapQueryParameter] string $find = ''): KnownObjectsView
    {
        return new KnownObjectsView(array_map(fn (KnownObject $object): KnownObjectView => KnownObjectView::of($object, $this->things), $this->objects->found(mb_substr($find, 0, 80))));
    }

    #[Route('/api/objects', name: 'object-add', methods: ['POST'])]
    public function add(#[MapRequestPayload] ObjectAsk $ask): KnownObjectView
    {
        return KnownObjectView::of($this->objects->add($ask->answers, $this->photos->picture($ask->picture)), $this->things);
    }

    #[Route('/api/objects/{id}', name: 'object-change', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function change(int $id, #[MapRequestPayload] ObjectAsk $ask): KnownObjectView
    {
        return KnownObjectView::of($this->objects->change($this->objects->object($id), $ask->version, $ask->answers, $this->photos->picture($ask->picture)), $this->things);
    }

    #[Route('/api/objects/{id}/drop', name: 'object-drop', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function drop(int $id, #[MapRequestPayload] VersionAsk $ask): DoneView
    {
        $this->objects->drop($this->objects->object($id), $ask->version);

        return new DoneView(true);
    }

    #[Route('/api/objects/{id}/picture', name: 'object-picture', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function picture(int $id): Response
    {
        $picture = $this->objects->object($id)->picture() ?? throw new NotFound('There is no picture of this object.');

        return new Response($picture, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=60']);
    }

    /** The photo is the body itself; its kind is found out from its content. A picture alone is not traced. */
    #[Route('/api/photos', name: 'photo', methods: ['POST'])]
    public function photo(Request $request, #[MapQueryParameter] bool $picture = false): TraceView
    {
        return TraceView::of($this->photos->take($request->getContent(), !$picture));
    }

    #[Route('/api/photos/{name}', name: 'photo-trace', requirements: ['name' => '[0-9a-f]{32}'], methods: ['POST'])]
    public function trace(string $name, #[MapRequestPayload] TraceAsk $ask): TraceView
    {
        return TraceView::of($this->photos->trace($name, $ask->threshold));
    }

    #[Route('/api/photos/{name}', name: 'photo-seen', requirements: ['name' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function seen(string $name): Response
    {
        return new Response($this->photos->jpeg($name), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=600']);
    }

    #[Route('/api/roster', name: 'roster', methods: ['POST'])]
    public function roster(#[MapRequestPayload] RosterAsk $ask): RosterView
    {
        $roster = Roster::read('' !== $ask->base64 ? (string) base64_decode($ask->base64, true) : $ask->text, $ask->separator, $ask->header);

        return new RosterView($roster->encoding, $roster->separator, $roster->hasHeader, $roster->columns, array_map(static fn (array $row): RowView => new RowView($row), $roster->rows), $roster->likely());
    }
}
