<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Check;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Check\DecalCheck;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\Remedy;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagCode;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Fitting;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Ball;
use Yelbo\Trade\Object\Rectangle;
use Yelbo\Trade\Object\Surface;
use Yelbo\Trade\Object\Taper;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What speaks against a decal for where it goes, not for how it is drawn. */
final class DecalCheckTest extends TestCase
{
    private function fit(Surface $surface, string $words, ?int $capHeight = null): Fitted
    {
        return (new Fitting(Lettering::typesetter(), Rules::standard()))->fit(
            $surface,
            Lettering::words('bebas', ...explode('|', $words)),
            $capHeight,
        );
    }

    private function snag(
        string $code,
        Fitted $fitted,
        Usage $use = Usage::Indoor,
        ?float $readFrom = null,
        ?Material $material = null,
    ): ?Snag {
        foreach ((new DecalCheck(Rules::standard()))->judge(
            $fitted,
            Film::Permanent,
            $use,
            $readFrom,
            $material,
        ) as $snag) {
            if ($code === $snag->code->value) {
                return $snag;
            }
        }

        return null;
    }

    private static function mm(float $millimetres): Length
    {
        return Length::millimetres($millimetres);
    }

    public function testOnABallTheStrainDecidesWhetherItIsSnippedOrCannotBe(): void
    {
        $ball = new Ball(self::mm(150));
        $small = $this->fit($ball, 'Ada', 6_000);
        self::assertNull($this->snag('ball-strain', $small), 'a small decal lies flat');
        [$bears, $creases] = [null, null];
        for ($height = 10_000; $height < 140_000 && null === $creases; $height += 2_000) {
            $fitted = $this->fit($ball, 'A', $height);
            $snag = $this->snag('ball-strain', $fitted);
            if (null === $snag) {
                self::assertNull($bears, 'larger letters are never strained less');
                continue;
            }
            self::assertSame(
                $snag->severity,
                $fitted->strain > Rules::standard()->share(Rule::BallSnips) ? Severity::Stop : Severity::Warn,
            );
            self::assertEqualsWithDelta(100_000 * (float) $fitted->strain, $snag->found, 1);
            [$bears, $creases] = Severity::Warn === $snag->severity ? [$snag, null] : [$bears, $snag];
        }
        self::assertSame(
            [[Remedy::Snip], [Remedy::Split]],
            [
                \array_slice(array_column($bears->cures ?? [], 'do'), 1),
                \array_slice(array_column($creases->cures ?? [], 'do'), 1),
            ],
        );
        self::assertStringContainsString('relief snips', $bears->message ?? '');
        self::assertStringContainsString('will crease', $creases->message ?? '');
    }

    public function testOnATaperALineThatWouldHangIsBentAndThatIsSaid(): void
    {
        $bucket = new Taper(self::mm(942.5), self::mm(628.3), self::mm(250), true, 120);
        $bent = $this->fit($bucket, 'Tideway');
        self::assertTrue($bent->bent);
        $snag = $this->snag('droop', $bent);
        self::assertSame([Severity::Note, Remedy::PlaceOnTheArc], [$snag?->severity, $snag?->cures[0]['do'] ?? null]);
        self::assertSame($bent->droop, $snag?->found);
        $short = $this->fit($bucket, 'Ada', 5_000);
        self::assertFalse($short->bent, 'a short word is as good as straight');
        self::assertNull($this->snag('droop', $short));
    }

    public function testWhatIsReadFromAfarAndWhatTheMachineReachesAreSaid(): void
    {
        $board = new Rectangle(Size::millimetres(2_400, 500), self::mm(0));
        $sign = $this->fit($board, 'Tollgate Wharf', 30_000);
        self::assertNull($this->snag('too-small-to-read', $sign, Usage::Outdoor, 2.0));
        $far = $this->snag('too-small-to-read', $sign, Usage::Outdoor, 60.0);
        self::assertGreaterThan(30_000, $far?->cures[0]['capHeight'] ?? 0);
        self::assertNull($this->snag('too-large-for-machine', $sign));
        self::assertNotNull($this->snag('too-large-for-machine', $this->fit($board, 'Tollgate Wharf')));
    }

    public function testAMakerWhoGivesItForIndoorsOnlyIsHeardOutdoors(): void
    {
        $hand = new FilmInHand(Rules::standard());
        self::assertSame([SnagCode::IndoorsOnly], array_column($hand->outdoors(Usage::Vehicle, 0), 'code'));
        self::assertSame([SnagCode::IndoorsOnly], array_column($hand->outdoors(Usage::Outdoor, 0), 'code'));
        foreach ([[Usage::Indoor, 0], [Usage::Outdoor, 5], [Usage::Outdoor, null]] as [$use, $years]) {
            self::assertSame([], $hand->outdoors($use, $years));
        }
    }
}
