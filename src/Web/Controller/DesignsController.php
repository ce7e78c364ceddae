<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Designs\DesignLibrary;
use Yelbo\Shop\Designs\TypedDesign;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Web\Address;
use Yelbo\Web\DecalInHand;
use Yelbo\Web\Request\DocketRequest;
use Yelbo\Web\Request\NameRequest;
use Yelbo\Web\Request\VersionRequest;
use Yelbo\Web\View\DoneView;
use Yelbo\Web\View\KnownDesignsView;
use Yelbo\Web\View\KnownDesignView;
use Yelbo\Web\View\TakenDesignView;

/** The shop's own designs. */
final readonly class DesignsController
{
    public function __construct(
        private DesignLibrary $designs,
        private DecalInHand $inHand,
        private Dockets $dockets,
    ) {
    }

    /** Lists the designs the shop keeps. */
    #[Route('/api/designs', name: 'designs', methods: ['GET'])]
    public function all(#[MapQueryParameter] string $find = ''): KnownDesignsView
    {
        return new KnownDesignsView(
            array_map(KnownDesignView::from(...), $this->designs->found(mb_substr($find, 0, 80))),
        );
    }

    /** Keeps what is drawn for later orders. */
    #[Route('/api/designs', name: 'design-keep', methods: ['POST'])]
    public function keep(
        #[MapRequestPayload] DocketRequest $on,
        #[MapRequestPayload] TypedDesign $typed,
        #[MapRequestPayload] NameRequest $name,
    ): KnownDesignView {
        [$item, , $draft] = $this->inHand->of($on, $typed);

        return DecalInHand::atItsField(
            fn (): KnownDesignView => KnownDesignView::from(
                $this->designs->keep($name->name, $item->object(), $draft),
            ),
        );
    }

    /** Gives a design as it would be typed for an item of an order: as large as that object is. */
    #[Route('/api/designs/{id}/taken', name: 'design-taken', requirements: ['id' => Address::NUMBER], methods: ['GET'])]
    public function taken(
        int $id,
        #[MapQueryParameter] int $docket,
        #[MapQueryParameter] int $item = 1,
    ): TakenDesignView {
        return new TakenDesignView(
            TypedDesign::fromDraft(
                $this->designs->onto(
                    $this->designs->design($id),
                    $this->dockets->measuredItem($docket, $item)->object(),
                ),
            ),
        );
    }

    /** Takes a design off the list; orders keep what they have of it. */
    #[Route('/api/designs/{id}/drop', name: 'design-drop', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function drop(int $id, #[MapRequestPayload] VersionRequest $request): DoneView
    {
        $this->designs->drop($this->designs->design($id), $request->version);

        return new DoneView(true);
    }
}
