<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Yelbo\Shop\Input\FieldMap;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Contrast;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Measure\TypedDay;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Object\Allowance;
use Yelbo\Trade\Object\DrunkFrom;
use Yelbo\Trade\Object\KeepOut;
use Yelbo\Trade\Object\OddShape as OutlineSurface;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Refused;

/** Reads what was typed of the object: its kind, its measures, what is to stay clear on it. */
final readonly class ObjectReader
{
    private const MOST_KEEP_OUTS = 20;
    /** µm */
    private const SMALLEST = 1000;
    private const LARGEST = 20_000_000;

    public function __construct(private ShopRules $rules, private ObjectPhotos $photos)
    {
    }

    /**
     * The object alone, for an answer while the rest is still being asked.
     *
     * @throws Refusals
     */
    public function read(ObjectAnswers $answers): MeasuredObject
    {
        $fields = new Fields();
        $object = $this->readInto($fields, $answers, trim($answers->object));
        $fields->refuseIfWrong();

        return $object ?? throw new \LogicException('A wrong measure was not noted.');
    }

    /**
     * The object among other answers.
     *
     * @param string $name as it was read
     *
     * @return MeasuredObject|null none where something of it is wrong, which the fields then say
     */
    public function readInto(Fields $fields, ObjectAnswers $answers, string $name): ?MeasuredObject
    {
        $kind = $fields->choice(
            'surface',
            $answers->surface->kind(),
            SurfaceKind::class,
            'What shape is it? Choose one.',
        );
        if (null === $kind) {
            return null;
        }
        $own = new Fields();
        $measures = $this->measures($own, $answers, $kind);
        $keepOuts = $this->keepOuts($own, $answers);
        if (
            'none' !== $answers->measure('lip')
            && \in_array($kind, [SurfaceKind::Cylinder, SurfaceKind::Taper], true)
            && DrunkFrom::isToldBy($name)
            && !\in_array(KeepOut::Lip->value, array_column($keepOuts, 'what'), true)
        ) {
            $keepOuts[] = ['what' => KeepOut::Lip->value, 'x' => 0, 'y' => 0, 'width' => 0, 'height' => 0];
        }
        $measures += $this->looks($own, $answers, $kind);
        if ($own->isWrong()) {
            return $fields->refuseAll(
                new Refusals($own->sentences() ?: throw new \LogicException('Nothing is wrong.')),
            );
        }
        $object = new MeasuredObject(
            $name,
            $kind->value,
            self::whole($measures['width'] ?? null),
            self::whole($measures['height'] ?? null),
            self::whole($measures['corner'] ?? null),
            array_diff_key($measures, ['width' => 0, 'height' => 0, 'corner' => 0]) ?: null,
            $keepOuts ?: null,
            Material::tryFrom($answers->material)?->value,
        );
        try {
            $object->kept($this->rules->current());
        } catch (Refused $refused) {
            return $fields->refuseAll(FieldMap::Object->refusals($refused));
        }

        return $object;
    }

    /**
     * What it is made of and looks like, where that counts.
     *
     * @return array<string, int|string>
     */
    private function looks(Fields $fields, ObjectAnswers $answers, SurfaceKind $kind): array
    {
        $material = Material::tryFrom($answers->material);
        $allowance = Allowance::tryFrom($answers->allowance) ?? Allowance::Usual;
        if ('' !== $answers->colour && !Contrast::isColour($answers->colour)) {
            $fields->refuse('colour', 'A colour is written as #rrggbb, or chosen.');
        }
        $photo = '' === $answers->photo ? null : $this->photo($fields, $answers->photo, $kind);
        $painted = true === $material?->isPainted() ? trim($answers->paintedOn) : '';
        if ('' !== $painted && null === TypedDay::read($painted)) {
            $fields->refuse('paintedOn', 'When was it painted? Give the day, or leave it empty.');
        }

        return [
            ...true === $material?->hasInside() && 'inside' === $answers->side ? ['inside' => 1] : [],
            ...Allowance::Usual === $allowance ? [] : ['allowance' => $allowance->value],
            ...'' === $answers->colour ? [] : ['colour' => strtolower($answers->colour)],
            ...null === $photo ? [] : ['photo' => $photo],
            ...'' === $painted ? [] : ['paintedOn' => $painted],
        ];
    }

    /** @return string|null its name */
    private function photo(Fields $fields, string $named, SurfaceKind $kind): ?string
    {
        try {
            $photo = $this->photos->named($named);
        } catch (NotFound $gone) {
            return $fields->refuse('photo', $gone->getMessage().' Lay one on it again.');
        }

        return $photo->kind() === $kind
            ? $photo->name()
            : $fields->refuse('photo', 'The photo was laid on another shape. Lay it on this one again.');
    }

    private static function whole(int|float|string|null $micrometres): ?int
    {
        return \is_int($micrometres) ? $micrometres : null;
    }

    /** @return array<string, int|float|string> µm by name */
    private function measures(Fields $fields, ObjectAnswers $answers, SurfaceKind $kind): array
    {
        $measures = [];
        $names = array_column($kind->lengths(), 0);
        foreach ($kind->lengths() as [$name, , $needed]) {
            $typed = $answers->measure($name);
            if ($needed || !Fields::isEmpty($typed)) {
                $measures[$name] = self::length(
                    $fields,
                    $name,
                    $typed,
                    $answers->units(),
                    'corner' === $name ? 0 : self::SMALLEST,
                );
            }
        }
        if (
            \in_array('diameter', $names, true)
            && !isset($measures['diameter'])
            && !isset($measures['circumference'])
        ) {
            $fields->refuse($names[0], 'Measure round it with a tape, or across it: one of the two.');
        }
        foreach ($this->figures($kind) as [$name, $least, $most, $needed, $sentence]) {
            $typed = $answers->measure($name);
            if ($needed || !Fields::isEmpty(trim($typed, ' m°'))) {
                $measures[$name] = $fields->figure($name, $typed, $least, $most, $sentence, 'm°');
            }
        }
        if (SurfaceKind::Taper === $kind) {
            $measures['wideEnd'] = 'bottom' === $answers->measure('wideEnd') ? 'bottom' : 'top';
        }
        if (SurfaceKind::Outline === $kind) {
            $measures['outline'] = self::traced($answers->measure('outline'));
        }

        return $measures;
    }

    /** Path data of an outline with no more corners than it needs: it is read again and again. */
    private static function traced(string $path): string
    {
        try {
            $region = SvgPath::read($path);
        } catch (Refused) {
            // The surface says what is wrong with it.
            return $path;
        }
        $thinned = OutlineSurface::thinned($region);

        return $thinned === $region ? $path : SvgPath::write($thinned);
    }

    /** @return list<array{string, float, float, bool, string}> plain figures: name, least, most, needed, sentence */
    private function figures(SurfaceKind $kind): array
    {
        return match ($kind) {
            SurfaceKind::Polygon => [['sides', 3, 60, true, 'How many sides? From 3 to 60.']],
            SurfaceKind::Panes => [['panes', 1, 60, true, 'How many panes? From 1 to 60.']],
            SurfaceKind::Cylinder, SurfaceKind::Taper, SurfaceKind::Ball => [
                [
                    'seen',
                    10,
                    360,
                    false,
                    'How many degrees are seen from the front? From 10 to 180; 360 for a wrap all round.',
                ],
            ],
            SurfaceKind::Panel => [['readFrom', 0.5, 200, false, 'From how many metres is it read? From 0.5 to 200.']],
            default => [],
        };
    }

    /** @return list<array{what: string, x: int, y: int, width: int, height: int, name?: string}> µm */
    private function keepOuts(Fields $fields, ObjectAnswers $answers): array
    {
        if (\count($answers->keepOuts) > self::MOST_KEEP_OUTS) {
            $fields->refuse('keepOuts', 'At most '.self::MOST_KEEP_OUTS.' parts to keep clear.');

            return [];
        }
        $kept = [];
        foreach ($answers->keepOuts as $nth => $part) {
            $what = $fields->choice(
                "keepOuts.$nth.what",
                $part->what,
                KeepOut::class,
                'What is there to keep clear of?',
            );
            if (null === $what) {
                continue;
            }
            $of = static fn (string $name, string $typed): int => \in_array($name, $what->measures(), true)
                ? self::length($fields, "keepOuts.$nth.$name", $typed, $answers->units(), 0)
                : 0;
            $kept[] = [
                'what' => $what->value,
                'x' => $of('x', $part->x),
                'y' => $of('y', $part->y),
                'width' => $of('width', $part->width),
                'height' => $of('height', $part->height),
            ] + ('' === trim($part->name) ? [] : ['name' => $fields->text("keepOuts.$nth.name", $part->name, 40)]);
        }

        return $kept;
    }

    /** @return int µm */
    private static function length(Fields $fields, string $field, string $typed, Units $units, int $least): int
    {
        return $fields->length(
            $field,
            $typed,
            $least,
            self::LARGEST,
            $units,
            'Measure it along the surface, like 108mm or 4 1/4.',
            'Between 1 mm and 20 m, please: check the figure and its unit.',
        );
    }
}
