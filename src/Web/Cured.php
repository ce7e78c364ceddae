<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Drawing;
use Yelbo\Shop\Orders\Inspection;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Advice;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Lettering\Faces;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Mending;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Refused;
use Yelbo\Web\View\CureChangeView;
use Yelbo\Web\View\CuredSnagView;
use Yelbo\Web\View\CuresView;
use Yelbo\Web\View\CureView;
use Yelbo\Web\View\SampleView;
use Yelbo\Web\View\SettingPartView;

/**
 * Cures that were tried: each is drawn and checked again, and shown only where its snag is gone
 * and no new stop appeared. Source: handbook section 5.
 *
 * @phpstan-import-type Cure from Snag
 * @phpstan-type Order array{thing: Thing, words: list<string>, design: Design, film: FilmOnShelf, use: UseOf}
 */
final readonly class Cured
{
    /** Faces and films that are tried for one snag. */
    private const MOST_TRIED = 3;
    /** What a figure grows by when it was a hair too small: mending makes art larger, so it is set smaller. */
    private const AGAIN = [1.0, 1.15, 1.35];
    /** µm: what figures of mending are rounded up to. */
    private const STEP = 10;

    /** Said, since no drawing changes it. */
    private const SAID = [
        'test-first' => 'test a scrap first', 'snip' => 'snip the tape between letters', 'split' => 'split the decal', 'panels' => 'cut it in panels',
        'another-material' => 'another material: heat-applied film', 'outside' => 'stick it on the outside, not mirrored',
    ];

    public function __construct(private Drawing $drawing, private Inspection $inspection, private Sampler $sampler, private Faces $faces, private Shelf $shelf)
    {
    }

    /**
     * @param Order $order
     *
     * @throws Refused
     */
    public function all(array $order): CuresView
    {
        $fitted = $this->drawing->of($order['thing'], $order['words'], $order['design']);
        $groups = $this->inspection->of($fitted, $order['thing'], $order['film']->grade(), $order['use'], $order['film']);

        return new CuresView(array_map(fn (SnagGroup $group): CuredSnagView => new CuredSnagView($group->code, $this->against($group, $groups, $order, $fitted)), $groups));
    }

    /**
     * @param list<SnagGroup> $groups
     * @param Order           $order
     *
     * @return list<CureView>
     */
    private function against(SnagGroup $group, array $groups, array $order, Fitted $fitted): array
    {
        $cures = [];
        foreach ($group->cures as $cure) {
            if (isset(self::SAID[$cure['do']])) {
                $cures[] = new CureView($cure['do'], self::SAID[$cure['do']], '', null);
                continue;
            }
            foreach ($this->attempts($cure, $order, $fitted) as $attempt) {
                $effect = $this->effect($group, $groups, $attempt['order']);
                if (null !== $effect) {
                    $cures[] = new CureView($cure['do'], $attempt['says'], $effect, $attempt['change']);
                    break;
                }
            }
        }

        return $cures;
    }

    /**
     * What it comes to; nothing where it does not help.
     *
     * @param list<SnagGroup> $before
     * @param Order           $order
     */
    private function effect(SnagGroup $cured, array $before, array $order): ?string
    {
        try {
            $fitted = $this->drawing->of($order['thing'], $order['words'], $order['design']);
        } catch (Refused) {
            return null;
        }
        $after = $this->inspection->of($fitted, $order['thing'], $order['film']->grade(), $order['use'], $order['film']);
        $stops = static function (array $groups): array {
            $count = [];
            foreach ($groups as $group) {
                if (Snag::STOP === $group->severity) {
                    $count[$group->code] = $group->count;
                }
            }

            return $count;
        };
        $known = $stops($before);
        foreach ($stops($after) as $code => $count) {
            if ($count > ($known[$code] ?? 0)) {
                return null;
            }
        }
        foreach ($after as $group) {
            if ($group->code === $cured->code && $group->severity === $cured->severity && ([] === $group->spots) === ([] === $cured->spots)) {
                return null;
            }
        }
        $box = $fitted->artwork->box();
        $left = array_sum($stops($after));

        return \sprintf('%s%s × %s mm over all%s', null === $fitted->words->art ? 'letters '.Length::micrometres($fitted->capHeight)->inMetric().' mm, ' : '', Length::micrometres($box->width())->inMetric(), Length::micrometres($box->height())->inMetric(),
            0 === $left ? '' : ", $left other ".(1 === $left ? 'stop stays' : 'stops stay'));
    }

    /**
     * @param Cure  $cure
     * @param Order $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function attempts(array $cure, array $order, Fitted $fitted): iterable
    {
        $by = $cure['by'] ?? 0;
        $height = $cure['capHeight'] ?? 0;

        return match ($cure['do']) {
            'enlarge' => $this->heights([$height, (int) ceil($height * 1.03)], $order, 'Letters %s high'),
            'reduce' => $this->heights([$height], $order, 'Letters %s high fit'),
            'centre' => [['order' => [...$order, 'design' => $order['design']->centred()], 'says' => 'Back to the middle', 'change' => new CureChangeView(null, null, null, true, [])]],
            'thicken' => $this->thickened($by, $order),
            'fuse' => $this->mendings('fuse', $by, $order, 'Close gaps up to %s mm', 0),
            'fill' => $this->mendings('fill', $by, $order, 'Fill insides under %s mm', 0),
            'drop' => $this->mendings('drop', $by, $order, 'Drop parts under %s mm', 0),
            'track' => null === $order['design']->art() ? $this->tracked($by, $order, $fitted) : [],
            'leave-out' => [['order' => [...$order, 'design' => $order['design']->without($cure['colour'] ?? '')], 'says' => 'Leave that outline out', 'change' => new CureChangeView('', null, null, true, [new SettingPartView('leave-out', $cure['colour'] ?? '')])]],
            'widen-rim' => $this->widened($by, $order),
            'bolder-face' => $this->bolder($order),
            'another-film' => $this->films($cure, $order),
            default => [],
        };
    }

    /**
     * @param list<int> $heights µm
     * @param Order     $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function heights(array $heights, array $order, string $says): iterable
    {
        foreach ($heights as $height) {
            yield ['order' => [...$order, 'design' => $order['design']->sized($height)], 'says' => \sprintf($says, Length::micrometres($height)->inBoth()), 'change' => new CureChangeView(self::typed($height), null, null, true, [])];
        }
    }

    /**
     * @param value-of<Mending::STEPS> $step
     * @param Order                    $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function mendings(string $step, int $by, array $order, string $says, int $already): iterable
    {
        foreach (self::AGAIN as $factor) {
            $figure = $already + self::STEP * (int) ceil($by * $factor / self::STEP);
            yield ['order' => [...$order, 'design' => $order['design']->with($step, $figure)], 'says' => \sprintf($says, Length::micrometres($figure)->inMetric()), 'change' => new CureChangeView(null, null, null, false, [new SettingPartView($step, self::typed($figure))])];
        }
    }

    /**
     * Thicker strokes close insides: where that is all that speaks against it, those are filled too.
     *
     * @param Order $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function thickened(int $by, array $order): iterable
    {
        $already = $order['design']->mending()->thicken;
        yield from $this->mendings('thicken', $by, $order, 'Thicken by %s mm on each side', $already);
        $limit = $this->inspection->limits($order['film']->grade(), $order['use'], $order['film'])->counter;
        foreach (self::AGAIN as $factor) {
            $figure = $already + self::STEP * (int) ceil($by * $factor / self::STEP);
            yield ['order' => [...$order, 'design' => $order['design']->with('thicken', $figure)->with('fill', $limit)],
                'says' => 'Thicken by '.Length::micrometres($figure)->inMetric().' mm on each side, and fill the insides that close',
                'change' => new CureChangeView(null, null, null, false, [new SettingPartView('thicken', self::typed($figure)), new SettingPartView('fill', self::typed($limit))])];
        }
    }

    /**
     * @param Order $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function tracked(int $by, array $order, Fitted $fitted): iterable
    {
        // A letter height is some seven tenths of the em.
        $needed = (int) ceil(700 * $by / max(1, $fitted->capHeight));
        foreach (self::AGAIN as $factor) {
            $tracking = $fitted->words->setting->tracking + max(1, (int) ceil($needed * $factor));
            yield ['order' => [...$order, 'design' => $order['design']->centred()->with('tracking', $tracking)], 'says' => "Tracking $tracking", 'change' => new CureChangeView(null, null, null, true, [new SettingPartView('tracking', (string) $tracking)])];
        }
    }

    /**
     * @param Order $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function widened(int $width, array $order): iterable
    {
        $layers = $order['design']->layers();
        foreach ($layers as $nth => $layer) {
            $layers[$nth]['offset'] = max($layer['offset'], $width + ($nth > 0 ? $width : 0));
        }
        $parts = array_map(static fn (array $layer, string $field): SettingPartView => new SettingPartView($field, self::typed($layer['offset'])), $layers, \array_slice(['offset', 'base'], 0, \count($layers)));
        yield ['order' => [...$order, 'design' => $order['design']->layered($layers)], 'says' => 'A rim of '.Length::micrometres($width)->inMetric().' mm', 'change' => new CureChangeView(null, null, null, true, $parts)];
    }

    /**
     * Faces that can be cut here, those of the same style first.
     *
     * @param Order $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function bolder(array $order): iterable
    {
        if (null !== $order['design']->art()) {
            return;
        }
        $own = $this->faces->named($order['design']->face());
        $samples = array_values(array_filter($this->sampler->all($order['thing'], $order['words'], $order['design']->sized(null), $order['film'], $order['use']), static fn (SampleView $sample): bool => $sample->canBeCut && $sample->face !== $own->slug));
        $kind = static fn (string $style): string => explode(',', $style)[0];
        usort($samples, static fn (SampleView $a, SampleView $b): int => [$b->style === $own->style, $kind($b->style) === $kind($own->style)] <=> [$a->style === $own->style, $kind($a->style) === $kind($own->style)]);
        foreach (\array_slice($samples, 0, self::MOST_TRIED) as $sample) {
            yield ['order' => [...$order, 'design' => $order['design']->inFace($sample->face)], 'says' => "Set in $sample->name", 'change' => new CureChangeView('', $sample->face, null, true, [])];
        }
    }

    /**
     * @param Cure  $cure
     * @param Order $order
     *
     * @return iterable<array{order: Order, says: string, change: CureChangeView}>
     */
    private function films(array $cure, array $order): iterable
    {
        /** @var array<string, int|null> $places */
        $places = [];
        foreach (Advice::all($order['use'], $order['thing']->material(), $order['thing']->isInside()) as $nth => $advice) {
            $places[$advice->film->value] = Advice::REFUSED === $advice->verdict ? null : $nth;
        }
        $films = array_values(array_filter($this->shelf->films(), static fn (FilmOnShelf $film): bool => $film->grade() !== $order['film']->grade() && null !== ($places[$film->grade()->value] ?? null) && ($cure['film'] ?? $film->grade()->value) === $film->grade()->value));
        usort($films, static fn (FilmOnShelf $a, FilmOnShelf $b): int => ($places[$a->grade()->value] ?? 0) <=> ($places[$b->grade()->value] ?? 0));
        $tried = [];
        foreach ($films as $film) {
            if (isset($tried[$film->grade()->value]) || \count($tried) >= self::MOST_TRIED) {
                continue;
            }
            $tried[$film->grade()->value] = true;
            yield ['order' => [...$order, 'film' => $film], 'says' => $film->name(), 'change' => new CureChangeView(null, null, (string) $film->id(), false, [])];
        }
    }

    private static function typed(int $micrometres): string
    {
        return ($micrometres / 1000).'mm';
    }
}
