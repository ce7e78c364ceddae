<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Time;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Time\Promise;

final class PromiseTest extends TestCase
{
    private function at(string $moment): \DateTimeImmutable
    {
        return new \DateTimeImmutable($moment);
    }

    /** A decal for Saturday's event must be on by Wednesday. */
    public function testCountsBackFromTheDayOfUse(): void
    {
        $promise = new Promise(Rules::standard());
        self::assertEquals($this->at('2026-12-02 10:00'), $promise->onBy($this->at('2026-12-05 10:00')));
        self::assertEquals($this->at('2026-12-05 10:00'), $promise->restedAt($this->at('2026-12-02 10:00')));
    }

    public function testTheWaitIsTheShops(): void
    {
        $promise = new Promise(Rules::standard()->with(Rule::AdhesiveCure, 24));
        self::assertEquals($this->at('2026-12-02 10:00'), $promise->restedAt($this->at('2026-12-01 10:00')));
    }

    public function testLateIsWhatCannotRestInTime(): void
    {
        $promise = new Promise(Rules::standard());
        $used = $this->at('2026-12-05 10:00');
        self::assertFalse($promise->isLate($this->at('2026-12-02 09:59'), $used, null));
        self::assertTrue($promise->isLate($this->at('2026-12-02 10:01'), $used, null));
        self::assertFalse(
            $promise->isLate($this->at('2026-12-04'), $used, $this->at('2026-12-05 09:00')),
            'resting in time',
        );
        self::assertTrue($promise->isLate($this->at('2026-12-04'), $used, $this->at('2026-12-05 11:00')));
        self::assertTrue(
            $promise->isLate($this->at('2026-12-06'), $used, $this->at('2026-12-01')),
            'the day has passed',
        );
    }

    public function testEveryRuleHasAUnitAReasonAndASection(): void
    {
        foreach (Rule::cases() as $rule) {
            self::assertNotSame('', $rule->label());
            self::assertNotSame('', $rule->reason());
            self::assertNotSame('', $rule->unit());
            self::assertGreaterThan(0, $rule->section());
            $rule->check($rule->standard());
        }
        $this->expectException(Refused::class);
        Rule::AdhesiveCure->check(-1);
    }

    public function testRulesKnowLengthsFromOtherUnits(): void
    {
        self::assertSame(8000, Rules::standard()->micrometres(Rule::GapBetweenOrders));
        $this->expectException(\LogicException::class);
        Rules::standard()->micrometres(Rule::AdhesiveCure);
    }
}
