<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Check\SnagGroup;

/**
 * Stops that the owner lets pass: the code of each, how far past its limit it was, and who let it pass, why and when.
 *
 * Those from before told how bad it was in µm of what was found, which only went one way; they hold for what is too
 * small.
 *
 * @phpstan-type Waiver array{code: string, excess?: float, found?: int, reason: string, by: string, at: string}
 */
#[ORM\Embeddable]
class Waivers
{
    /** What is as bad but for rounding. */
    private const AS_BAD = 1e-6;

    /** @var list<Waiver>|null */
    #[ORM\Column(name: 'waivers', type: 'json', nullable: true)]
    private ?array $all = null;

    /** In the place of one for the same stop. */
    public function add(string $code, float $excess, string $reason, string $by, \DateTimeImmutable $at): void
    {
        $others = array_filter($this->all ?? [], static fn (array $one): bool => $one['code'] !== $code);
        $this->all = [
            ...array_values($others),
            ['code' => $code, 'excess' => $excess, 'reason' => $reason, 'by' => $by, 'at' => $at->format(\DATE_ATOM)],
        ];
    }

    /** Why a stop is let pass; nothing where it is not, or where it has become worse since. */
    public function reason(SnagGroup $stop): ?string
    {
        foreach ($this->all ?? [] as $one) {
            $holds = isset($one['excess'])
                ? $stop->excess <= $one['excess'] + self::AS_BAD
                : $stop->found <= $stop->limit && $stop->found >= ($one['found'] ?? 0);
            if ($one['code'] === $stop->code->value && $holds) {
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
