<?php

declare(strict_types=1);

namespace Yelbo\Shop\People;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Somebody who works in the shop and signs in. */
#[ORM\Entity]
class Worker implements UserInterface, PasswordAuthenticatedUserInterface
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column]
    private string $password = '';

    /** Shut out: may not sign in any more. */
    #[ORM\Column]
    private bool $isDisabled = false;

    /** @var list<string>|null the stations of the bench it is put down for; none where for all */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $stations = null;

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        private string $signIn,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(length: 10)]
        private Role $role,
    ) {
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** Counts its changes, from 1. */
    public function version(): int
    {
        return $this->version;
    }

    /** Whether the worker is shut out. */
    public function isDisabled(): bool
    {
        return $this->isDisabled;
    }

    /** Another name or role, shut out or let in. */
    public function describe(string $name, Role $role, bool $disabled): void
    {
        [$this->name, $this->role, $this->isDisabled] = [$name, $role, $disabled];
    }

    /** @return list<string>|null the stations it is put down for in the plan of the week; none where for all */
    public function stations(): ?array
    {
        return $this->stations;
    }

    /** Whether it is put down for the work of a station. */
    public function isFor(string $station): bool
    {
        return \in_array($station, $this->stations ?? [$station], true);
    }

    /** @param list<string>|null $stations none for all */
    public function worksAt(?array $stations): void
    {
        $this->stations = $stations;
    }

    /** What people call it. */
    public function name(): string
    {
        return $this->name;
    }

    /** What the worker may do. */
    public function role(): Role
    {
        return $this->role;
    }

    /** Keeps the hash of the password. */
    public function setHash(string $hash): void
    {
        $this->password = $hash;
    }

    public function getPassword(): string
    {
        return $this->password;
    }

    /** @return non-empty-list<string> */
    public function getRoles(): array
    {
        return [$this->role->attribute()];
    }

    /** @return non-empty-string */
    public function getUserIdentifier(): string
    {
        return '' === $this->signIn ? throw new \LogicException('A worker needs a sign-in.') : $this->signIn;
    }

    public function eraseCredentials(): void
    {
    }
}
