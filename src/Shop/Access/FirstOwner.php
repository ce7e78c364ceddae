<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\People\Role;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Records\Conflict;

/** A shop nobody works in yet: whoever reads a code on the machine's console makes its owner, once. */
final readonly class FirstOwner
{
    private const GOOD_FOR = '-1 hour';
    /** Easy to read and to type: no letter that looks like another. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
    private const LENGTH = 16;

    public function __construct(private Connection $database, private People $people, private ClockInterface $clock)
    {
    }

    /** Whether nobody works here yet. */
    public function isMissing(): bool
    {
        return false === $this->database->fetchOne('SELECT 1 FROM worker LIMIT 1');
    }

    /** A new code, good for an hour; none where somebody works here. One given before is none any more. */
    public function code(): ?string
    {
        if (!$this->isMissing()) {
            return null;
        }
        $code = '';
        for ($nth = 0; $nth < self::LENGTH; ++$nth) {
            $code .= self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }
        $this->database->executeStatement('DELETE FROM first_owner');
        $this->database->insert('first_owner', [
            'code' => hash('sha256', $code),
            'at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);

        return implode('-', str_split($code, 4));
    }

    /**
     * Makes the owner.
     *
     * @throws Refusals for a wrong or an old code
     * @throws Conflict where somebody works here already
     */
    public function make(
        #[\SensitiveParameter] string $code,
        string $signIn,
        string $name,
        #[\SensitiveParameter] string $password,
    ): Worker {
        return $this->database->transactional(function () use ($code, $signIn, $name, $password): Worker {
            $kept = $this->database->fetchOne('SELECT code FROM first_owner WHERE at > ? FOR UPDATE', [
                $this->clock->now()->modify(self::GOOD_FOR)->format('Y-m-d H:i:s'),
            ]);
            if (!$this->isMissing()) {
                throw new Conflict('Somebody works here already. Sign in, or ask the owner.');
            }
            $typed = (string) preg_replace('~[^a-z0-9]~', '', mb_strtolower($code));
            if (!\is_string($kept) || !hash_equals($kept, hash('sha256', $typed))) {
                throw Refusals::at(
                    'code',
                    'This is not the code. Read it on the console again, or ask for a new one there.',
                );
            }
            $owner = $this->people->add($signIn, $name, Role::Owner->value, $password);
            $this->database->executeStatement('DELETE FROM first_owner');

            return $owner;
        });
    }
}
