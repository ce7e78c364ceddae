<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Access\SecurityLog;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** Links to proofs: given, sent again where their letter did not go out, withdrawn. */
final readonly class ProofLinks
{
    private const TOKEN_BYTES = 32;
    /** As long as the record takes. */
    private const LONGEST_ADDRESS = 200;

    public function __construct(
        private EntityManagerInterface $records,
        private ProofMailer $post,
        private Book $book,
        private SecurityLog $log,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Makes a link to a docket's newest proof; one given before stays good until it is withdrawn.
     *
     * @param string $to an e-mail address, or nothing where the link is handed over otherwise
     *
     * @return array{ProofLink, string} and the token, which is not kept
     *
     * @throws Refusals|Refused
     */
    public function give(Docket $docket, string $to): array
    {
        $to = trim($to);
        if ('' !== $to && !self::isAddress($to)) {
            throw Refusals::at('to', 'An address looks like name@example.org. Leave it empty to copy the link only.');
        }
        $proof = $docket->proofs()->newest()[0] ?? null;
        if (DocketState::Proofing !== $docket->state() || null === $proof) {
            throw new Refused('illegal-move', "{$docket->tag()} has no proof that waits for a yes.");
        }
        $token = rtrim(strtr(base64_encode(random_bytes(self::TOKEN_BYTES)), '+/', '-_'), '=');
        $now = $this->clock->now();
        $days = (int) $this->rules->current()->value(Rule::LinkDays);
        $link = new ProofLink($proof, ProofLink::hash($token), $now, $now->modify("+$days days"), $to);
        $this->records->wrapInTransaction(function () use ($link, $docket, $proof, $to, $token): void {
            $this->records->persist($link);
            $this->records->flush();
            $this->book->note(
                'link',
                '' === $to ? "Link to proof {$proof->nth()} made" : "Letter with proof {$proof->nth()} written to $to",
                $docket->number(),
            );
            if ('' !== $to) {
                $this->post->send($link, $token);
            }
        });

        $this->log->note('link', $this->book->who(), "{$docket->tag()}: a link to proof {$proof->nth()} was made");

        return [$link, $token];
    }

    /** @return list<ProofLink> the newest first */
    public function ofDocket(Docket $docket): array
    {
        return $this->records
            ->createQueryBuilder()
            ->select('l')
            ->from(ProofLink::class, 'l')
            ->join('l.proof', 'p')
            ->where('p.docket = :docket')
            ->setParameter('docket', $docket)
            ->orderBy('l.id', 'DESC')
            ->setMaxResults(20)
            ->getQuery()
            ->getResult();
    }

    /**
     * Withdraws a link: it shows nothing from then on.
     *
     * @throws NotFound
     */
    public function withdraw(Docket $docket, int $id): void
    {
        $link = $this->records->find(ProofLink::class, $id);
        if (null === $link || $link->proof()->docket() !== $docket) {
            throw new NotFound('There is no such link.');
        }
        $this->records->wrapInTransaction(function () use ($link, $docket): void {
            $link->withdraw($this->clock->now());
            $this->book->note('link', "Link to proof {$link->proof()->nth()} withdrawn", $docket->number());
        });
    }

    /**
     * Writes a letter that did not go out once more, with a link of its own; the one before shows nothing from then on.
     *
     * @return array{ProofLink, string} as `give()`
     *
     * @throws NotFound|Refusals|Refused
     */
    public function sendAgain(Docket $docket, int $id): array
    {
        $link = $this->records->find(ProofLink::class, $id);
        if (null === $link || $link->proof()->docket() !== $docket || null === $link->letter()->state()) {
            throw new NotFound('There is no such letter.');
        }

        return $this->records->wrapInTransaction(function () use ($docket, $link): array {
            $this->withdraw($docket, $link->id());

            return $this->give($docket, $link->sentTo());
        });
    }

    /** One that a letter can be sent to, and that is kept whole. */
    private static function isAddress(string $typed): bool
    {
        return \strlen($typed) <= self::LONGEST_ADDRESS
            && 1 === preg_match('~^[^\s<>"\\\\]+$~D', $typed)
            && false !== filter_var($typed, \FILTER_VALIDATE_EMAIL);
    }
}
