<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Yelbo\Shop\Input\Fields;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\People\Role;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\NotFound;

/** Who works here: added, changed and shut out by the owner; everybody sets their own password. */
final readonly class People
{
    private const LONGEST_NAME = 80;
    /** Stations of the work that take hands in the plan of the week. */
    public const STATIONS = ['size', 'cut', 'weed', 'apply', 'send'];
    private const SIGN_IN = '~^[a-z][a-z0-9._-]{1,59}$~D';

    public function __construct(
        private EntityManagerInterface $records,
        private UserPasswordHasherInterface $hasher,
        private PasswordRule $passwords,
        private SignIns $signIns,
        private Book $book,
        private SecurityLog $log,
    ) {
    }

    /** @return list<Worker> by name */
    public function all(): array
    {
        return $this->records->getRepository(Worker::class)->findBy([], ['name' => 'ASC', 'id' => 'ASC']);
    }

    /** @throws NotFound */
    public function worker(int $id): Worker
    {
        return $this->records->find(Worker::class, $id) ?? throw new NotFound('There is no such worker.');
    }

    /**
     * Somebody new.
     *
     * @throws Refusals
     */
    public function add(string $signIn, string $name, string $role, #[\SensitiveParameter] string $password): Worker
    {
        $fields = new Fields();
        $signIn = mb_strtolower(trim($signIn));
        if (1 !== preg_match(self::SIGN_IN, $signIn)) {
            $fields->refuse(
                'signIn',
                'Small letters, figures, dots and dashes, beginning with a letter: ines, or i.marlow.',
            );
        } elseif (null !== $this->records->getRepository(Worker::class)->findOneBy(['signIn' => $signIn])) {
            $fields->refuse('signIn', "“{$signIn}” is somebody else’s already.");
        }
        $name = $fields->text('name', $name, self::LONGEST_NAME, 'What is the name?');
        $role = $fields->choice('role', $role, Role::class, 'Choose what they may do.');
        $says = $this->passwords->against($password, [$signIn, $name]);
        if (null !== $says) {
            $fields->refuse('password', $says);
        }
        $fields->refuseIfWrong();
        $worker = new Worker($signIn, $name, $role ?? throw new \LogicException('A wrong role was not noted.'));
        $worker->setHash($this->hasher->hashPassword($worker, $password));
        $this->records->wrapInTransaction(function () use ($worker): void {
            $this->records->persist($worker);
            $this->book->note('people', "{$worker->name()} works here from now on ({$worker->role()->value})");
        });
        $this->log->note(
            'right',
            $this->book->who(),
            "{$worker->name()} ({$signIn}) was added as {$worker->role()->value}",
        );

        return $worker;
    }

    /**
     * Another name or role, shut out, or let in again; put down for other stations.
     *
     * @param list<string>|null $stations none for all of them
     *
     * @throws Refusals for the last owner, who cannot be taken away
     * @throws Conflict
     */
    public function change(
        Worker $worker,
        int $version,
        string $name,
        string $role,
        bool $disabled,
        ?array $stations,
    ): void {
        $fields = new Fields();
        $name = $fields->text('name', $name, self::LONGEST_NAME, 'What is the name?');
        $role = $fields->choice('role', $role, Role::class, 'Choose what they may do.');
        if ([] !== array_diff($stations ?? [], self::STATIONS)) {
            $fields->refuse('stations', 'There is no such station of hands.');
        }
        $fields->refuseIfWrong();
        $stations = null === $stations || [] === array_diff(self::STATIONS, $stations)
            ? null
            : array_values(array_unique($stations));
        $role ??= throw new \LogicException('A wrong role was not noted.');
        if ($worker->version() !== $version) {
            throw Conflict::changed($worker->name());
        }
        $this->records->wrapInTransaction(function () use (
            $worker,
            $version,
            $name,
            $role,
            $disabled,
            $stations,
        ): void {
            $this->refuseLastOwner($worker, $version, $role, $disabled);
            $says = self::said($worker, $disabled);
            $worker->describe($name, $role, $disabled);
            $worker->worksAt($stations);
            $this->book->note('people', "{$worker->name()} $says ({$role->value})");
        });
        if ($disabled) {
            $this->signIns->endAll($worker);
        }
        $this->log->note(
            'right',
            $this->book->who(),
            "{$worker->name()} ({$worker->getUserIdentifier()}): {$role->value}".($disabled ? ', shut out' : ''),
        );
    }

    private static function said(Worker $worker, bool $disabled): string
    {
        return match (true) {
            $disabled && !$worker->isDisabled() => 'is shut out',
            !$disabled && $worker->isDisabled() => 'may sign in again',
            default => 'was changed',
        };
    }

    /** Two owners who take each other's place at once decide one after the other. */
    private function refuseLastOwner(Worker $worker, int $version, Role $role, bool $disabled): void
    {
        $this->records->getConnection()->executeQuery('SELECT id FROM worker WHERE role = ? FOR UPDATE', [
            Role::Owner->value,
        ]);
        $this->records->refresh($worker);
        $this->records->lock($worker, LockMode::OPTIMISTIC, $version);
        if (($disabled || Role::Owner !== $role) && !$this->isAnotherOwner($worker)) {
            throw Refusals::at(
                $disabled ? 'disabled' : 'role',
                "{$worker->name()} is the only owner: make somebody else one first.",
            );
        }
    }

    /**
     * A new password by the owner, for somebody who has forgotten theirs; they are signed out everywhere.
     *
     * @throws Refusals
     */
    public function reset(Worker $worker, #[\SensitiveParameter] string $password): void
    {
        $this->set($worker, 'password', $password);
        $this->signIns->endAll($worker);
        $this->log->note('password', $this->book->who(), "The password of {$worker->name()} was set anew");
    }

    /**
     * A new password by whom it is for; their other browsers are signed out.
     *
     * @throws Refusals
     */
    public function renew(
        Worker $worker,
        #[\SensitiveParameter] string $old,
        #[\SensitiveParameter] string $new,
        string $session,
    ): void {
        if (!$this->hasher->isPasswordValid($worker, $old)) {
            $this->log->note(SecurityLog::REFUSED, $worker->getUserIdentifier(), 'The old password was wrong');
            throw Refusals::at('old', 'This is not your password now.');
        }
        $this->set($worker, 'password', $new);
        $this->signIns->endAll($worker, $session);
        $this->log->note('password', $worker->getUserIdentifier(), "{$worker->name()} has a new password");
    }

    private function set(Worker $worker, string $field, #[\SensitiveParameter] string $password): void
    {
        $says = $this->passwords->against($password, [$worker->getUserIdentifier(), $worker->name()]);
        if (null !== $says) {
            throw Refusals::at($field, $says);
        }
        $worker->setHash($this->hasher->hashPassword($worker, $password));
        $this->records->flush();
    }

    private function isAnotherOwner(Worker $worker): bool
    {
        foreach ($this->records->getRepository(Worker::class)->findBy(['role' => Role::Owner]) as $owner) {
            if ($owner !== $worker && !$owner->isDisabled()) {
                return true;
            }
        }

        return false;
    }
}
