<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\FrozenFacts;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Orders\PapersFollow;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Records\Numbering;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\QuoteLine;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/**
 * Invoices with running numbers that never repeat or skip, however many are written at one moment: the number is given
 * under a lock of the database's own, in the transaction that stores it.
 */
final readonly class Invoices implements PapersFollow
{
    private const BUSY = 'Many invoices are being written at this moment. Try again.';

    public function __construct(
        private EntityManagerInterface $records,
        private ShopRules $rules,
        private Book $book,
        private ClockInterface $clock,
        private Numbering $numbering,
    ) {
    }

    /** All papers of an order. */
    public function account(Docket $docket): Account
    {
        $invoices = $this->records->getRepository(Invoice::class)->findBy(['docket' => $docket], ['number' => 'ASC']);
        $of = ['invoice' => $invoices];

        return new Account(
            $invoices,
            [] === $invoices
                ? []
                : $this->records->getRepository(CreditNote::class)->findBy($of, ['number' => 'ASC']),
            [] === $invoices ? [] : $this->records->getRepository(Receipt::class)->findBy($of, ['number' => 'ASC']),
        );
    }

    /** @throws NotFound */
    public function credit(int $number): CreditNote
    {
        return $this->records->find(CreditNote::class, $number) ?? throw new NotFound('There is no such credit note.');
    }

    /** @throws NotFound */
    public function numbered(int $number): Invoice
    {
        return $this->records->find(Invoice::class, $number) ?? throw new NotFound('There is no such invoice.');
    }

    /** What the customer said yes to: the price of the approved proof, whatever was typed since. */
    public function agreed(Docket $docket): ?Money
    {
        $price = $this->approved($docket)?->charged->price;

        return null === $price ? null : Money::minor($price);
    }

    /** The agreed price without its tax. */
    public function net(Docket $docket): ?Money
    {
        $agreed = $this->agreed($docket);

        return $agreed?->less($this->taxIn($agreed, $this->approved($docket)));
    }

    /** @return list<QuoteLine> how it had come about; none where that was not kept */
    public function quoted(Docket $docket): array
    {
        return array_map(
            static fn (array $line): QuoteLine => new QuoteLine(
                $line['what'],
                $line['says'],
                Money::minor($line['minor']),
            ),
            $this->approved($docket)->charged->quote ?? [],
        );
    }

    private function approved(Docket $docket): ?FrozenFacts
    {
        $facts = null;
        foreach ($docket->proofs()->all() as $pages) {
            $facts = null === $pages[0]->approvedAt() ? $facts : $pages[0]->frozen();
        }

        return $facts;
    }

    /**
     * The quote a proof says: what is frozen with it, whatever was changed since.
     *
     * @param list<ProofPage> $pages of one version
     *
     * @throws NotFound where its price was left open
     */
    public function quote(array $pages): Bill
    {
        $first = $pages[0] ?? throw new NotFound('There is no proof yet.');
        $price = $first->frozen()->charged->price ?? throw new NotFound('The price of this order is still open.');
        $total = Money::minor($price);
        $days = (int) $this->rules->current()->value(Rule::QuoteDays);

        return new Bill(
            "Quote {$first->docket()->tag()}/{$first->nth()}",
            $first->madeAt(),
            $first->docket()->tag(),
            $first->docket()->customer()?->name() ?? '',
            array_map(self::page(...), $pages),
            $total,
            $this->taxIn($total, $first->frozen()),
            null === $first->approvedAt()
                ? 'It holds until '.$first->madeAt()->modify("+$days days")->format('j F Y').'.'
                : 'Agreed on '.$first->approvedAt()->format('j F Y').'.',
        );
    }

    private static function page(ProofPage $page): string
    {
        $said = $page->frozen();
        $copies = $said->quantity * $said->on->panes * $page->drawing()->members();
        $films = array_unique(array_column($said->films, 'name'));

        return "$copies × {$page->item()->label()}, on {$said->on->object}, ".implode(' and ', $films).', '.
            ($said->appliedHere ? 'applied' : 'to be applied');
    }

    /**
     * Writes the invoice of an order, once: whoever asks again is given the same. One that says something else than
     * what is agreed now is taken back first.
     *
     * @throws Refused where it was not said yes to, or no price was agreed
     */
    public function write(Docket $docket): Invoice
    {
        if (!\in_array($docket->state(), [DocketState::Making, DocketState::Done], true)) {
            throw new Refused('not-agreed', 'An invoice is written once the customer has said yes.');
        }
        $price = $this->agreed($docket)
            ?? throw new Refused('no-price', 'No price was agreed. Keep one at Proof, and make a proof that says it.');

        $this->takeBackOther($docket, $price);

        return $this->numbering->under(
            'invoice',
            self::BUSY,
            fn (): Invoice => $this->records->wrapInTransaction(fn (): Invoice => $this->next($docket, $price)),
        );
    }

    public function follow(Docket $docket): void
    {
        $standing = $this->account($docket)->standing();
        $agreed = $this->agreed($docket);
        $isCancelled = DocketState::Cancelled === $docket->state();
        if (null === $standing || (!$isCancelled && $agreed?->minor === $standing->total()->minor)) {
            return;
        }
        if ($isCancelled || null === $agreed) {
            $this->takeBack($docket, $isCancelled ? 'The order was cancelled.' : 'No price is agreed any more.');

            return;
        }
        $this->write($docket);
    }

    private function takeBackOther(Docket $docket, Money $price): void
    {
        $standing = $this->account($docket)->standing();
        if (null !== $standing && $standing->total()->minor !== $price->minor) {
            $this->takeBack($docket, "{$price->plain()} was agreed since.");
        }
    }

    /** Once, however many ask at one moment. */
    private function takeBack(Docket $docket, string $why): void
    {
        $this->numbering->under(
            'credit',
            self::BUSY,
            fn () => $this->records->wrapInTransaction(function () use ($docket, $why): void {
                $standing = $this->account($docket)->standing();
                if (null === $standing) {
                    return;
                }
                $last = $this->records->getConnection()->fetchOne('SELECT MAX(number) FROM credit_note');
                $number = 1 + (is_numeric($last) ? (int) $last : 0);
                $note = new CreditNote($number, $standing, $why, $this->clock->now());
                $this->records->persist($note);
                $this->book->note(
                    'credit',
                    "{$note->tag()} takes back {$standing->tag()}, {$note->total()->plain()}: $why",
                    $docket->number(),
                );
            }),
        );
    }

    private function next(Docket $docket, Money $price): Invoice
    {
        $known = $this->account($docket)->standing();
        if (null !== $known) {
            return $known;
        }
        $last = $this->records->getConnection()->fetchOne('SELECT MAX(number) FROM invoice');
        $invoice = new Invoice(
            1 + (is_numeric($last) ? (int) $last : 0),
            $docket,
            $docket->customer()?->name() ?? '',
            array_map(self::line(...), $docket->items()),
            $price->minor,
            $this->taxIn($price, $this->approved($docket))->minor,
            $this->clock->now(),
        );
        $this->records->persist($invoice);
        $this->book->note(
            'invoice',
            "{$invoice->tag()} written for {$docket->tag()}: {$invoice->total()->plain()}",
            $docket->number(),
        );

        return $invoice;
    }

    /** What of a price is tax: by the share that was frozen with it, whatever holds by now. */
    private function taxIn(Money $total, ?FrozenFacts $facts): Money
    {
        return $total->taxIn($facts->charged->taxShare ?? $this->rules->current()->value(Rule::TaxShare));
    }

    private static function line(Item $item): string
    {
        $copies = $item->copies() * max(1, \count($item->roster()));

        return "$copies × {$item->label()}, on {$item->objectName()}, {$item->ownFilm()->name()}, ".
            ($item->isAppliedHere() ? 'applied' : 'to be applied');
    }
}
