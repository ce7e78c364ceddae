<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Objects\KnownObject;
use Yelbo\Shop\Objects\ObjectLibrary;
use Yelbo\Shop\Objects\ObjectPhotos;
use Yelbo\Shop\Objects\ObjectReader;
use Yelbo\Shop\Objects\Photos;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Web\Address;
use Yelbo\Web\Request\LayPhotoRequest;
use Yelbo\Web\Request\ObjectRequest;
use Yelbo\Web\Request\RosterRequest;
use Yelbo\Web\Request\TraceRequest;
use Yelbo\Web\Request\VersionRequest;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\KnownObjectsView;
use Yelbo\Web\View\KnownObjectView;
use Yelbo\Web\View\LaidPhotoView;
use Yelbo\Web\View\RosterView;
use Yelbo\Web\View\RowView;
use Yelbo\Web\View\TraceView;

/** What objects can be, the shop's own, outlines out of photos, and lists of names. */
final readonly class ObjectsController
{
    public function __construct(
        private ObjectLibrary $objects,
        private Photos $photos,
        private ObjectPhotos $laid,
        private ObjectReader $reader,
    ) {
    }

    /** Lists the objects the shop has measured. */
    #[Route('/api/objects', name: 'objects', methods: ['GET'])]
    public function all(#[MapQueryParameter] string $find = ''): KnownObjectsView
    {
        return new KnownObjectsView(
            array_map(
                fn (KnownObject $known): KnownObjectView => KnownObjectView::from($known, $this->reader),
                $this->objects->found(mb_substr($find, 0, 80)),
            ),
        );
    }

    /** Keeps a measured object for later orders. */
    #[Route('/api/objects', name: 'object-add', methods: ['POST'])]
    public function add(#[MapRequestPayload] ObjectRequest $request): KnownObjectView
    {
        return KnownObjectView::from(
            $this->objects->add($request->answers, $this->photos->picture($request->picture)),
            $this->reader,
        );
    }

    /** Changes a measured object; orders keep what they were measured by. */
    #[Route('/api/objects/{id}', name: 'object-change', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function change(int $id, #[MapRequestPayload] ObjectRequest $request): KnownObjectView
    {
        return KnownObjectView::from(
            $this->objects->change(
                $this->objects->object($id),
                $request->version,
                $request->answers,
                $this->photos->picture($request->picture),
            ),
            $this->reader,
        );
    }

    /** Takes an object off the list. */
    #[Route('/api/objects/{id}/drop', name: 'object-drop', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function drop(int $id, #[MapRequestPayload] VersionRequest $request): DoneView
    {
        $this->objects->drop($this->objects->object($id), $request->version);

        return new DoneView(true);
    }

    /** Gives the picture of an object. */
    #[Route(
        '/api/objects/{id}/picture',
        name: 'object-picture',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    )]
    public function picture(int $id): Response
    {
        $picture = $this->objects->object($id)->picture() ?? throw new NotFound('There is no picture of this object.');

        return new Response($picture, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=60']);
    }

    /** Traces the object in a photo, which is the body itself; its kind is found out from its content. */
    #[Route('/api/photos', name: 'photo', methods: ['POST'])]
    public function photo(Request $request, #[MapQueryParameter] bool $picture = false): TraceView
    {
        return TraceView::from($this->photos->take($request->getContent(), !$picture));
    }

    /** Traces a photo again at another threshold. */
    #[Route('/api/photos/{name}', name: 'photo-trace', requirements: ['name' => '[0-9a-f]{32}'], methods: ['POST'])]
    public function trace(string $name, #[MapRequestPayload] TraceRequest $request): TraceView
    {
        return TraceView::from($this->photos->trace($name, $request->threshold));
    }

    /** Gives a traced photo as it is seen while tracing. */
    #[Route('/api/photos/{name}', name: 'photo-seen', requirements: ['name' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function seen(string $name): Response
    {
        return new Response($this->photos->jpeg($name), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=600',
        ]);
    }

    /** Lays a photo on an object by its four corners, so that decals are drawn on it. */
    #[Route('/api/photos/{name}/lay', name: 'photo-lay', requirements: ['name' => '[0-9a-f]{32}'], methods: ['POST'])]
    public function lay(string $name, #[MapRequestPayload] LayPhotoRequest $request): LaidPhotoView
    {
        $laid = $this->laid->lay($name, $request->corners(), $this->reader->read($request->answers));

        return new LaidPhotoView($laid->name(), $laid->colour());
    }

    /** Gives a photo as it lies on its object. */
    #[Route('/api/laid/{name}', name: 'photo-laid', requirements: ['name' => '[0-9a-f]{32}'], methods: ['GET'])]
    public function laid(string $name): Response
    {
        return self::jpeg($this->laid->named($name)->jpeg());
    }

    /** A picture that never changes under its name. */
    public static function jpeg(string $jpeg): Response
    {
        return new Response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }

    /** Reads a list of names out of a file or pasted text, with its columns. */
    #[Route('/api/roster', name: 'roster', methods: ['POST'])]
    public function roster(#[MapRequestPayload] RosterRequest $request): RosterView
    {
        $roster = Roster::read(
            '' !== $request->base64 ? (string) base64_decode($request->base64, true) : $request->text,
            $request->separator,
            $request->header,
        );

        return new RosterView(
            $roster->encoding,
            $roster->separator,
            $roster->hasHeader,
            $roster->columns,
            array_map(static fn (array $row): RowView => new RowView($row), $roster->rows),
            $roster->likely(),
        );
    }
}
