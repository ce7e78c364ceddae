<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Messenger\Transport\InMemory\InMemoryTransport;
use Yelbo\Device\Post\Seal;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Proofs\Assent;
use Yelbo\Shop\Proofs\ChangeRequest;
use Yelbo\Shop\Proofs\GivenProofs;
use Yelbo\Shop\Proofs\LinkClosed;
use Yelbo\Shop\Proofs\PostLetter;
use Yelbo\Shop\Proofs\ProofLink;
use Yelbo\Shop\Proofs\ProofLinks;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** A proof is frozen, goes out by a link, and comes back with a yes or a change request. */
final class ProofsTest extends ShopTestCase
{
    public function testAProofKeepsAllItSaidWhateverChangesLater(): void
    {
        $docket = $this->proofed();
        $said = $this->page($docket)->frozen();
        $this->get(DrawOrder::class)->price($docket, $docket->version(), '42');
        self::assertSame(['Kestrel'], $said->asked);
        self::assertSame(
            ['Coal hod', 180_000, 110_000, 'outdoor'],
            [$said->on->object, $said->on->width, $said->on->height, $said->useOf],
        );
        self::assertSame('Permanent, navy', $said->films[0]['name']);
        self::assertNotSame('', $said->on->outline.$said->on->safe);
        self::assertSame(
            array_sum(array_column($said->charged->quote, 'minor')),
            $said->charged->price,
            'as quoted: another came after it',
        );
        self::assertNotSame(4_200, $said->charged->price);
        self::assertContains('Wipe it with a soft cloth, no jet at its edges.', $said->notes->care);
        $size = $this->get(DrawOrder::class);
        $size->move($docket, $docket->version(), DocketMove::Change, '');
        $this->draw($docket, new Design('anton', setting: ['condense' => 4, 'thicken' => 100]), lines: ['Kestrels']);
        $this->records->clear();
        $docket =
            $this->records->find(
                Docket::class,
                $this->records
                    ->getConnection()
                    ->fetchOne('SELECT id FROM docket WHERE number = ?', [$docket->number()]),
            ) ?? self::fail();
        self::assertEquals($said, $docket->proofs()->all()[0][0]->frozen());
        self::assertSame(
            4_200,
            $docket->proofs()->all()[1][0]->frozen()->charged->price,
            'a version of its own for the new price',
        );
        self::assertEquals(
            ['price' => $said->charged->price] + $docket->proofs()->all()[1][0]->frozen()->toArray(),
            $said->toArray(),
            'the same but for the price',
        );
        self::assertSame(4_200, $docket->proofs()->all()[2][0]->frozen()->charged->price, 'it is kept');
        self::assertSame(
            ['Condensed by 4 %.', 'Thickened by 0.1 mm on each side.'],
            $docket->proofs()->all()[2][0]->frozen()->notes->remarks,
        );
    }

    public function testAStopMakesNoProofUntilTheOwnerLetsItPassWithAReason(): void
    {
        $docket = $this->taken();
        $size = $this->get(DrawOrder::class);
        $hairline = new Design('great-vibes', 20_000);
        try {
            $this->draw($docket, $hairline, lines: ['Kestrel']);
            self::fail('hairlines are stopped');
        } catch (Refusals $refusals) {
            self::assertStringContainsString('strokes are too thin', $refusals->fields['snags'] ?? '');
        }
        try {
            $size->waive($docket->item(), $docket->version(), 'thin-stroke', ' ', 'Ines');
            self::fail('a reason is needed');
        } catch (Refusals $refusals) {
            self::assertArrayHasKey('reason', $refusals->fields);
        }
        try {
            $size->waive($docket->item(), $docket->version(), 'thin-stroke', 'for one day only', 'Ines');
            self::fail('what is kept has no such stop');
        } catch (Refusals $refusals) {
            self::assertArrayHasKey('code', $refusals->fields);
        }
        $this->draw($docket, $hairline, false, ['Kestrel']);
        $this->letPass($docket);
        $this->draw($docket, $hairline, lines: ['Kestrel']);
        self::assertContains('Let pass by Ines: for one day only', $this->page($docket)->frozen()->notes->remarks);
        self::assertStringContainsString('thin-stroke', implode(' ', $this->book($docket)));
    }

