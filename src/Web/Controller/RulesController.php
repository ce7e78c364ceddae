<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\Access\SecurityLog;
use Yelbo\Shop\Bench\Outcomes;
use Yelbo\Shop\Bench\Paces;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Rule;
use Yelbo\Web\Request\RuleRequest;
use Yelbo\Web\View\ComebacksView;
use Yelbo\Web\View\PacesView;
use Yelbo\Web\View\PaceView;
use Yelbo\Web\View\RulesView;
use Yelbo\Web\View\RuleView;

/** The shop's own figures: the owner's page. */
#[IsGranted('ROLE_OWNER')]
final readonly class RulesController
{
    public function __construct(
        private ShopRules $rules,
        private SecurityLog $log,
        private Book $book,
        private Paces $paces,
        private Outcomes $outcomes,
    ) {
    }

    /** Lists the shop's figures with their range, their reason and their standard. */
    #[Route('/api/rules', name: 'rules', methods: ['GET'])]
    public function all(): RulesView
    {
        $rules = $this->rules->own();
        $versions = $this->rules->versions();

        return new RulesView(
            array_map(
                static fn (Rule $rule): RuleView => RuleView::from(
                    $rule,
                    $rules->value($rule),
                    $versions[$rule->value] ?? 0,
                ),
                array_values(array_filter(Rule::cases(), static fn (Rule $rule): bool => !$rule->isOfMachine())),
            ),
        );
    }

    /** Changes a figure of the shop, or sets it back to the standard. */
    #[Route('/api/rules/{name}', name: 'rule-set', requirements: ['name' => '[a-z-]{1,40}'], methods: ['PUT'])]
    public function set(string $name, #[MapRequestPayload] RuleRequest $request): RulesView
    {
        $rule = Rule::tryFrom($name);
        $rule = null !== $rule && !$rule->isOfMachine() ? $rule : throw new NotFound('There is no such figure.');
        $fields = new Fields();
        $value = $fields->rule('value', $request->value, $rule);
        $fields->refuseIfWrong();
        $this->rules->set($rule, $value, $request->version);
        $this->log->note('figure', $this->book->who(), "{$rule->label()} was set to {$value} {$rule->unit()}");

        return $this->all();
    }

    /** Tells what was learned of the shop's own minutes from what was timed. */
    #[Route('/api/paces', name: 'paces', methods: ['GET'])]
    public function paces(): PacesView
    {
        return new PacesView(
            array_map(PaceView::from(...), $this->paces->all()),
            array_map(PaceView::from(...), $this->paces->own()),
        );
    }

    /** Tells what came back to be cut again, and which limits that contradicts. */
    #[Route('/api/comebacks', name: 'comebacks', methods: ['GET'])]
    public function comebacks(): ComebacksView
    {
        return ComebacksView::from($this->outcomes->comebacks());
    }

    /** Learns them anew. */
    #[Route('/api/paces', name: 'paces-learn', methods: ['POST'])]
    public function learn(): PacesView
    {
        $this->paces->learn();

        return $this->paces();
    }
}
