<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Refusals;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Refused;

/** Begins a docket, keeps what was typed, and takes the order once the answers make sense. */
final readonly class TakeOrder
{
    public function __construct(
        private EntityManagerInterface $records,
        private Dockets $dockets,
        private AnswersReader $reader,
        private Drawing $drawing,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refusals where it is to be taken and something is missing; then nothing is stored */
    public function begin(Answers $answers, bool $take): Docket
    {
        $agreed = $take ? $this->agreed($answers) : null;

        return $this->dockets->numbering(fn (): Docket => $this->records->wrapInTransaction(function () use ($answers, $agreed): Docket {
            $docket = new Docket($this->dockets->nextNumber(), $answers->toArray(), $this->clock->now());
            $this->records->persist($docket);
            $this->book->note('begun', 'Order begun', $docket);
            if (null !== $agreed) {
                $this->take($docket, $agreed);
            }

            return $docket;
        }));
    }

    /** @throws Refusals */
    public function answer(Docket $docket, int $version, Answers $answers, bool $take): void
    {
        if (DocketState::Asking !== $docket->state()) {
            throw new Refused('illegal-move', "{$docket->tag()} is already taken. Go back to Ask from Size to change its answers.");
        }
        $agreed = $take ? $this->agreed($answers) : null;
        $this->change->of($docket, $version, function () use ($docket, $answers, $agreed): void {
            $docket->keepAnswers($answers->toArray());
            if (null !== $agreed) {
                $this->take($docket, $agreed);
            }
        });
    }

    /** The answers read, and the words tried on the object, so that no order is taken that cannot be drawn. */
    private function agreed(Answers $answers): Agreed
    {
        $agreed = $this->reader->read($answers);
        try {
            if ([] === $agreed->roster) {
                $this->drawing->of($agreed->thing, $agreed->words, new Design());
            } else {
                $this->drawing->set($agreed->thing, $agreed->roster, new Design());
            }
        } catch (Refused $refused) {
            throw Refusals::at(self::field($refused, [] !== $agreed->roster), $refused->getMessage());
        }

        return $agreed;
    }

    private static function field(Refused $refused, bool $roster): string
    {
        return match (true) {
            str_starts_with($refused->at, '/object') => 'surface',
            str_starts_with($refused->at, '/keepOuts') => 'keepOuts',
            default => $roster ? 'roster' : 'words',
        };
    }

    private function take(Docket $docket, Agreed $agreed): void
    {
        $customer = $this->dockets->customerNamed($agreed->customer) ?? new Customer($agreed->customer, $agreed->contact);
        if ('' !== $agreed->contact) {
            $customer->reachAt($agreed->contact);
        }
        $docket->agree($agreed, $customer);
        $this->book->note('taken', "Order taken: {$docket->label()} × {$agreed->quantity} on {$agreed->thing->name()}, {$agreed->film->name()}", $docket);
    }
}
