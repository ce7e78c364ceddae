<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\Machines\MachineProfile;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Web\Ask\MachineAsk;
use Yelbo\Web\Ask\VersionAsk;
use Yelbo\Web\View\MachinesView;
use Yelbo\Web\View\MachineView;

/** The shop's cutters: the owner sets them, everybody sees them. */
final readonly class MachineController
{
    public function __construct(private Machines $machines)
    {
    }

    #[Route('/api/machines', name: 'machines', methods: ['GET'])]
    public function all(): MachinesView
    {
        return new MachinesView(array_map(static fn (MachineProfile $machine): MachineView => MachineView::of($machine), $this->machines->all()));
    }

    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/machines', name: 'machine-add', methods: ['POST'])]
    public function add(#[MapRequestPayload] MachineAsk $ask): MachinesView
    {
        $this->machines->add($ask->name, $ask->kind, self::typed($ask), $ask->force, $ask->blade, $ask->passes);

        return $this->all();
    }

    #[IsGranted('ROLE_OWNER')]
    #[Route('/api/machines/{id}', name: 'machine-change', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function change(int $id, #[MapRequestPayload] MachineAsk $ask): MachinesView
    {
        $this->machines->change($this->machines->machine($id), $ask->version, $ask->name, $ask->kind, self::typed($ask), $ask->force, $ask->blade, $ask->passes);

        return $this->all();
    }

    #[Route('/api/machines/{id}/use', name: 'machine-use', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function use(int $id, #[MapRequestPayload] VersionAsk $ask): MachinesView
    {
        $this->machines->use($this->machines->machine($id), $ask->version);

        return $this->all();
    }

    /** @return array<string, string> */
    private static function typed(MachineAsk $ask): array
    {
        return array_column($ask->figures, 'value', 'rule');
    }
}
