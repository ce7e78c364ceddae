<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Heard;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Object\Kind;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Plan\Waits;
use Yelbo\Trade\Time\Paint;

/** What the things of an order that is only asked for take of hands: for its promise and for its price. */
final readonly class AskedThings
{
    /** µm: of one that is not drawn yet. */
    private const OTHER_LONGER = 150_000;

    public function __construct(private Shelf $shelf, private ShopRules $rules)
    {
    }

    /**
     * @param list<Answers> $others what was answered of the other things of the order
     *
     * @return non-empty-list<AskedThing>
     */
    public function of(Answers $answers, Heard $heard, array $others): array
    {
        return [
            $this->thing($answers, $heard->drawn, $heard->weeding),
            ...array_map(fn (Answers $one): AskedThing => $this->thing($one, null, null), $others),
        ];
    }

    /** One that is drawn. @param float $weeding minutes */
    public function drawn(Answers $answers, DrawnDesign $drawn, float $weeding): AskedThing
    {
        return $this->thing($answers, $drawn, $weeding);
    }

    private function thing(Answers $answers, ?DrawnDesign $drawn, ?float $weeding): AskedThing
    {
        $film = $this->shelf->filmNumbered((int) $answers->film);
        $grade = $film?->grade() ?? Film::Permanent;
        $names = \count(TypedWords::roster($answers->roster));
        $use = Usage::tryFrom($answers->useOf) ?? Usage::Indoor;
        $material = Material::tryFrom($answers->material);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($answers->paintedOn));
        $box = $drawn?->fitted->artwork->box();

        return new AskedThing(
            $grade,
            $film?->colour() ?? '',
            max(1, (int) $answers->quantity) * max(1, $names) * max(1, (int) $answers->panes),
            null === $weeding || 0.0 === $weeding
                ? (new StepMinutes($this->rules->current()))->weedUnseen($grade)
                : $weeding,
            null === $box ? self::OTHER_LONGER : max($box->width(), $box->height()),
            true === Kind::tryFrom($answers->surface)?->isRound(),
            Waits::isElsewhere($use, $material),
            'customer' !== $answers->appliedBy,
            Finish::tryFrom($answers->finish) ?? Finish::None,
            false === $day || true !== $material?->isPainted()
                ? null
                : (new Paint($day, $this->rules->current()))->curedAt(),
        );
    }
}
