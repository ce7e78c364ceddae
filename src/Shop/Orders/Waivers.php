<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;

/**
 * Stops that the owner lets pass: the code of each, how bad it was (µm), and who let it pass, why and when.
 *
 * @phpstan-type Waiver array{code: string, found: int, reason: string, by: string, at: string}
 */
#[ORM\Embeddable]
class Waivers
{
    /** @var list<Waiver>|null */
    #[ORM\Column(name: 'waivers', type: 'json', nullable: true)]
    private ?array $all = null;

    /** In the place of one for the same stop. */
    public function add(string $code, int $found, string $reason, string $by, \DateTimeImmutable $at): void
    {
        $others = array_filter($this->all ?? [], static fn (array $one): bool => $one['code'] !== $code);
        $this->all = [
            ...array_values($others),
            ['code' => $code, 'found' => $found, 'reason' => $reason, 'by' => $by, 'at' => $at->format(\DATE_ATOM)],
        ];
    }

    /** Why a stop is let pass; nothing where it is not, or where it has become worse since. */
    public function reason(string $code, int $found): ?string
    {
        foreach ($this->all ?? [] as $one) {
            if ($one['code'] === $code && $found >= $one['found']) {
                return "{$one['by']}: {$one['reason']}";
            }
        }

        return null;
    }

    /** @return list<string> to be said on the docket, its proofs and at the bench */
    public function said(): array
    {
        return array_map(
            static fn (array $one): string => "Let pass by {$one['by']}: {$one['reason']}",
            $this->all ?? [],
        );
    }
}
