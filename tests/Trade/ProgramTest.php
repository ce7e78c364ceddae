<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Program;
use Yelbo\Trade\ProgramTrouble;

/** Programs of the machine: neither waits for the other, and nothing of them is without an end. */
final class ProgramTest extends TestCase
{
    /** More than a pipe holds goes in and comes out again while it goes in. */
    public function testMuchGoesInAndOutAtOnce(): void
    {
        $long = str_repeat("Barnaby Delphine Penhallow\n", 40_000);
        self::assertSame($long, Program::begin(['cat'], $long)->answer());
        $both = [Program::begin(['cat'], $long), Program::begin(['tr', 'a', 'o'], $long)];
        self::assertSame([$long, strtr($long, 'a', 'o')], [$both[0]->answer(), $both[1]->answer()]);
    }

    public function testWhatTakesTooLongIsTooMuch(): void
    {
        $began = hrtime(true);
        try {
            Program::begin(['sleep', '60'], '')->answer();
            self::fail();
        } catch (ProgramTrouble $trouble) {
            self::assertTrue($trouble->isTooMuch);
            self::assertStringContainsString('takes longer', $trouble->getMessage());
        }
        self::assertLessThan(20e9, hrtime(true) - $began);
    }

    public function testWhatItTakesWhileNobodyWaitsDoesNotCount(): void
    {
        $long = str_repeat('Penhallow ', 40_000);
        $program = Program::begin(['cat'], $long);
        sleep(6);
        self::assertSame($long, $program->answer());
    }

    public function testWhatSaysTooMuchIsEnded(): void
    {
        $this->expectException(ProgramTrouble::class);
        $this->expectExceptionMessage('says more than is read');
        Program::begin(['yes'], '')->answer();
    }

    public function testWhatIsTooMuchIsNotGiven(): void
    {
        $this->expectException(ProgramTrouble::class);
        $this->expectExceptionMessage('more than cat is given');
        Program::begin(['cat'], str_repeat('a', 5_000_000));
    }

    public function testWhatFailsOrIsMissingIsSaid(): void
    {
        foreach ([['false'], ['no-such-program-here']] as $command) {
            try {
                Program::begin($command, '')->answer();
                self::fail();
            } catch (ProgramTrouble $trouble) {
                self::assertFalse($trouble->isTooMuch);
                self::assertStringContainsString($command[0], $trouble->getMessage());
            }
        }
    }
}
