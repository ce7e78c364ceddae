<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Object\KeepOut;
use Yelbo\Trade\Object\Kind;
use Yelbo\Trade\Refused;

/** Reads what was typed of the object: its kind, its measures, what is to stay clear on it. */
final readonly class ThingReader
{
    private const MOST_KEEP_OUTS = 20;
    /** µm */
    private const SMALLEST = 1000;
    private const LARGEST = 20_000_000;

    public function __construct(private ShopRules $rules)
    {
    }

    /**
     * The object alone, for an answer while the rest is still being asked.
     *
     * @throws Refusals
     */
    public function read(Answers $answers): Thing
    {
        $wrong = new Wrong();
        $thing = $this->thing($wrong, $answers, trim($answers->object));
        $wrong->refuse();

        return $thing ?? throw new \LogicException('A wrong measure was not noted.');
    }

    /** @return Thing|null nothing where it is wrong, which is noted */
    public function thing(Wrong $wrong, Answers $answers, string $name): ?Thing
    {
        $kind = Kind::tryFrom($answers->surface) ?? $wrong->at('surface', 'What shape is it? Choose one.');
        if (null === $kind) {
            return null;
        }
        $measures = $this->measures($wrong, $answers, $kind);
        $keepOuts = $this->keepOuts($wrong, $answers);
        if (null === $measures || null === $keepOuts) {
            return null;
        }
        $material = '' === $answers->material ? null : Material::tryFrom($answers->material);
        if (true === $material?->hasInside() && 'inside' === $answers->side) {
            $measures['inside'] = 1;
        }
        $thing = new Thing($name, $kind->value, self::whole($measures['width'] ?? null), self::whole($measures['height'] ?? null), self::whole($measures['corner'] ?? null),
            array_diff_key($measures, ['width' => 0, 'height' => 0, 'corner' => 0]) ?: null, $keepOuts ?: null, $material?->value);
        try {
            $thing->kept($this->rules->current());
        } catch (Refused $refused) {
            $wrong->at(self::field($refused->at), $refused->getMessage());

            return null;
        }

        return $thing;
    }

    private static function whole(int|float|string|null $micrometres): ?int
    {
        return \is_int($micrometres) ? $micrometres : null;
    }

    /** The field that a place in the core's answer belongs to. */
    private static function field(string $at): string
    {
        $place = ltrim($at, '/');

        return match (true) {
            'inner' === $place => 'innerWidth',
            str_starts_with($place, 'keepOuts') => str_replace('/', '.', $place),
            '' === $place || 'path' === $place => 'outline',
            default => $place,
        };
    }

    /** @return array<string, int|float|string>|null µm by name */
    private function measures(Wrong $wrong, Answers $answers, Kind $kind): ?array
    {
        $measures = [];
        $whole = true;
        $names = array_column($kind->lengths(), 0);
        foreach ($kind->lengths() as [$name, , $needed]) {
            $typed = $answers->length($name);
            if ('' === trim($typed) && !$needed) {
                continue;
            }
            $length = $this->length($wrong, $name, $typed, $answers->units(), 'corner' === $name ? 0 : self::SMALLEST);
            $whole = $whole && null !== $length;
            $measures[$name] = $length ?? 0;
        }
        if (\in_array('diameter', $names, true) && !isset($measures['diameter']) && !isset($measures['circumference'])) {
            $wrong->at($names[0], 'Measure round it with a tape, or across it: one of the two.');
            $whole = false;
        }
        foreach ($this->figures($kind) as [$name, $least, $most, $needed, $sentence]) {
            $typed = str_replace(',', '.', trim($answers->length($name), ' m°'));
            if ('' === $typed && !$needed) {
                continue;
            }
            if (!is_numeric($typed) || (float) $typed < $least || (float) $typed > $most) {
                $wrong->at($name, $sentence);
                $whole = false;
                continue;
            }
            $measures[$name] = (float) $typed;
        }
        if (Kind::Taper === $kind) {
            $measures['wideEnd'] = 'bottom' === $answers->wideEnd ? 'bottom' : 'top';
        }
        if (Kind::Outline === $kind) {
            $measures['outline'] = $answers->outline;
        }

        return $whole ? $measures : null;
    }

    /** @return list<array{string, float, float, bool, string}> plain figures: name, least, most, needed, sentence */
    private function figures(Kind $kind): array
    {
        return match ($kind) {
            Kind::Polygon => [['sides', 3, 60, true, 'How many sides? From 3 to 60.']],
            Kind::Panes => [['panes', 1, 60, true, 'How many panes? From 1 to 60.']],
            Kind::Cylinder, Kind::Taper => [['seen', 10, 180, false, 'How many degrees are seen from the front? From 10 to 180; empty for all round.']],
            Kind::Panel => [['readFrom', 0.5, 200, false, 'From how many metres is it read? From 0.5 to 200.']],
            default => [],
        };
    }

    /** @return list<array{what: string, x: int, y: int, width: int, height: int}>|null µm */
    private function keepOuts(Wrong $wrong, Answers $answers): ?array
    {
        $kept = [];
        $whole = true;
        if (\count($answers->keepOuts) > self::MOST_KEEP_OUTS) {
            return $wrong->at('keepOuts', 'At most '.self::MOST_KEEP_OUTS.' parts to keep clear.');
        }
        foreach ($answers->keepOuts as $nth => $part) {
            $what = KeepOut::tryFrom($part->what) ?? $wrong->at("keepOuts.$nth.what", 'What is there to keep clear of?');
            if (null === $what) {
                return null;
            }
            $of = function (string $name, string $typed) use ($wrong, $what, $nth, $answers, &$whole): int {
                if (!\in_array($name, $what->measures(), true)) {
                    return 0;
                }
                $length = $this->length($wrong, "keepOuts.$nth.$name", $typed, $answers->units(), 0);
                $whole = $whole && null !== $length;

                return $length ?? 0;
            };
            $kept[] = ['what' => $what->value, 'x' => $of('x', $part->x), 'y' => $of('y', $part->y), 'width' => $of('width', $part->width), 'height' => $of('height', $part->height)];
        }

        return $whole ? $kept : null;
    }

    private function length(Wrong $wrong, string $field, string $typed, Units $units, int $least = self::SMALLEST): ?int
    {
        if ('' === trim($typed)) {
            $wrong->at($field, 'Measure it along the surface, like 108mm or 4 1/4.');

            return null;
        }
        try {
            $length = Length::read($typed, $units)->micrometres;
        } catch (Refused $refused) {
            $wrong->at($field, $refused->getMessage());

            return null;
        }
        if ($length < $least || $length > self::LARGEST) {
            $wrong->at($field, 'Between 1 mm and 20 m, please: check the figure and its unit.');

            return null;
        }

        return $length;
    }
}
