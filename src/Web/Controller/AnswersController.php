<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\AnswersReader;
use Yelbo\Shop\Orders\Customer;
use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\ThingReader;
use Yelbo\Shop\Orders\TypedWords;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Film\Advice;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Suitability;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Object\Kind;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Time\Promise;
use Yelbo\Web\Drawn;
use Yelbo\Web\View\AnswersView;
use Yelbo\Web\View\CheckView;
use Yelbo\Web\View\CustomersView;
use Yelbo\Web\View\CustomerView;
use Yelbo\Web\View\FieldView;
use Yelbo\Web\View\FilmAdviceView;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\FitView;

/** What can be said at Ask while the customer is still talking. */
final readonly class AnswersController
{
    public function __construct(
        private AnswersReader $reader,
        private ThingReader $things,
        private Dockets $dockets,
        private Shelf $shelf,
        private Drawn $drawn,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/answers', name: 'answers', methods: ['POST'])]
    public function __invoke(#[MapRequestPayload] Answers $answers): AnswersView
    {
        $wrong = [];
        try {
            $this->reader->read($answers);
        } catch (Refusals $refusals) {
            $wrong = $refusals->fields;
        }
        $film = $this->film($answers);
        $use = UseOf::tryFrom($answers->useOf) ?? UseOf::Indoor;
        $fit = $check = null;
        if ([] === array_diff_key($wrong, array_flip(['customer', 'contact', 'object', 'useOf', 'film', 'quantity', 'neededOn', 'note']))) {
            [$fit, $check] = $this->drawn($answers, $film?->grade() ?? Film::Permanent, $use, $wrong);
        }
        $ready = (new Promise($this->rules->current()))->earliest($this->clock->now());
        $needed = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($answers->neededOn), $this->clock->now()->getTimezone());

        return new AnswersView(
            array_map(static fn (string $field, string $says): FieldView => new FieldView($field, $says), array_keys($wrong), array_values($wrong)),
            $fit,
            $check,
            null === $film ? null : Suitability::warning($film->grade(), $use),
            $ready->format(\DATE_ATOM),
            false === $needed ? null : $needed->setTime(8, 0) >= $ready,
            $film?->life(),
            $this->advice($answers, $use),
        );
    }

    #[Route('/api/customers', name: 'customers', methods: ['GET'])]
    public function customers(#[MapQueryParameter] string $find = ''): CustomersView
    {
        return new CustomersView(array_map(
            static fn (Customer $customer): CustomerView => new CustomerView($customer->name(), $customer->contact()),
            $this->dockets->customers(mb_substr($find, 0, 80)),
        ));
    }

    /** @return list<FilmAdviceView> films for this surface and use, the best first, those the shop keeps */
    private function advice(Answers $answers, UseOf $use): array
    {
        /** @var array<string, list<FilmView>> $kept */
        $kept = [];
        foreach ($this->shelf->films() as $film) {
            $kept[$film->grade()->value][] = FilmView::of($film);
        }
        $round = \in_array($answers->surface, [Kind::Ball->value, Kind::Taper->value], true);
        $all = array_filter(Advice::all($use, Material::tryFrom($answers->material), 'inside' === $answers->side, $round), static fn (Advice $advice): bool => isset($kept[$advice->film->value]));

        return array_map(static fn (Advice $advice): FilmAdviceView => new FilmAdviceView(ucfirst($advice->film->value), $advice->verdict, $advice->reason, $kept[$advice->film->value] ?? []), array_values($all));
    }

    /**
     * @param array<string, string> $wrong
     *
     * @return array{FitView|null, CheckView|null}
     */
    private function drawn(Answers $answers, Film $film, UseOf $use, array &$wrong): array
    {
        $roster = TypedWords::roster($answers->roster);
        $words = [] === $roster ? TypedWords::lines($answers->words) : self::longest($roster);
        try {
            $thing = $this->things->read($answers);

            return [$this->drawn->view($thing, $words, new Design(), $film, $use), $this->drawn->check($thing, $words, new Design(), $film, $use)];
        } catch (Refusals) {
            return [null, null];
        } catch (Refused $refused) {
            $wrong[match (true) {
                str_starts_with($refused->at, '/object') => 'surface',
                str_starts_with($refused->at, '/keepOuts') => 'keepOuts',
                default => [] === $roster ? 'words' : 'roster',
            }] = $refused->getMessage();

            return [null, null];
        }
    }

    /**
     * The one that will decide the letter height, as far as letters counted say.
     *
     * @param non-empty-list<list<string>> $roster
     *
     * @return list<string>
     */
    private static function longest(array $roster): array
    {
        usort($roster, static fn (array $a, array $b): int => max(0, ...array_map(mb_strlen(...), $b)) <=> max(0, ...array_map(mb_strlen(...), $a)));

        return $roster[0];
    }

    private function film(Answers $answers): ?FilmOnShelf
    {
        foreach ($this->shelf->films() as $film) {
            if ((string) $film->id() === $answers->film) {
                return $film;
            }
        }

        return null;
    }
}
