<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Machines\TypedMachine;
use Yelbo\Web\Address;
use Yelbo\Web\Request\VersionRequest;
use Yelbo\Web\View\MachinesView;
use Yelbo\Web\View\MachineView;

/** The shop's cutters: the owner sets them, everybody sees them. */
final readonly class MachineController
{
    public function __construct(private Machines $machines)
    {
    }

    /** Lists the cutting machines with their settings. */
    #[Route('/api/machines', name: 'machines', methods: ['GET'])]
    public function all(): MachinesView
    {
        return new MachinesView(array_map(MachineView::from(...), $this->machines->all()));
    }

    #[IsGranted('ROLE_OWNER')]
    /** Adds a machine. */
    #[Route('/api/machines', name: 'machine-add', methods: ['POST'])]
    public function add(#[MapRequestPayload] TypedMachine $typed): MachinesView
    {
        $this->machines->add($typed);

        return $this->all();
    }

    #[IsGranted('ROLE_OWNER')]
    /** Changes the settings of a machine. */
    #[Route('/api/machines/{id}', name: 'machine-change', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function change(
        int $id,
        #[MapRequestPayload] VersionRequest $request,
        #[MapRequestPayload] TypedMachine $typed,
    ): MachinesView {
        $this->machines->change($this->machines->machine($id), $request->version, $typed);

        return $this->all();
    }

    /** Makes a machine the one that is worked with. */
    #[Route('/api/machines/{id}/use', name: 'machine-use', requirements: ['id' => Address::NUMBER], methods: ['POST'])]
    public function use(int $id, #[MapRequestPayload] VersionRequest $request): MachinesView
    {
        $this->machines->use($this->machines->machine($id), $request->version);

        return $this->all();
    }
}
