<?php

declare(strict_types=1);

namespace Yelbo\Shop\Changes;

use Yelbo\Shop\Designs\DesignElement;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Customers;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Object\Allowance;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Handover;

/** How two sets of answers differ, field by field, as it is said at the counter and kept in the book. */
final readonly class Differences
{
    private const LONGEST = 60;
    private const NAMES = [
        'customer' => 'who',
        'known' => 'which of that name',
        'contact' => 'reached at',
        'neededOn' => 'used on',
        'note' => 'the note',
        'delivery' => 'how it comes to them',
        'words' => 'the words',
        'roster' => 'the list of names',
        'motif' => 'what stands in the place of words',
        'object' => 'what it goes on',
        'surface' => 'its shape',
        'width' => 'the width',
        'height' => 'the height',
        'corner' => 'the corners',
        'useOf' => 'where it is used',
        'film' => 'the film',
        'quantity' => 'how many',
        'appliedBy' => 'who applies it',
        'material' => 'what it is made of',
        'innerWidth' => 'the inner width',
        'innerHeight' => 'the inner height',
        'sides' => 'the sides',
        'circumference' => 'the way round',
        'diameter' => 'across the round',
        'upper' => 'round its upper edge',
        'lower' => 'round its lower edge',
        'slant' => 'its height along the wall',
        'wideEnd' => 'its wide end',
        'seen' => 'how much is seen',
        'panes' => 'the panes',
        'readFrom' => 'read from',
        'outline' => 'its outline',
        'side' => 'inside or outside',
        'lip' => 'whether one drinks from it',
        'allowance' => 'the room to the edge',
        'blank' => 'the blank',
        'dishwasher' => 'how it is washed',
        'colour' => 'its colour',
        'photo' => 'its photo',
        'paintedOn' => 'when it was painted',
        'finish' => 'what goes over it',
        'keepOuts' => 'what is kept clear',
    ];
    /** Too long, or no words at all: that they changed is enough. */
    private const NOT_TOLD = ['outline', 'photo', 'keepOuts', 'known'];
    /** Only how it is shown. */
    private const NOT_COUNTED = ['units'];

    public function __construct(private Shelf $shelf)
    {
    }

    /**
     * Of what is asked once for the order.
     *
     * @return array<string, string> a sentence by its field
     */
    public function ofOrder(Answers $before, Answers $now): array
    {
        return $this->of($before->ofOrder(), $now->ofOrder());
    }

    /**
     * Of one item.
     *
     * @return array<string, string> a sentence by its field
     */
    public function ofItem(Answers $before, Answers $now): array
    {
        return $this->of($before->ofItem(), $now->ofItem());
    }

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $now
     *
     * @return array<string, string>
     */
    private function of(array $before, array $now): array
    {
        $says = [];
        foreach (array_diff_key($now, array_flip(self::NOT_COUNTED)) as $field => $value) {
            $was = $before[$field] ?? null;
            if (self::plain($field, $was) === self::plain($field, $value)) {
                continue;
            }
            $name = self::NAMES[$field] ?? throw new \LogicException("Nothing says what $field is called.");
            $says[$field] = \in_array($field, self::NOT_TOLD, true)
                ? "$name changed"
                : "$name: {$this->told($field, $was)} → {$this->told($field, $value)}";
        }

        return $says;
    }

    private static function plain(string $field, mixed $value): mixed
    {
        if (!\is_string($value)) {
            return $value;
        }

        return match ($field) {
            'words' => TypedWords::lines($value),
            'roster' => TypedWords::roster($value),
            'known' => Customers::ANOTHER === $value ? '' : $value,
            default => trim($value),
        };
    }

    private function told(string $field, mixed $value): string
    {
        $typed = \is_string($value) ? trim($value) : '';
        $said = match ($field) {
            'film' => $this->shelf->filmNumbered((int) $typed)?->name() ?? '',
            'motif' => DesignElement::named($typed)?->label() ?? '',
            'words' => implode(' / ', TypedWords::lines($typed)),
            'roster' => \count(TypedWords::roster($typed)).' names',
            'blank' => $this->shelf->blank((int) $typed)?->name() ?? '',
            'useOf' => Usage::tryFrom($typed)?->inWords() ?? $typed,
            'material' => Material::tryFrom($typed)?->label() ?? $typed,
            'surface' => SurfaceKind::tryFrom($typed)?->label() ?? $typed,
            'finish' => Finish::tryFrom($typed)?->label() ?? $typed,
            'delivery' => Handover::tryFrom($typed)?->label() ?? $typed,
            'allowance' => Allowance::tryFrom($typed)?->label() ?? $typed,
            'appliedBy' => 'customer' === $typed ? 'the customer' : 'the shop',
            'neededOn' => '' === $typed ? '' : (new \DateTimeImmutable($typed))->format('D j M'),
            default => $typed,
        };

        return '' === $said ? 'nothing' : mb_strimwidth($said, 0, self::LONGEST, '…');
    }
}
