<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\UseOf;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Object\KeepOut;
use Yelbo\Trade\Object\Kind;
use Yelbo\Trade\Refused;

/** Reads what was typed at Ask, every field with a sentence of its own where it is wrong. */
final readonly class AnswersReader
{
    private const MOST_PIECES = 200;
    private const MOST_NAMES = 400;
    private const MOST_KEEP_OUTS = 20;
    private const LARGEST_OBJECT = 20_000_000;

    public function __construct(private EntityManagerInterface $records, private ClockInterface $clock, private ShopRules $rules)
    {
    }

    /** @throws Refusals */
    public function read(Answers $answers): Agreed
    {
        $wrong = new Wrong();
        $customer = $this->text($wrong, 'customer', $answers->customer, 120, 'Who is it for? A name is enough.');
        $contact = $this->text($wrong, 'contact', $answers->contact, 200, null);
        $roster = self::roster($answers->roster);
        if (\count($roster) > self::MOST_NAMES) {
            $wrong->at('roster', 'At most '.self::MOST_NAMES.' names in one order. Split the list.');
        }
        $words = [] === $roster ? $this->words($wrong, $answers->words) : $roster[0];
        $thing = $this->thing($wrong, $answers, $this->text($wrong, 'object', $answers->object, 80, 'What does it go on? For example: seed tin, letter box.'));
        $useOf = UseOf::tryFrom($answers->useOf) ?? $wrong->at('useOf', 'Say where it will be used: indoors, outdoors, washed or on a vehicle.');
        $film = $this->records->find(FilmOnShelf::class, (int) $answers->film) ?? $wrong->at('film', 'Choose a film and colour.');
        $quantity = $this->quantity($wrong, $answers->quantity);
        $neededAt = $this->day($wrong, $answers->neededOn);
        $note = $this->text($wrong, 'note', $answers->note, 2000, null);
        $this->refuseWhatCannotWork($wrong, $answers, $film);
        $wrong->refuse();
        if (!$thing instanceof Thing || !$useOf instanceof UseOf || !$film instanceof FilmOnShelf || !$neededAt instanceof \DateTimeImmutable) {
            throw new \LogicException('A wrong answer was not noted.');
        }

        return new Agreed($customer, $contact, $words, $thing, $useOf, $film, $quantity, $neededAt, 'customer' !== $answers->appliedBy, $note, $roster);
    }

    /** @return list<string> the lines that hold something */
    public static function lines(string $typed): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('~\R~u', $typed) ?: []), static fn (string $line): bool => '' !== $line));
    }

    /**
     * The object alone, for an answer while the rest is still being asked.
     *
     * @throws Refusals
     */
    public function surface(Answers $answers): Thing
    {
        $wrong = new Wrong();
        $thing = $this->thing($wrong, $answers, trim($answers->object));
        $wrong->refuse();

        return $thing ?? throw new \LogicException('A wrong measure was not noted.');
    }

    private function thing(Wrong $wrong, Answers $answers, string $name): ?Thing
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

    /** Film against surface and use: what cannot work is refused with what would (section 6). */
    private function refuseWhatCannotWork(Wrong $wrong, Answers $answers, mixed $film): void
    {
        $material = Material::tryFrom($answers->material);
        $grade = $film instanceof FilmOnShelf ? $film->grade() : Film::Removable;
        $refusal = $material?->refusal($grade, 'inside' === $answers->side);
        if (null !== $refusal) {
            $wrong->at(match ($material) {
                Material::TintedGlass => 'side',
                Material::Wall => 'film',
                default => 'material',
            }, $refusal);
        }
        if (UseOf::Washed->value === $answers->useOf && 'yes' === $answers->dishwasher) {
            $wrong->at('dishwasher', 'No film stands the dishwasher. It lasts washed by hand; for the dishwasher the thing has to be engraved or fired, which is another trade.');
        }
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
            $length = $this->length($wrong, $name, $typed, $answers->units(), 'corner' === $name ? 0 : 1000);
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

    private function length(Wrong $wrong, string $field, string $typed, Units $units, int $least = 1000): ?int
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
        if ($length < $least || $length > self::LARGEST_OBJECT) {
            $wrong->at($field, 'Between 1 mm and 20 m, please: check the figure and its unit.');

            return null;
        }

        return $length;
    }

    /**
     * A roster as it is typed: a decal on each line, its own lines parted by a stroke.
     *
     * @return list<list<string>>
     */
    public static function roster(string $typed): array
    {
        return array_map(static fn (string $line): array => array_values(array_filter(array_map(trim(...), explode('|', $line)), static fn (string $part): bool => '' !== $part)) ?: [$line], self::lines($typed));
    }

    /** @return list<string> */
    private function words(Wrong $wrong, string $typed): array
    {
        $lines = self::lines($typed);
        if ([] === $lines) {
            $wrong->at('words', 'What words? Spell them as they should be cut.');
        }
        if (\count($lines) > 12) {
            $wrong->at('words', 'Twelve lines at most on one decal.');
        }

        return $lines;
    }

    private function quantity(Wrong $wrong, string $typed): int
    {
        $quantity = filter_var(trim($typed), \FILTER_VALIDATE_INT);
        if (false === $quantity || $quantity < 1 || $quantity > self::MOST_PIECES) {
            $wrong->at('quantity', 'How many? From 1 to '.self::MOST_PIECES.'.');

            return 1;
        }

        return $quantity;
    }

    private function day(Wrong $wrong, string $typed): ?\DateTimeImmutable
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($typed), $this->clock->now()->getTimezone());
        if (false === $day || $day->format('Y-m-d') !== trim($typed)) {
            $wrong->at('neededOn', 'By when is it used? Give the day.');

            return null;
        }
        if ($day < $this->clock->now()->setTime(0, 0)) {
            $wrong->at('neededOn', 'That day has passed.');

            return null;
        }

        return $day->setTime(8, 0);
    }

    private function text(Wrong $wrong, string $field, string $typed, int $most, ?string $needed): string
    {
        $text = trim($typed);
        if ('' === $text && null !== $needed) {
            $wrong->at($field, $needed);
        }
        if (mb_strlen($text) > $most) {
            $wrong->at($field, "At most $most letters here.");
        }

        return $text;
    }
}
