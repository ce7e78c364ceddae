<?php

declare(strict_types=1);

namespace Yelbo\Shop\Settings;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Events;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Contracts\Service\ResetInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * The shop's own figures over the standard ones, and those of the machine in use over both. They are read once, and
 * anew
 * after every change of a record and for every message of a worker, which outlives many changes.
 */
#[AsDoctrineListener(Events::postFlush)]
final class ShopRules implements ResetInterface
{
    private ?Rules $known = null;

    /** @param iterable<Overlay> $overlays */
    public function __construct(
        private readonly EntityManagerInterface $records,
        private readonly Book $book,
        #[AutowireIterator(Overlay::class)] private readonly iterable $overlays,
    ) {
    }

    /** The figures as they are now. */
    public function current(): Rules
    {
        return $this->known ??= $this->read();
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
        $rules = Rules::standard();
        foreach ($this->records->getRepository(ChangedRule::class)->findAll() as $setting) {
            $rule = Rule::tryFrom($setting->rule());
            $rules = null === $rule ? $rules : $rules->with($rule, $setting->value());
        }

        foreach ($this->overlays as $overlay) {
            $rules = $overlay->over($rules);
        }

        return $rules;
    }

    /**
     * Sets a figure.
     *
     * @throws Refused for a value outside what makes sense
     */
    public function set(Rule $rule, float $value): void
    {
        $rule->check($value);
        $before = $this->current()->value($rule);
        $setting = $this->records->find(ChangedRule::class, $rule->value);
        if (null === $setting) {
            $this->records->persist(new ChangedRule($rule->value, $value));
        } else {
            $setting->set($value);
        }
        $this->book->note('rule', "{$rule->label()}: {$before} → {$value} {$rule->unit()}");
        $this->records->flush();
    }
}