    /** All that stops what is kept now. */
    private function letPass(Docket $docket): void
    {
        foreach (['thin-stroke', 'small-island', 'small-counter', 'outside-safe-area'] as $code) {
            try {
                $this->get(DrawOrder::class)->waive(
                    $docket->item(),
                    $docket->version(),
                    $code,
                    'for one day only',
                    'Ines',
                );
            } catch (Refusals $none) {
                self::assertSame(['code'], array_keys($none->fields));
            }
        }
    }

    /**
     * Whatever is drawn and let pass: what is no worse passes, what is worse does not, which ever way it is bad.
     *
     * @return iterable<string, array{Design, Design, Design}> let pass, no worse, worse
     */
    public static function severities(): iterable
    {
        yield 'too thin' => [
            new Design('great-vibes', 20_000),
            new Design('great-vibes', 22_000),
            new Design('great-vibes', 17_000),
        ];
        yield 'too large' => [new Design('bebas', 120_000), new Design('bebas', 115_000), new Design('bebas', 200_000)];
    }

    #[DataProvider('severities')]
    public function testAWaiverHoldsForWhatIsNoWorse(Design $passed, Design $better, Design $worse): void
    {
        $docket = $this->taken();
        $this->draw($docket, $passed, false, ['Kestrel']);
        $this->letPass($docket);
        $this->draw($docket, $better, false, ['Kestrel']);
        $this->draw($docket, $passed, true, ['Kestrel']);
        self::assertCount(1, $docket->proofs()->all());
        $docket->move(DocketMove::Change);
        $this->expectException(Refusals::class);
        $this->draw($docket, $worse, true, ['Kestrel']);
    }

    /**
     * A wish stands: neither the customer nor the shop says yes over it unasked, and the book keeps what was passed
     * over.
     */
    public function testAYesWhileAWishIsOpenIsAQuestion(): void
    {
        $docket = $this->proofed();
        $links = $this->get(ProofLinks::class);
        $given = $this->get(GivenProofs::class);
        [, $token] = $links->give($docket, '');
        $given->requestChange($token, 'Osric', 'a little larger', null);
        $this->records->refresh($docket);
        try {
            $this->get(Approval::class)->approve($docket, $docket->version(), 1, 'Osric', Assent::ByPhone);
            self::fail('it passes over the wish');
        } catch (Refusals $asked) {
            self::assertStringContainsString('a little larger', $asked->fields['asItIs'] ?? '');
        }
        // As a later request would see it.
        $this->records->clear();
        $docket = $this->get(Dockets::class)->numbered($docket->number());
        self::assertSame(DocketState::Proofing, $docket->state());
        $this->get(Approval::class)->approve($docket, $docket->version(), 1, 'Osric', Assent::ByPhone, true);
        self::assertSame(DocketState::Making, $docket->state());
        self::assertStringContainsString(
            'approved by phone by Osric, as it is, without “a little larger”',
            implode(' ', $this->book($docket)),
        );
    }

    public function testALinkIsUnguessableKeptAsAHashAndSentByPost(): void
    {
        $docket = $this->proofed();
        [$link, $token] = $this->get(ProofLinks::class)->give($docket, 'osric@tamblyn.example');
        [, $other] = $this->get(ProofLinks::class)->give($docket, '');
        self::assertNotSame($token, $other);
        self::assertSame(43, \strlen($token));
        self::assertSame(hash('sha256', $token), $link->tokenHash());
        $kept = json_encode(
            $this->records->getConnection()->fetchAllAssociative('SELECT * FROM proof_link'),
            \JSON_THROW_ON_ERROR,
        );
        self::assertStringNotContainsString($token, $kept);
        $transport = self::getContainer()->get('messenger.transport.post');
        \assert($transport instanceof InMemoryTransport);
        self::assertCount(1, $transport->getSent(), 'only the one with an address is posted');
        $letter = $transport->getSent()[0]->getMessage();
        \assert($letter instanceof PostLetter);
        self::assertStringContainsString($token, (string) $this->get(Seal::class)->open($letter->sealed));
        $this->expectException(Refusals::class);
        $this->get(ProofLinks::class)->give($docket, 'not an address');
    }

