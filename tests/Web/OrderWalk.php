<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Yelbo\Shop\Batches\CutFollowing;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Film\Film;

/**
 * An order on its way through the shop, every step of it asked over HTTP as a page would; the knife's and the coats'
 * time is in the test's hand. Whoever needs a docket at a station takes it there with these.
 */
trait OrderWalk
{
    /** A film of its own with eight sheets of 300 × 600 mm; its number as a field takes it. */
    private function shelved(Film $grade, string $colour, string $swatch = '#4a3560'): string
    {
        $film = new FilmOnShelf($grade, $colour, $swatch);
        $this->records->persist($film);
        $this->records->persist(new StockItem($film, StockItem::SHEET, 300_000, 600_000, 8, 'T'));
        $this->records->flush();

        return (string) $film->id();
    }

    /**
     * @param array<string, mixed>       $answers of the first item, and what is said once
     * @param list<array<string, mixed>> $others  of the further items
     *
     * @return array<string, mixed> the docket, at Size
     */
    private function asked(array $answers, array $others = []): array
    {
        $once = [
            'customer' => 'Bellwether Brass',
            'surface' => 'rectangle',
            'neededOn' => $this->clock->now()->modify('+12 days')->format('Y-m-d'),
            'appliedBy' => 'customer',
            'quantity' => '1',
        ];

        return $this->mustAsk('POST', '/api/dockets', [
            'take' => true,
            'answers' => $answers + $once,
            'others' => array_map(static fn (array $other): array => $other + $once, $others),
        ]);
    }

    /**
     * One item drawn, as Size keeps it.
     *
     * @param array<string, mixed> $design
     *
     * @return array<string, mixed> the docket
     */
    private function sized(int $number, array $design, int $item = 1): array
    {
        return $this->mustAsk('PUT', "/api/dockets/$number/design", [
            'version' => $this->mustAsk('GET', "/api/dockets/$number")['version'],
            'item' => $item,
            'face' => 'oswald',
            ...$design,
        ]);
    }

    /** @return array<string, mixed> the docket with its pieces, at Batch */
    private function agreed(int $number): array
    {
        $docket = $this->mustAsk('GET', "/api/dockets/$number");
        $proofs = \count($docket['proofs']);
        self::assertGreaterThan(0, $proofs, 'a proof is made with the last item');

        return $this->mustAsk('POST', "/api/dockets/$number/approve", [
            'version' => $docket['version'],
            'proof' => $proofs,
            'by' => 'Bellwether Brass',
        ]);
    }

    /** All films of an order laid out, printed where they are, cut and weeded. */
    private function weeded(int $number): void
    {
        for ($waiting = $this->at($number, 'waiting'); [] !== $waiting; $waiting = $this->at($number, 'waiting')) {
            $film = $waiting[0]['film']['id'];
            $this->cutOut(
                $film,
                array_filter($waiting, static fn (array $piece): bool => $piece['film']['id'] === $film),
            );
        }
        foreach ($this->at($number, 'weeding') as $piece) {
            $weeding = $this->mustAsk('GET', "/api/pieces/{$piece['id']}/weeding");
            $counted = $this->mustAsk('PUT', "/api/pieces/{$piece['id']}/out", [
                'version' => $weeding['piece']['version'],
                'numbers' => array_column($weeding['insides'], 'nth'),
            ]);
            $this->moved($counted['piece'], 'weeded');
        }
    }

    /**
     * Step after step as the plan of work tells them, and handed over.
     *
     * @return array<string, mixed> the docket
     */
    private function delivered(int $number): array
    {
        foreach ($this->mustAsk('GET', "/api/dockets/$number")['things'] as $thing) {
            $plan = $this->mustAsk('GET', "/api/things/{$thing['id']}/steps");
            $ticked = $this->mustAsk('PUT', "/api/things/{$thing['id']}/steps", [
                'version' => $plan['thing']['version'],
                'done' => array_column($plan['steps'], 'name'),
            ]);
            $this->movedThing($ticked['thing'], 'packed');
        }
        foreach ($this->mustAsk('GET', "/api/dockets/$number")['things'] as $thing) {
            $this->movedThing($thing, 'hand-over');
        }

        return $this->mustAsk('GET', "/api/dockets/$number");
    }

    /** @return list<array<string, mixed>> the pieces of an order in a state */
    private function at(int $number, string $state): array
    {
        return array_values(array_filter(
            $this->mustAsk('GET', "/api/dockets/$number")['pieces'],
            static fn (array $piece): bool => $piece['state'] === $state,
        ));
    }

    /** @param array<string, mixed> $piece as it was answered last */
    private function moved(array $piece, string $move): void
    {
        $this->mustAsk(
            'POST',
            "/api/pieces/{$piece['id']}/moves",
            ['move' => $move, 'version' => $piece['version'], 'detail' => ''],
        );
    }

    /** @param array<string, mixed> $thing as it was answered last */
    private function movedThing(array $thing, string $move): void
    {
        $this->mustAsk('POST', "/api/things/{$thing['id']}/moves", ['move' => $move, 'version' => $thing['version']]);
    }

    /** @param array<int, array<string, mixed>> $pieces of one film */
    private function cutOut(int $film, array $pieces): void
    {
        $nesting = $this->mustAsk('POST', '/api/nestings', [
            'film' => $film,
            'pieces' => array_map(
                static fn (array $piece): array => ['id' => $piece['id'], 'version' => $piece['version']],
                array_values($pieces),
            ),
        ]);
        $plan = $nesting['plans'][array_search('least-film', array_column($nesting['plans'], 'kind'), true)]['id'];
        $this->get(LayPlanHandler::class)(new LayPlan($plan));
        $version = $this->get(PlanEditor::class)->plan($plan)->version();
        foreach ($this->mustAsk('POST', "/api/plans/$plan/release", ['version' => $version])['batches'] as $batch) {
            $this->knifed($batch['id']);
        }
    }

    /** Printed and coated where the film asks for it, and cut to the end. */
    private function knifed(int $batch): void
    {
        $sheet = $this->mustAsk('GET', "/api/batches/$batch");
        while (null !== $sheet['printing'] && 'ready' !== $sheet['printing']['next']) {
            $done = 'print' === $sheet['printing']['next'] ? 'printed' : 'coated';
            $this->mustAsk('POST', "/api/batches/$batch/$done", [
                'version' => $sheet['version'],
            ]);
            $this->clock->modify('+30 minutes');
            $sheet = $this->mustAsk('GET', "/api/batches/$batch");
        }
        $this->mustAsk('POST', "/api/batches/$batch/cut", [
            'version' => $sheet['version'],
            'stock' => $sheet['stock']['id'],
        ]);
        $this->machine()->machine->pass(100_000);
        self::assertFalse(
            $this->get(CutFollowing::class)->follow($batch, $this->machine()->status()->job ?? ''),
            'the knife is done',
        );
        self::assertSame('cut', $this->mustAsk('GET', "/api/batches/$batch")['state']);
    }

    /** @return array<string, mixed> the answer to what must not be refused */
    private function mustAsk(string $method, string $path, mixed $body = null): array
    {
        $answer = $this->ask($method, $path, $body);
        self::assertContains(
            $this->status,
            [200, 201, 202],
            "$method $path: ".json_encode($answer, \JSON_THROW_ON_ERROR),
        );

        return $answer;
    }
}
