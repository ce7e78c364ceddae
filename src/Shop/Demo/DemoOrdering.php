<?php

declare(strict_types=1);

namespace Yelbo\Shop\Demo;

use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Designs\DesignLibrary;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Customers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Proofs\GivenProofs;
use Yelbo\Shop\Proofs\ProofLinks;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Plan\StepKind;

/**
 * Orders of the made-up wharf: asked, drawn and agreed the way every order is, with the clock set back.
 *
 * @phpstan-type DemoOrder array{
 *     answers: array<string, mixed>,
 *     days: int,
 *     face?: string,
 *     setting?: array<string, int|float|string>,
 *     layers?: list<array{int, int}>,
 *     capHeight?: int,
 *     price?: int,
 *     station: string,
 *     change?: array{string, float, float},
 *     others?: list<array<string, mixed>>,
 *     elements?: list<array<string, mixed>>,
 *     keep?: string,
 *     coated?: int,
 * }
 */
final readonly class DemoOrdering
{
    /** How far along the line each station is. */
    private const FAR = [
        'ask' => 0,
        'size' => 1,
        'proof' => 2,
        'batch' => 3,
        'cut' => 4,
        'weed' => 5,
        'apply' => 6,
        'cure' => 7,
        'send' => 8,
        'sent' => 9,
        'done' => 10,
    ];

    public function __construct(
        private TakeOrder $take,
        private Customers $customers,
        private DrawOrder $draw,
        private DesignLibrary $designs,
        private Approval $approval,
        private ProofLinks $links,
        private GivenProofs $given,
        private DemoMaking $making,
        private BenchWork $bench,
        private Book $book,
    ) {
    }

    /**
     * @param array{
     *     string, string, string, string, string, string, string, string, string,
     *     int, int, int, string, string, string,
     * } $order
     * @param list<FilmOnShelf> $films
     */
    public function order(array $order, array $films, \DateTimeImmutable $now, int $nth): void
    {
        [0 => $customer, 13 => $face, 14 => $station] = $order;
        $far = self::FAR[$station];
        $began = $now->modify(\sprintf('-%d hours', 26 + 2 * $far + ($nth % 5)));
        Clock::set(new MockClock($began));
        $this->book->as(0 === $nth % 3 ? 'Tomas' : 'Ines');
        $docket = $this->take->begin(
            new TypedOrder($this->answers($order, $films, $now, 1 === $nth && 0 === $far)),
            $far > 0,
        );
        if ($far < 2) {
            return;
        }
        Clock::set(new MockClock($began->modify('+40 minutes')));
        $item = $docket->item();
        $this->draw->draw($item, $docket->version(), new Draft($item->words(), new Design($face)), true);
        if ($far < 3) {
            return;
        }
        $this->approval->approve($docket, $docket->version(), 1, $customer);
        if ($far >= 4) {
            $this->making->make($docket, $far, $began->modify('+2 hours'));
        } elseif ('Ottilie Marchbanks' === $customer) {
            $this->making->spoilOne($docket, $began->modify('+3 hours'));
        }
    }

    /**
     * @param array{
     *     string, string, string, string, string, string, string, string, string,
     *     int, int, int, string, string, string,
     * } $order
     * @param list<FilmOnShelf> $films
     */
    private function answers(array $order, array $films, \DateTimeImmutable $now, bool $unmeasured): Answers
    {
        [$customer, $contact, $words, $object, $surface, $width, $height, $corner, $use] = $order;
        [$film, $count, $days, $applies] = \array_slice($order, 9);

        return Answers::fromKept([
            'customer' => $customer,
            'contact' => $contact,
            'words' => $words,
            'object' => $object,
            'surface' => $surface,
            'width' => $width,
            'height' => $unmeasured ? '' : $height,
            'corner' => $corner,
            'useOf' => $use,
            'film' => (string) $films[$film]->id(),
            'quantity' => (string) $count,
            'neededOn' => $now->modify("+$days days")->format('Y-m-d'),
            'appliedBy' => $applies,
        ]);
    }

    /**
     * @param DemoOrder         $order
     * @param list<FilmOnShelf> $films
     */
    public function shaped(array $order, array $films, \DateTimeImmutable $now, int $nth): void
    {
        $far = self::FAR[$order['station']];
        $began = $now->modify(\sprintf('-%d hours', 28 + 2 * $far + $nth));
        Clock::set(new MockClock($began));
        $this->book->as(0 === $nth % 2 ? 'Ines' : 'Tomas');
        $docket = $this->taken($order, $films, $now);
        Clock::set(new MockClock($began->modify('+30 minutes')));
        $this->drawn($docket, $order, $films, $far > 1);
        if (isset($order['keep'])) {
            $this->designs->keep($order['keep'], $docket->items()[0]->object(), $docket->items()[0]->draft());
        }
        if ($far >= 3) {
            $this->approval->approve($docket, $docket->version(), 1, $docket->customer()?->name() ?? '');
        }
        if ($far >= 4) {
            $this->making->make($docket, $far, $began->modify('+2 hours'));
        }
        if (isset($order['coated'])) {
            Clock::set(new MockClock($now->modify("-{$order['coated']} minutes")));
            foreach ($docket->things() as $thing) {
                $this->bench->tick($thing, $thing->version(), [StepKind::Coat->value]);
            }
        }
        if (isset($order['change'])) {
            [, $token] = $this->links->give($docket, (string) ($order['answers']['contact'] ?? ''));
            Clock::set(new MockClock($began->modify('+5 hours')));
            $this->given->follow($token);
            $this->given->requestChange($token, $docket->customer()?->name() ?? '', $order['change'][0], [
                (int) (1000 * $order['change'][1]),
                (int) (1000 * $order['change'][2]),
            ]);
        }
    }

    /**
     * @param DemoOrder         $order
     * @param list<FilmOnShelf> $films
     */
    private function taken(array $order, array $films, \DateTimeImmutable $now): Docket
    {
        $film = $order['answers']['film'];
        $typed =
            [
                'film' => (string) $films[\is_int($film) ? $film : 0]->id(),
                'neededOn' => $now->modify("+{$order['days']} days")->format('Y-m-d'),
                // Each name of the demo is one person, whichever way they were reached this time.
                'known' => (string) ($this->customers->found($order['answers']['customer'], 1)[0] ?? null)?->id(),
            ] + $order['answers'];
        $others = array_map(
            static fn (array $other): Answers => Answers::fromKept(
                ['film' => (string) $films[\is_int($other['film'] ?? null) ? $other['film'] : 0]->id()]
                    + $other
                    + array_diff_key($typed, ['keepOuts' => 0, 'roster' => 0]),
            ),
            $order['others'] ?? [],
        );

        return $this->take->begin(new TypedOrder(Answers::fromKept($typed), $others), true);
    }

    /**
     * @param DemoOrder         $order
     * @param list<FilmOnShelf> $films
     */
    private function drawn(Docket $docket, array $order, array $films, bool $proof): void
    {
        $layers = array_map(
            static fn (array $layer): array => ['offset' => $layer[0], 'film' => $films[$layer[1]]->id()],
            $order['layers'] ?? [],
        );
        $docket->askPrice($order['price'] ?? null);
        $elements = array_map(
            static fn (array $element): DesignElement => DesignElement::fromKept(
                (isset($element['film']) && \is_int($element['film'])
                    ? ['film' => $films[$element['film']]->id()]
                    : []) + $element,
            ),
            $order['elements'] ?? [],
        );
        $design = new Design(
            $order['face'] ?? null,
            $order['capHeight'] ?? null,
            setting: $order['setting'] ?? null,
            layers: $layers ?: null,
        );
        foreach (array_reverse($docket->items()) as $item) {
            $first = 1 === $item->nth();
            $this->draw->draw(
                $item,
                $docket->version(),
                new Draft(
                    $item->words(),
                    $first ? $design : $design->sized(null),
                    $item->roster(),
                    elements: $first ? $elements : [],
                ),
                $first && $proof,
            );
        }
    }
}