    public function testFollowedSaidYesTwiceIsOneYes(): void
    {
        [$docket, $token] = $this->linked();
        $links = $this->get(GivenProofs::class);
        self::assertSame($this->page($docket), $links->follow($token));
        $links->approve($token, 'Osric Tamblyn');
        $links->approve($token, 'Osric Tamblyn');
        self::assertCount(2, $docket->pieces());
        self::assertSame(DocketState::Making, $docket->state());
        self::assertSame('Osric Tamblyn', $this->page($docket)->approvedBy());
        self::assertCount(
            1,
            array_filter(
                $this->book($docket),
                static fn (string $says): bool => str_contains($says, 'approved by link'),
            ),
        );
    }

    #[TestWith(['a yes'])]
    #[TestWith(['a wish'])]
    public function testAnOutdatedProofIsNeitherApprovedNorChangedByItsLink(string $what): void
    {
        [$docket, $token] = $this->linked();
        $size = $this->get(DrawOrder::class);
        $size->move($docket, $docket->version(), DocketMove::Change, '');
        $this->draw($docket, new Design('anton'), lines: ['Kestrel']);
        $links = $this->get(GivenProofs::class);
        try {
            if ('a yes' === $what) {
                $links->approve($token, 'Osric Tamblyn');
            } else {
                $links->requestChange($token, 'Osric', 'A little higher, please', null);
            }
            self::fail('outdated');
        } catch (Refused $refused) {
            self::assertSame('outdated-proof', $refused->reason);
        }
        self::assertSame(DocketState::Proofing, $docket->state());
        self::assertSame([], $docket->pieces());
    }

    public function testAYesByLinkLeavesAnEditTooLate(): void
    {
        [$docket, $token] = $this->linked();
        $seen = $docket->version();
        $this->get(GivenProofs::class)->approve($token, 'Osric Tamblyn');
        $this->expectException(Conflict::class);
        $this->get(DrawOrder::class)->price($docket, $seen, '1');
    }

    public function testExpiredWithdrawnAndWrongLinks(): void
    {
        [$docket, $token] = $this->linked();
        $links = $this->get(ProofLinks::class);
        $given = $this->get(GivenProofs::class);
        [$second, $other] = $links->give($docket, '');
        $links->withdraw($docket, $second->id());
        $this->assertClosed('withdrawn', $other);
        $days = (int) $this->get(ShopRules::class)->current()->value(Rule::LinkDays);
        $this->clock->modify(\sprintf('+%d days +1 minute', $days));
        $this->assertClosed('expired', $token);
        $this->expectException(NotFound::class);
        $given->follow(str_repeat('a', 43));
    }

    public function testAChangeRequestIsKeptWithItsSpotAndNeedsWords(): void
    {
        [$docket, $token] = $this->linked();
        $links = $this->get(GivenProofs::class);
        $links->requestChange($token, 'Osric', 'A little higher, please', [90_500, 20_000]);
        $request = $links->changeRequests($docket)[0];
        self::assertSame(
            [[90_500, 20_000], 'A little higher, please', 'Osric'],
            [$request->spot(), $request->note(), $request->by()],
        );
        self::assertSame(DocketState::Proofing, $docket->state(), 'the shop decides what is done');
        foreach (
            [
                ['', 'x', 'name'],
                ['Osric', ' ', 'note'],
                ['Osric', str_repeat('x', 1001), 'note'],
            ] as [$name, $note, $field]
        ) {
            try {
                $links->requestChange($token, $name, $note, null);
                self::fail($field);
            } catch (Refusals $refusals) {
                self::assertArrayHasKey($field, $refusals->fields);
            }
        }
    }

    public function testNotesByALinkAreBounded(): void
    {
        [$docket, $token] = $this->linked();
        $links = $this->get(GivenProofs::class);
        try {
            for ($nth = 1; $nth <= 60; ++$nth) {
                $links->requestChange($token, 'Osric', "Wish $nth", null);
            }
            self::fail('As many as anybody likes.');
        } catch (Refused $refused) {
            self::assertSame('too-many', $refused->reason);
        }
        self::assertCount($nth - 1, $this->records->getRepository(ChangeRequest::class)->findAll());
        self::assertSame(DocketState::Proofing, $docket->state());
    }

