<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DesignFitter;
use Yelbo\Shop\Input\Form;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Refused;

/** Begins a docket, keeps what was typed, and takes the order once the answers make sense. */
final readonly class TakeOrder
{
    public function __construct(
        private EntityManagerInterface $records,
        private Dockets $dockets,
        private AnswersReader $reader,
        private DesignFitter $drawing,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refusals where it is to be taken and something is missing; then nothing is stored */
    public function begin(Answers $answers, bool $take): Docket
    {
        $agreed = $take ? $this->agreed($answers) : null;

        return $this->dockets->numbering(
            fn (): Docket => $this->records->wrapInTransaction(function () use ($answers, $agreed): Docket {
                $docket = new Docket($this->dockets->nextNumber(), $answers->toArray(), $this->clock->now());
                $this->records->persist($docket);
                $this->book->note('begun', 'Order begun', $docket->number());
                if (null !== $agreed) {
                    $this->take($docket, $agreed);
                }

                return $docket;
            }),
        );
    }

    /** @throws Refusals */
    public function answer(Docket $docket, int $version, Answers $answers, bool $take): void
    {
        if (DocketState::Asking !== $docket->state()) {
            throw new Refused(
                'illegal-move',
                "{$docket->tag()} is already taken. Go back to Ask from Size to change its answers.",
            );
        }
        $agreed = $take ? $this->agreed($answers) : null;
        $this->change->apply($docket, $version, function () use ($docket, $answers, $agreed): void {
            $docket->keepAnswers($answers->toArray());
            if (null !== $agreed) {
                $this->take($docket, $agreed);
            }
        });
    }

    /** The answers read, and the words tried on the object, so that no order is taken that cannot be drawn. */
    private function agreed(Answers $answers): AgreedOrder
    {
        $agreed = $this->reader->read($answers);
        try {
            if ([] === $agreed->roster) {
                $this->drawing->fit($agreed->object, $agreed->words, new Design());
            } else {
                $this->drawing->fitSet($agreed->object, $agreed->roster, new Design());
            }
        } catch (Refused $refused) {
            throw ([] === $agreed->roster ? Form::Order : Form::Roster)->refusals($refused);
        }

        return $agreed;
    }

    private function take(Docket $docket, AgreedOrder $agreed): void
    {
        $customer =
            $this->dockets->customerNamed($agreed->customer) ?? new Customer($agreed->customer, $agreed->contact);
        if ('' !== $agreed->contact) {
            $customer->reachAt($agreed->contact);
        }
        $docket->agree($agreed, $customer);
        $this->book->note(
            'taken',
            "Order taken: {$docket->label()} × {$agreed->quantity} on {$agreed->object->name()}, {$agreed->film->name()}",
            $docket->number(),
        );
    }
}
