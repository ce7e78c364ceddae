<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Film;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\FilmGroup;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What knife and hook manage, by the figures of the shop. */
final class LimitsTest extends TestCase
{
    public function testWhatHasToLastGrowsWithTheUseAndWhatTheHookMeetsDoesNot(): void
    {
        $rules = Rules::standard();
        foreach (Film::cases() as $film) {
            $plain = $film->limits($rules);
            foreach (
                [
                    [Usage::Indoor, 1.0],
                    [Usage::Washed, 1.0],
                    [Usage::Outdoor, 1.3],
                    [Usage::Vehicle, 2.0],
                ] as [$use, $times]
            ) {
                $limits = $plain->in($use, $rules);
                self::assertSame((int) round($times * $plain->stroke), $limits->stroke, "$film->value, $use->value");
                self::assertSame((int) round($times * $plain->island), $limits->island, "$film->value, $use->value");
                self::assertSame(
                    [$plain->counter, $plain->gap],
                    [$limits->counter, $limits->gap],
                    "$film->value, $use->value",
                );
            }
        }
    }

    public function testEachGroupHasFiguresOfItsOwnAndAChangedOneCountsForItAlone(): void
    {
        foreach (FilmGroup::cases() as $group) {
            foreach ([$group->stroke(), $group->island(), $group->counter(), $group->gap()] as $rule) {
                self::assertStringStartsWith("$group->value-", $rule->value);
                $changed = Rules::standard()->with($rule, 7);
                foreach (Film::cases() as $film) {
                    $limits = (array) $film->limits($changed);
                    self::assertSame(
                        $film->group() === $group,
                        \in_array(7000, $limits, true),
                        "$rule->value of $film->value",
                    );
                }
            }
        }
    }

    public function testALifeIsToldByItsFigure(): void
    {
        self::assertSame('About 6 years outdoors.', Film::Permanent->life(Rules::standard()));
        self::assertSame(
            'About 1 year outdoors.',
            Film::Permanent->life(Rules::standard()->with(Rule::PermanentLife, 1)),
        );
        self::assertSame('1 to 2 years outdoors.', Film::Chrome->life(Rules::standard()));
        self::assertSame('About 1 year outdoors.', Film::Chrome->life(Rules::standard()->with(Rule::ShowLife, 1)));
        foreach (Film::cases() as $film) {
            self::assertMatchesRegularExpression('~^[\p{Lu}\d].+\.$~u', $film->life(Rules::standard()));
        }
    }
}
