<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\Event\PostPersistEventArgs;
use Doctrine\ORM\Event\PostUpdateEventArgs;
use Doctrine\ORM\Events;

/** Finds orders by the beginnings of words: those of what they say, of their customer and of their object. */
#[AsDoctrineListener(Events::postPersist)]
#[AsDoctrineListener(Events::postUpdate)]
final readonly class DocketWords
{
    /** So many words are kept of an order, and looked for. */
    private const KEPT = 60;
    private const ASKED = 5;

    public function __construct(private Connection $database)
    {
    }

    /** In the transaction that takes the order down. */
    public function postPersist(PostPersistEventArgs $event): void
    {
        $this->keep($event->getObject());
    }

    /** In the transaction that changes it. */
    public function postUpdate(PostUpdateEventArgs $event): void
    {
        $this->keep($event->getObject());
    }

    /**
     * Orders whose words begin with each of those typed; a number alone is a docket's, the tag of a piece that of its
     * docket.
     *
     * @return list<int> their numbers, the newest first
     */
    public function find(string $typed, int $most): array
    {
        $number = preg_match('~^\s*(y-?)?0*(\d{1,9})(?:/\S*)?\s*$~i', $typed, $found) ? (int) $found[2] : null;
        $numbers = [];
        if (null !== $number) {
            /** @var list<int> $numbers */
            $numbers = $this->database->fetchFirstColumn('SELECT number FROM docket WHERE number = ?', [$number]);
        }
        if ('' !== ($found[1] ?? '')) {
            return $numbers;
        }

        return \array_slice(array_values(array_unique([...$numbers, ...$this->byWords($typed, $most)])), 0, $most);
    }

    /** @return list<string> the words of a text, small, each once */
    public static function of(string ...$texts): array
    {
        preg_match_all('~[\p{L}\p{N}]+~u', mb_strtolower(implode(' ', $texts)), $found);

        return array_values(array_unique(array_map(
            static fn (string $word): string => mb_substr($word, 0, DocketWord::LONGEST),
            $found[0],
        )));
    }

    /** @return list<int> */
    private function byWords(string $typed, int $most): array
    {
        $words = \array_slice(self::of($typed), 0, self::ASKED);
        if ([] === $words) {
            return [];
        }
        // One letter begins too much: it is looked for as it stands.
        $begins = array_map(
            static fn (string $word): string => $word.(mb_strlen($word) > 1 ? '%' : ''),
            $words,
        );
        $any = implode(' OR ', array_fill(0, \count($words), 'word LIKE ?'));
        $each = implode(' AND ', array_fill(0, \count($words), 'MAX(word LIKE ?)'));

        /** @var list<int> $numbers */
        $numbers = $this->database->fetchFirstColumn(
            "SELECT number FROM docket_word WHERE $any GROUP BY number HAVING $each ORDER BY number DESC LIMIT $most",
            [...$begins, ...$begins],
        );

        return $numbers;
    }

    private function keep(object $record): void
    {
        if (!$record instanceof Docket) {
            return;
        }
        $things = array_map(
            static fn (Item $item): string => $item->object()->name(),
            $record->hasItems() ? $record->items() : [],
        );
        $words = \array_slice(
            self::of(
                $record->label(),
                $record->customer()?->name() ?? Answers::fromKept($record->answers())->customer,
                ...$things,
            ),
            0,
            self::KEPT,
        );
        $this->database->executeStatement('DELETE FROM docket_word WHERE number = ?', [$record->number()]);
        if ([] !== $words) {
            $this->database->executeStatement(
                'INSERT IGNORE INTO docket_word (number, word) VALUES '.
                    implode(', ', array_fill(0, \count($words), '(?, ?)')),
                array_merge(...array_map(static fn (string $word): array => [$record->number(), $word], $words)),
            );
        }
    }
}
