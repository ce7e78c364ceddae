<?php

declare(strict_types=1);

namespace Yelbo\Shop\Settings;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Machines\MachineProfile;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** The shop's own figures over the standard ones, and those of the machine in use over both. */
final readonly class ShopRules
{
    public function __construct(private EntityManagerInterface $records, private Book $book)
    {
    }

    public function current(): Rules
    {
        $rules = Rules::standard();
        foreach ($this->records->getRepository(Setting::class)->findAll() as $setting) {
            $rule = Rule::tryFrom($setting->rule());
            $rules = null === $rule ? $rules : $rules->with($rule, $setting->value());
        }

        return $this->records->getRepository(MachineProfile::class)->findOneBy(['inUse' => true])?->over($rules) ?? $rules;
    }

    public function set(Rule $rule, float $value): void
    {
        $rule->check($value);
        $before = $this->current()->value($rule);
        $setting = $this->records->find(Setting::class, $rule->value);
        if (null === $setting) {
            $this->records->persist(new Setting($rule->value, $value));
        } else {
            $setting->set($value);
        }
        $this->book->note('rule', "{$rule->says()}: {$before} → {$value} {$rule->unit()}");
        $this->records->flush();
    }
}
