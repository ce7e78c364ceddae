<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Symfony\Component\Messenger\Transport\InMemory\InMemoryTransport;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Design;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\SizeOrder;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Overtaken;
use Yelbo\Shop\Proofs\LinkClosed;
use Yelbo\Shop\Proofs\Links;
use Yelbo\Shop\Proofs\ProofLink;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** A proof is frozen, goes out by a link, and comes back with a yes or a wish. */
final class ProofsTest extends ShopTestCase
{
    public function testAProofKeepsAllItSaidWhateverChangesLater(): void
    {
        $docket = $this->proofed();
        $this->get(SizeOrder::class)->price($docket, $docket->version(), 4_200);
        $said = $docket->latestProof()?->frozen();
        self::assertNotNull($said);
        self::assertSame(['Kestrel'], $said->asked);
        self::assertSame(['Coal hod', 180_000, 110_000, 'outdoor'], [$said->object, $said->width, $said->height, $said->useOf]);
        self::assertSame('Permanent, navy', $said->films[0]['name']);
        self::assertNotSame('', $said->outline.$said->safe);
        self::assertNull($said->price, 'the price came after it');
        self::assertContains('Hand wash, not the dishwasher, no scrubbing.', $said->care);
        $size = $this->get(SizeOrder::class);
        $size->move($docket, $docket->version(), DocketMove::Change, '');
        $size->draw($docket, $docket->version(), ['Kestrels'], new Design('anton', setting: ['condense' => 4, 'thicken' => 100]), true);
        $this->records->clear();
        $docket = $this->records->find(Docket::class, $this->records->getConnection()->fetchOne('SELECT id FROM docket WHERE number = ?', [$docket->number()])) ?? self::fail();
        self::assertEquals($said, $docket->proofs()[0]->frozen());
        self::assertSame(4_200, $docket->proofs()[1]->frozen()->price);
        self::assertSame(['Condensed by 4 %.', 'Thickened by 0.1 mm on each side.'], $docket->proofs()[1]->frozen()->remarks);
    }

    public function testAStopMakesNoProofUntilTheOwnerLetsItPassWithAReason(): void
    {
        $docket = $this->taken();
        $size = $this->get(SizeOrder::class);
        $hairline = new Design('great-vibes', 20_000);
        try {
            $size->draw($docket, $docket->version(), ['Kestrel'], $hairline, true);
            self::fail('hairlines are stopped');
        } catch (Refusals $refusals) {
            self::assertStringContainsString('strokes are too thin', $refusals->fields['snags'] ?? '');
        }
        try {
            $size->overrule($docket, $docket->version(), 'thin-stroke', 0, ' ', 'Ines');
            self::fail('a reason is needed');
        } catch (Refusals $refusals) {
            self::assertArrayHasKey('reason', $refusals->fields);
        }
        foreach (['thin-stroke', 'small-island', 'small-counter'] as $code) {
            $size->overrule($docket, $docket->version(), $code, 0, 'for one day only', 'Ines');
        }
        $size->draw($docket, $docket->version(), ['Kestrel'], $hairline, true);
        self::assertContains('Let pass by Ines: for one day only', $docket->latestProof()?->frozen()->remarks ?? []);
        self::assertStringContainsString('thin-stroke', implode(' ', $this->book($docket)));
    }

    public function testWhatBecameWorseSinceIsNotLetPass(): void
    {
        $docket = $this->taken();
        $docket->overrulings()->add('thin-stroke', 900, 'it will do', 'Ines', $this->clock->now());
        self::assertSame('Ines: it will do', $docket->overrulings()->of('thin-stroke', 950));
        self::assertNull($docket->overrulings()->of('thin-stroke', 850));
        self::assertNull($docket->overrulings()->of('small-island', 950));
    }

