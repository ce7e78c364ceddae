<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Counter;
use Yelbo\Shop\Orders\Customer;
use Yelbo\Shop\Orders\Customers;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Price\Quotes;
use Yelbo\Shop\Week\Promises;
use Yelbo\Web\Request\OthersRequest;
use Yelbo\Web\View\AnswersView;
use Yelbo\Web\View\CustomersView;
use Yelbo\Web\View\CustomerView;
use Yelbo\Web\View\QuoteView;

/** What can be said at Ask while the customer is still talking. */
final readonly class AnswersController
{
    private const LONGEST_SEARCH = 80;

    public function __construct(
        private Counter $counter,
        private Customers $customers,
        private Promises $promises,
        private Quotes $quotes,
        #[Autowire('%money.format%')] private string $money,
    ) {
    }

    /**
     * Says to the answers so far what is wrong with them, how the words fit, which film suits, and when it can be
     * ready.
     */
    #[Route('/api/answers', name: 'answers', methods: ['POST'])]
    public function __invoke(
        #[MapRequestPayload] Answers $answers,
        #[MapRequestPayload] OthersRequest $order,
    ): AnswersView {
        $reply = $this->counter->reply(new TypedOrder($answers, array_values($order->others)));
        $quote = $this->quotes->asked($reply);

        return AnswersView::from(
            $reply,
            $this->promises->of($reply),
            null === $quote ? null : QuoteView::from($quote, $this->quotes->steps($reply), $this->money),
        );
    }

    /** Finds known customers by the beginning of their name. */
    #[Route('/api/customers', name: 'customers', methods: ['GET'])]
    public function customers(#[MapQueryParameter] string $find = ''): CustomersView
    {
        return new CustomersView(
            array_map(
                static fn (Customer $customer): CustomerView => new CustomerView(
                    $customer->id(),
                    $customer->name(),
                    $customer->contact(),
                    $customer->toldBy(),
                ),
                $this->customers->found(mb_substr($find, 0, self::LONGEST_SEARCH)),
            ),
        );
    }
}
