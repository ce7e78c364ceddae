<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Web\Ask\RuleAsk;
use Yelbo\Web\View\RulesView;
use Yelbo\Web\View\RuleView;

/** The shop's own figures: the owner's page. */
#[IsGranted('ROLE_OWNER')]
final readonly class RulesController
{
    public function __construct(private ShopRules $rules)
    {
    }

    #[Route('/api/rules', name: 'rules', methods: ['GET'])]
    public function all(): RulesView
    {
        $rules = $this->rules->current();

        return new RulesView(array_map(static fn (Rule $rule): RuleView => RuleView::of($rule, $rules->value($rule)), array_values(array_filter(Rule::cases(), static fn (Rule $rule): bool => !$rule->isOfMachine()))));
    }

    #[Route('/api/rules/{name}', name: 'rule-set', requirements: ['name' => '[a-z-]{1,40}'], methods: ['PUT'])]
    public function set(string $name, #[MapRequestPayload] RuleAsk $ask): RulesView
    {
        $rule = Rule::tryFrom($name);
        $rule = null !== $rule && !$rule->isOfMachine() ? $rule : throw new NotFound('There is no such figure.');
        $value = filter_var(str_replace(',', '.', trim($ask->value)), \FILTER_VALIDATE_FLOAT);
        if (false === $value) {
            throw Refusals::at('value', 'Write a figure, like 3 or 1.5.');
        }
        try {
            $this->rules->set($rule, $value);
        } catch (Refused $refused) {
            throw Refusals::at('value', $refused->getMessage());
        }

        return $this->all();
    }
}
