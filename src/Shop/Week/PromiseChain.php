<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Week\Placed;

/** What a promise is made of, to be read out at the counter: “Cut Fri, weeded Fri, rests until Thu; ready Thu …”. */
final readonly class PromiseChain
{
    /** s: days further away are called by their date. */
    private const WEEK = 6 * 86_400;

    /** @param int $way s a parcel is on its way */
    public function __construct(private \DateTimeImmutable $now, private int $way)
    {
    }

    /**
     * @param non-empty-list<OrderStep> $steps
     * @param non-empty-list<Placed>    $placed
     */
    public function says(AskedOrder $order, array $steps, array $placed, \DateTimeImmutable $readyAt): string
    {
        $said = $coats = [];
        $rests = 0;
        foreach ($steps as $nth => $step) {
            $ends = $placed[$nth]->to;
            $coats = [...$coats, ...AskedSteps::COAT === $step->says ? [$this->day($ends)] : []];
            $rests = Station::Apply === $step->station ? $ends + 60 * $step->wait : $rests;
            if (AskedSteps::SEND !== $step->key && AskedSteps::COAT !== $step->says) {
                $said[] = strtok($step->says, ',')." {$this->day($ends)}";
            }
            if (AskedSteps::SIZE === $step->key) {
                $said[] = "your yes {$this->day($ends + 60 * $step->wait)}";
                $said = [...$said, ...$this->bought($order)];
            }
        }
        if ([] !== $coats) {
            $said[] = (1 === \count($coats) ? 'a coat ' : 'coats ').implode(' and ', array_unique($coats));
        }

        return ucfirst(implode(', ', array_unique([...$said, ...$this->end($order, $steps, $placed, $rests)]))).
            "; ready {$readyAt->format('D j M, H:i')}.";
    }

    /** @return list<string> */
    private function bought(AskedOrder $order): array
    {
        return [
            ...$order->filmIn > 0 ? ["film here {$this->day($order->filmIn)}"] : [],
            ...$order->blanksIn > 0 ? ["blanks here {$this->day($order->blanksIn)}"] : [],
        ];
    }

    /**
     * @param non-empty-list<OrderStep> $steps
     * @param non-empty-list<Placed>    $placed
     * @param int                       $rests  s since now until which it rests here
     *
     * @return list<string>
     */
    private function end(AskedOrder $order, array $steps, array $placed, int $rests): array
    {
        $last = \count($steps) - 1;
        $handed = $placed[$last]->to;
        $isPosted = Handover::Posted === $order->delivery;

        return [
            ...$rests > $placed[max(0, $last - 1)]->to ? ["rests until {$this->day($rests)}"] : [],
            match (true) {
                $isPosted => "posted {$this->day($handed)}",
                Handover::Round === $order->delivery => "brought {$this->day($handed)}",
                default => "handed over {$this->day($handed)}",
            },
            ...match (true) {
                $isPosted && $order->restsHere() => ["with you {$this->day($handed + $this->way)}"],
                $isPosted => ['on its way and then at rest on its object'],
                $steps[$last]->wait > 0 => ['rests on its object from then'],
                default => [],
            },
        ];
    }

    private function day(int $seconds): string
    {
        return $this->now
            ->add(new \DateInterval("PT{$seconds}S"))
            ->format($seconds < self::WEEK ? 'D' : 'D j M');
    }
}