    public function testALinkIsUnguessableKeptAsAHashAndSentByPost(): void
    {
        $docket = $this->proofed();
        [$link, $token] = $this->get(Links::class)->give($docket, 'osric@tamblyn.example');
        [, $other] = $this->get(Links::class)->give($docket, '');
        self::assertNotSame($token, $other);
        self::assertSame(43, \strlen($token));
        self::assertSame(hash('sha256', $token), $link->tokenHash());
        $kept = json_encode($this->records->getConnection()->fetchAllAssociative('SELECT * FROM proof_link'), \JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString($token, $kept);
        $transport = self::getContainer()->get('messenger.transport.work');
        \assert($transport instanceof InMemoryTransport);
        self::assertCount(1, $transport->getSent(), 'only the one with an address is posted');
        self::assertStringContainsString($token, serialize($transport->getSent()[0]->getMessage()));
        $this->expectException(Refusals::class);
        $this->get(Links::class)->give($docket, 'not an address');
    }

    public function testFollowedSaidYesTwiceIsOneYes(): void
    {
        [$docket, $token] = $this->linked();
        $links = $this->get(Links::class);
        self::assertSame($docket->latestProof(), $links->follow($token));
        $links->approve($token, 'Osric Tamblyn');
        $links->approve($token, 'Osric Tamblyn');
        self::assertCount(2, $docket->pieces());
        self::assertSame(DocketState::Making, $docket->state());
        self::assertSame('Osric Tamblyn', $docket->latestProof()->approvedBy());
        self::assertCount(1, array_filter($this->book($docket), static fn (string $says): bool => str_contains($says, 'approved by link')));
    }

    public function testAnOutdatedProofCannotBeApprovedByItsLink(): void
    {
        [$docket, $token] = $this->linked();
        $size = $this->get(SizeOrder::class);
        $size->move($docket, $docket->version(), DocketMove::Change, '');
        $size->draw($docket, $docket->version(), ['Kestrel'], new Design('anton'), true);
        try {
            $this->get(Links::class)->approve($token, 'Osric Tamblyn');
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
        $this->get(Links::class)->approve($token, 'Osric Tamblyn');
        $this->expectException(Overtaken::class);
        $this->get(SizeOrder::class)->price($docket, $seen, 100);
    }

    public function testExpiredWithdrawnAndWrongLinks(): void
    {
        [$docket, $token] = $this->linked();
        $links = $this->get(Links::class);
        [$second, $other] = $links->give($docket, '');
        $links->withdraw($docket, $second->id());
        $this->assertClosed('withdrawn', $other);
        $days = (int) $this->get(ShopRules::class)->current()->value(Rule::LinkDays);
        $this->clock->modify(\sprintf('+%d days +1 minute', $days));
        $this->assertClosed('expired', $token);
        $this->expectException(NotFound::class);
        $links->follow(str_repeat('a', 43));
    }

    public function testAWishIsKeptWithItsSpotAndNeedsWords(): void
    {
        [$docket, $token] = $this->linked();
        $links = $this->get(Links::class);
        $links->wish($token, 'Osric', 'A little higher, please', 90_500, 20_000);
        $wish = $links->wishes($docket)[0];
        self::assertSame([[90_500, 20_000], 'A little higher, please', 'Osric'], [$wish->spot(), $wish->note(), $wish->by()]);
        self::assertSame(DocketState::Proofing, $docket->state(), 'the shop decides what is done');
        foreach ([['', 'x', 'name'], ['Osric', ' ', 'note'], ['Osric', str_repeat('x', 1001), 'note']] as [$name, $note, $field]) {
            try {
                $links->wish($token, $name, $note, null, null);
                self::fail($field);
            } catch (Refusals $refusals) {
                self::assertArrayHasKey($field, $refusals->fields);
            }
        }
    }

    public function testOpenedAgainItNeedsAReasonAndANewYes(): void
    {
        $docket = $this->approved();
        $old = $docket->pieces();
        $size = $this->get(SizeOrder::class);
        try {
            $size->move($docket, $docket->version(), DocketMove::Reopen, '');
            self::fail('a reason is needed');
        } catch (Refusals $refusals) {
            self::assertArrayHasKey('reason', $refusals->fields);
        }
        $size->move($docket, $docket->version(), DocketMove::Reopen, 'the customer changed the words');
        self::assertSame(DocketState::Sizing, $docket->state());
        self::assertSame([], $docket->pieces());
        self::assertSame(PieceState::Withdrawn, $old[0]->state());
        $size->draw($docket, $docket->version(), ['Kestrels'], new Design('bebas'), true);
        $size->approve($docket, $docket->version(), 2, 'Osric Tamblyn');
        self::assertSame(['Kestrels', 'Kestrels'], array_map(static fn ($piece): string => $piece->label(), $docket->pieces()));
        self::assertSame($old[0]->tag(), $docket->pieces()[0]->tag(), 'nothing was made of the old one');
    }

    public function testWhatIsCutStaysAsApproved(): void
    {
        $docket = $this->cut();
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~already in a batch or further on~');
        $this->get(SizeOrder::class)->move($docket, $docket->version(), DocketMove::Reopen, 'too late');
    }

    public function testInsideClearGlassItIsCutMirroredAndOnlyThere(): void
    {
        $typed = [...$this->answers('Open')->toArray(), 'material' => 'glass', 'side' => 'inside', 'appliedBy' => 'shop'];
        foreach (['inside' => true, 'outside' => false] as $side => $mirrored) {
            $docket = $this->get(TakeOrder::class)->begin(Answers::from(['side' => $side] + $typed), true);
            $size = $this->get(SizeOrder::class);
            $size->draw($docket, $docket->version(), ['Open'], new Design('bebas'), true);
            $size->approve($docket, $docket->version(), 1, 'Osric Tamblyn');
            $piece = $docket->pieces()[0];
            self::assertSame($mirrored, $piece->isMirrored(), $side);
            $seen = $piece->proof()->region();
            self::assertEquals($mirrored ? $seen->mirrored() : $seen, $piece->region());
        }
    }

    public function testWhatCannotWorkIsNotTaken(): void
    {
        foreach ([['material', 'fabric', 'material', 'heat-applied'], ['material', 'wall', 'film', 'removable'], ['dishwasher', 'yes', 'dishwasher', 'by hand']] as [$name, $value, $field, $says]) {
            try {
                $this->get(TakeOrder::class)->begin(Answers::from([$name => $value, 'useOf' => 'washed'] + $this->answers()->toArray()), true);
                self::fail($value);
            } catch (Refusals $refusals) {
                self::assertStringContainsString($says, $refusals->fields[$field] ?? '');
            }
        }
        $this->expectException(Refusals::class);
        $this->expectExceptionMessageMatches('~tint~');
        $this->get(TakeOrder::class)->begin(Answers::from(['material' => 'tinted-glass', 'side' => 'inside'] + $this->answers()->toArray()), true);
    }

    private function proofed(): Docket
    {
        $docket = $this->taken();
        $this->get(SizeOrder::class)->draw($docket, $docket->version(), ['Kestrel'], new Design('bebas'), true);

        return $docket;
    }

    /** @return array{Docket, string} a docket at Proof and the token of a link to it */
    private function linked(): array
    {
        $docket = $this->proofed();

        return [$docket, $this->get(Links::class)->give($docket, '')[1]];
    }

    private function assertClosed(string $why, string $token): void
    {
        try {
            $this->get(Links::class)->follow($token);
            self::fail($why);
        } catch (LinkClosed $closed) {
            self::assertStringContainsString($why, $closed->getMessage());
        }
        self::assertNotNull($this->records->getRepository(ProofLink::class)->findOneBy(['tokenHash' => ProofLink::hash($token)]), 'it is kept');
    }
}