    public function testOpenedAgainItNeedsAReasonAndANewYes(): void
    {
        $docket = $this->approved();
        $old = $docket->pieces();
        $size = $this->get(DrawOrder::class);
        try {
            $this->get(Approval::class)->reopen($docket, $docket->version(), '');
            self::fail('a reason is needed');
        } catch (Refusals $refusals) {
            self::assertArrayHasKey('reason', $refusals->fields);
        }
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'the customer changed the words');
        self::assertSame(DocketState::Sizing, $docket->state());
        self::assertSame([], $docket->pieces());
        self::assertSame(PieceState::Withdrawn, $old[0]->state());
        $this->draw($docket, new Design('bebas'), lines: ['Kestrels']);
        $this->approve($docket, 2);
        self::assertSame(
            ['Kestrels', 'Kestrels'],
            array_map(static fn ($piece): string => $piece->drawn()->label(), $docket->pieces()),
        );
        self::assertSame($old[0]->tag(), $docket->pieces()[0]->tag(), 'nothing was made of the old one');
    }

    public function testWhatIsCutStaysAsApproved(): void
    {
        $docket = $this->cut();
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~already in a batch or further on~');
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'too late');
    }

    public function testInsideClearGlassItIsCutMirroredAndOnlyThere(): void
    {
        $typed = [
            ...$this->answers('Open')->toArray(),
            'material' => 'glass',
            'side' => 'inside',
            'appliedBy' => 'shop',
        ];
        foreach (['inside' => true, 'outside' => false] as $side => $mirrored) {
            $docket = $this->get(TakeOrder::class)->begin(
                new TypedOrder(Answers::fromKept(['side' => $side] + $typed)),
                true,
            );
            $size = $this->get(DrawOrder::class);
            $this->draw($docket, new Design('bebas'), lines: ['Open']);
            $this->approve($docket, 1);
            $piece = $docket->pieces()[0];
            self::assertSame($mirrored, $piece->proof()->frozen()->mirrored, $side);
            $seen = $this->get(Outlines::class)->region($piece->drawn()->outline());
            self::assertEquals($mirrored ? $seen->mirrored() : $seen, $this->region($piece));
        }
    }

    public function testWhatCannotWorkIsNotTaken(): void
    {
        foreach (
            [
                ['material', 'fabric', 'material', 'heat-applied'],
                ['material', 'wall', 'film', 'removable'],
                ['dishwasher', 'yes', 'dishwasher', 'by hand'],
            ] as [$name, $value, $field, $says]
        ) {
            try {
                $this->get(TakeOrder::class)->begin(
                    new TypedOrder(
                        Answers::fromKept([$name => $value, 'useOf' => 'washed'] + $this->answers()->toArray()),
                    ),
                    true,
                );
                self::fail($value);
            } catch (Refusals $refusals) {
                self::assertStringContainsString($says, $refusals->fields[$field] ?? '');
            }
        }
        $this->expectException(Refusals::class);
        $this->expectExceptionMessageMatches('~tint~');
        $this->get(TakeOrder::class)->begin(
            new TypedOrder(
                Answers::fromKept(['material' => 'tinted-glass', 'side' => 'inside'] + $this->answers()->toArray()),
            ),
            true,
        );
    }

    private function proofed(): Docket
    {
        $docket = $this->taken();
        $this->draw($docket, new Design('bebas'), lines: ['Kestrel']);

        return $docket;
    }

    /** @return array{Docket, string} a docket at Proof and the token of a link to it */
    private function linked(): array
    {
        $docket = $this->proofed();

        return [$docket, $this->get(ProofLinks::class)->give($docket, '')[1]];
    }

    private function assertClosed(string $why, string $token): void
    {
        try {
            $this->get(GivenProofs::class)->follow($token);
            self::fail($why);
        } catch (LinkClosed $closed) {
            self::assertStringContainsString($why, $closed->getMessage());
        }
        self::assertNotNull(
            $this->records->getRepository(ProofLink::class)->findOneBy(['tokenHash' => ProofLink::hash($token)]),
            'it is kept',
        );
    }
}
