<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rules;

/** Letters that are not read on their object are told, with the rim that would carry them. */
final class ContrastTest extends TestCase
{
    private const NAVY = '#1b2f57';
    private const WHITE = '#f2f2ea';
    private const BLACK = '#16181a';
    private const OTHERS = [['Permanent, ochre', '#d9a322'], ['Permanent, white', self::WHITE]];

    /**
     * @param non-empty-list<string>      $layers
     * @param list<array{string, string}> $others
     *
     * @return list<Snag>
     */
    private static function told(
        array $layers,
        string $object,
        Film $film = Film::Permanent,
        array $others = self::OTHERS,
    ): array {
        return (new FilmInHand(Rules::standard()))->contrast($film, $layers, $object, $others);
    }

    public function testDarkOnDarkIsToldWithTheRimThatCarriesIt(): void
    {
        [$snag] = self::told([self::NAVY], self::BLACK);
        self::assertSame(['poor-contrast', Severity::Warn], [$snag->code->value, $snag->severity]);
        self::assertLessThan(3000, $snag->found);
        self::assertStringContainsString('A rim of Permanent, white would carry it.', $snag->message);
    }

    public function testARimThatIsReadBothWaysIsEnough(): void
    {
        self::assertSame([], self::told([self::NAVY, self::WHITE], self::BLACK));
        self::assertCount(1, self::told([self::NAVY, self::BLACK], self::BLACK), 'a rim nobody sees');
        self::assertCount(1, self::told([self::NAVY, self::WHITE], self::WHITE), 'or one that is lost on the object');
    }

    public function testWhatReadsIsNotToldAndWhereNoFilmHelpsThatIsSaid(): void
    {
        self::assertSame([], self::told([self::WHITE], self::BLACK));
        [$snag] = self::told([self::NAVY], self::BLACK, others: [['Permanent, black', self::BLACK]]);
        self::assertStringEndsWith('Take another colour.', $snag->message);
    }

    public function testPatternedFilmAlwaysWantsARim(): void
    {
        self::assertCount(1, self::told([self::WHITE], self::BLACK, Film::Patterned));
        self::assertSame([], self::told([self::NAVY, self::WHITE], self::BLACK, Film::Patterned));
    }
}
