<?php

declare(strict_types=1);

namespace Yelbo\Shop\Settings;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Events;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Contracts\Service\ResetInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * The shop's own figures over the standard ones, and those of the machine in use over both. They are read once, and
 * anew after every change of a record and for every message of a worker, which outlives many changes.
 */
#[AsDoctrineListener(Events::postFlush)]
final class ShopRules implements ResetInterface
{
    private ?Rules $known = null;

    /** @param iterable<Overlay> $overlays */
    public function __construct(
        private readonly EntityManagerInterface $records,
        private readonly Book $book,
        private readonly Change $change,
        #[AutowireIterator(Overlay::class)] private readonly iterable $overlays,
    ) {
    }

    /** The figures as they are now. */
    public function current(): Rules
    {
        return $this->known ??= $this->read();
    }

    /** Those the shop has set, with nothing over them: what its page shows, and what learning is held against. */
    public function own(): Rules
    {
        $rules = Rules::standard();
        foreach ($this->records->getRepository(ChangedRule::class)->findAll() as $setting) {
            $rule = Rule::tryFrom($setting->rule());
            $rules = null === $rule ? $rules : $rules->with($rule, $setting->value());
        }

        return $rules;
    }

    /** Something has changed: the figures are read anew when they are asked for. */
    public function postFlush(): void
    {
        $this->known = null;
    }

    public function reset(): void
    {
        $this->known = null;
    }

    private function read(): Rules
    {
        $rules = $this->own();
        foreach ($this->overlays as $overlay) {
            $rules = $overlay->over($rules);
        }

        return $rules;
    }

    /** @return array<string, int> how often each figure the shop has set was changed, by its short name */
    public function versions(): array
    {
        $versions = [];
        foreach ($this->records->getRepository(ChangedRule::class)->findAll() as $setting) {
            $versions[$setting->rule()] = $setting->version();
        }

        return $versions;
    }

    /**
     * Sets a figure.
     *
     * @param int|null $version the one it was decided on, 0 where it was never changed; null where it does not
     *     matter
     *
     * @throws Refused  for a value outside what makes sense
     * @throws Conflict where somebody changed it meanwhile
     */
    public function set(Rule $rule, float $value, ?int $version = null): void
    {
        $rule->check($value);
        $before = $this->current()->value($rule);
        $says = "{$rule->label()}: {$before} → {$value} {$rule->unit()}";
        $setting = $this->records->find(ChangedRule::class, $rule->value);
        if (null === $setting) {
            $this->records->persist(new ChangedRule($rule->value, $value));
            $this->book->note('rule', $says);
            $this->records->flush();

            return;
        }
        $set = function () use ($setting, $value, $says): void {
            $setting->set($value);
            $this->book->note('rule', $says);
        };
        $this->change->apply($setting, $version ?? $setting->version(), $set);
    }
}
