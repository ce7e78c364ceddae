<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Access\SecurityLog;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\PapersFollow;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Refused;

/** A proof as its customer has it, by a link: looked at, said yes to, wished to be different. */
final readonly class GivenProofs
{
    private const MOST_REQUESTS = 40;

    public function __construct(
        private EntityManagerInterface $records,
        private Approval $approval,
        private PapersFollow $papers,
        private Book $book,
        private SecurityLog $log,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<ChangeRequest> the newest first */
    public function changeRequests(Docket $docket): array
    {
        return $this->records
            ->createQueryBuilder()
            ->select('w')
            ->from(ChangeRequest::class, 'w')
            ->join('w.proof', 'p')
            ->where('p.docket = :docket')
            ->setParameter('docket', $docket)
            ->orderBy('w.id', 'DESC')
            ->setMaxResults(self::MOST_REQUESTS)
            ->getQuery()
            ->getResult();
    }

    /** @throws NotFound|LinkClosed */
    public function follow(string $token): ProofPage
    {
        $link = $this->link($token);
        if (null === $link->openedAt()) {
            $this->records->wrapInTransaction(function () use ($link): void {
                $link->seen($this->clock->now());
                $this->book->as('The customer, by link');
                $this->book->note(
                    'link',
                    "Proof {$link->proof()->nth()} opened by its link",
                    $link->proof()->docket()->number(),
                );
            });
        }

        return $link->proof();
    }

    /**
     * The yes by link. Said twice it is said once; said to a proof that is not the newest it is refused.
     *
     * @throws NotFound|LinkClosed|Refused|Refusals
     */
    public function approve(string $token, string $name, bool $asItIs = false): ProofPage
    {
        $name = self::name($name);
        $proof = $this->link($token)->proof();
        $this->book->as("$name, by link");
        $this->records->wrapInTransaction(function () use ($proof, $name, $asItIs): void {
            $docket = $this->fresh($proof);
            if (
                null !== $proof->approvedAt()
                && DocketState::Making === $docket->state()
                && $docket->proofs()->isNewest($proof)
            ) {
                return;
            }
            $this->approval->agree($docket, $docket->version(), $proof->nth(), $name, Assent::ByLink, $asItIs);
        });
        $this->papers->follow($proof->docket());
        $this->log->note('link', $name, "{$proof->docket()->tag()}: a yes came by a link");

        return $proof;
    }

    /**
     * What the customer wants changed.
     *
     * @param array{int, int}|null $spot what it is pinned to, µm in the object's frame
     * @param int                  $item the number of the thing it is about; the first one where it is left out
     *
     * @throws NotFound|LinkClosed|Refused|Refusals
     */
    public function requestChange(string $token, string $name, string $note, ?array $spot, int $item = 0): ProofPage
    {
        $name = self::name($name);
        $note = trim($note);
        if ('' === $note || mb_strlen($note) > 1000) {
            throw Refusals::at(
                'note',
                '' === $note ? 'What should be different? A few words.' : 'At most 1000 letters, please.',
            );
        }
        $proof = $this->link($token)->proof();
        foreach ($item > 0 ? $proof->docket()->proofs()->version($proof->nth()) : [] as $page) {
            $proof = $page->item()->nth() === $item ? $page : $proof;
        }
        $this->book->as("$name, by link");
        $this->records->wrapInTransaction(function () use ($proof, $name, $note, $spot): void {
            $docket = $this->fresh($proof);
            if (DocketState::Proofing !== $docket->state() || !$docket->proofs()->isNewest($proof)) {
                throw new Refused(
                    'outdated-proof',
                    'This proof is not waiting for an answer any more. Please ring the shop.',
                );
            }
            if (\count($this->changeRequests($docket)) >= self::MOST_REQUESTS) {
                throw new Refused('too-many', 'The shop has many notes of yours already. Please ring.');
            }
            $this->records->persist(new ChangeRequest($proof, $name, $note, $spot, $this->clock->now()));
            $this->book->note(
                'change-requested',
                "Asks for a change of proof {$proof->nth()}: $note",
                $docket->number(),
            );
        });

        return $proof;
    }

    /** Locked until the end of the transaction: a yes and an edit at the same moment come one after the other. */
    private function fresh(ProofPage $proof): Docket
    {
        $docket = $proof->docket();
        $this->records->refresh($docket, LockMode::PESSIMISTIC_WRITE);
        foreach ($docket->proofs()->version($proof->nth()) as $page) {
            $this->records->refresh($page);
        }

        return $docket;
    }

    /**
     * Where a proof stands for who holds a link to it.
     *
     * @return array{string, string} `waiting`, `approved`, `outdated` or `closed`, and a sentence for them
     */
    public static function standing(ProofPage $proof): array
    {
        $docket = $proof->docket();
        $state = $docket->state();

        return match (true) {
            DocketState::Cancelled === $state => [
                'closed',
                'This order was cancelled, and nothing is made of it. Please ask the shop if that is news to you.',
            ],
            !$docket->proofs()->isNewest($proof) => [
                'outdated',
                'There is a newer proof of this order. The shop will send you its link; this one cannot be approved '
                    .'any more.',
            ],
            null !== $proof->approvedAt() && !\in_array($state, [DocketState::Proofing, DocketState::Sizing], true) => [
                'approved',
                "Approved by {$proof->approvedBy()}. Thank you: we make it now.",
            ],
            DocketState::Proofing === $state => [
                'waiting',
                'Please look at it closely. We cut nothing before your yes.',
            ],
            default => ['closed', 'The shop is changing this order. You get a new link for the new proof.'],
        };
    }

    private static function name(string $name): string
    {
        $name = trim($name);

        return '' === $name || mb_strlen($name) > 80
            ? throw Refusals::at('name', 'Please write your name, 80 letters at most.')
            : $name;
    }

    /**
     * Looks whether a link leads anywhere, and nothing else.
     *
     * @throws NotFound|LinkClosed
     */
    public function refuseClosed(string $token): void
    {
        $this->link($token);
    }

    private function link(string $token): ProofLink
    {
        $link =
            $this->records->getRepository(ProofLink::class)->findOneBy(['tokenHash' => ProofLink::hash($token)]) ??
            throw new NotFound('This link leads nowhere. Look whether it was copied whole.');
        if (!$link->isOpen($this->clock->now())) {
            throw new LinkClosed(
                $link->isWithdrawn()
                    ? 'The shop has withdrawn this link. Please ask it for a new one.'
                    : 'This link has expired. Please ask the shop for a new one.',
            );
        }

        return $link;
    }
}
