<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/**
 * Invoices with running numbers that never repeat or skip, however many are written at one moment: the number is given
 * under a lock of the database's own, in the transaction that stores it.
 */
final readonly class Invoices
{
    private const PATIENCE = 10;

    public function __construct(
        private EntityManagerInterface $records,
        private ShopRules $rules,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** The one of an order; none where none was written yet. */
    public function of(Docket $docket): ?Invoice
    {
        return $this->records->getRepository(Invoice::class)->findOneBy(['docket' => $docket]);
    }

    /** @throws NotFound */
    public function numbered(int $number): Invoice
    {
        return $this->records->find(Invoice::class, $number) ?? throw new NotFound('There is no such invoice.');
    }

    /**
     * Writes the invoice of an order, once: whoever asks again is given the same.
     *
     * @throws Refused where it was not said yes to, or no price was agreed
     */
    public function write(Docket $docket): Invoice
    {
        if (!\in_array($docket->state(), [DocketState::Making, DocketState::Done], true)) {
            throw new Refused('not-agreed', 'An invoice is written once the customer has said yes.');
        }
        $price = $docket->price()
            ?? throw new Refused('no-price', 'No price was agreed. Keep one at Proof, and make a proof that says it.');

        return $this->numbering(fn (): Invoice => $this->records->wrapInTransaction(function () use (
            $docket,
            $price,
        ): Invoice {
            $known = $this->of($docket);
            if (null !== $known) {
                return $known;
            }
            $last = $this->records->getConnection()->fetchOne('SELECT MAX(number) FROM invoice');
            $invoice = new Invoice(
                1 + (is_numeric($last) ? (int) $last : 0),
                $docket,
                $docket->customer()?->name() ?? '',
                array_map(self::line(...), $docket->items()),
                $price,
                $this->taxIn(Money::minor($price))->minor,
                $this->clock->now(),
            );
            $this->records->persist($invoice);
            $this->book->note(
                'invoice',
                "{$invoice->tag()} written for {$docket->tag()}: {$invoice->total()->plain()}",
                $docket->number(),
            );

            return $invoice;
        }));
    }

    /** What of an amount is tax. */
    public function taxIn(Money $total): Money
    {
        $share = $this->rules->current()->value(Rule::TaxShare);

        return $total->share((100 * $share) / (100 + $share));
    }

    private static function line(Item $item): string
    {
        $copies = $item->copies() * max(1, \count($item->roster()));

        return "$copies × {$item->label()}, on {$item->objectName()}, {$item->ownFilm()->name()}, ".
            ($item->isAppliedHere() ? 'applied' : 'to be applied');
    }

    /**
     * @template T
     *
     * @param \Closure(): T $take
     *
     * @return T
     */
    private function numbering(\Closure $take): mixed
    {
        $database = $this->records->getConnection();
        $name = 'invoice number of '.$database->getDatabase();
        if (1 !== (int) $database->fetchOne('SELECT GET_LOCK(?, ?)', [$name, self::PATIENCE])) {
            throw new Refused('busy', 'Many invoices are being written at this moment. Try again.');
        }
        try {
            return $take();
        } finally {
            $database->executeStatement('DO RELEASE_LOCK(?)', [$name]);
        }
    }
}
