<?php

declare(strict_types=1);

namespace Yelbo\Shop\Art;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Trade\Art\Brought;
use Yelbo\Trade\Art\Note;
use Yelbo\Trade\Geometry\Region;

/**
 * A drawing a customer brought. The file is kept as it came and never given out again; what is
 * drawn and cut are the outlines read from it, in whole µm. It never changes.
 *
 * @phpstan-import-type Polygon from Region
 */
#[ORM\Entity(readOnly: true)]
class BroughtArt
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private ?int $id = null;

    /** @var array<string, list<Polygon>> by colour, the top one first */
    #[ORM\Column(type: 'json', length: 4294967295)]
    private array $layers;

    /** @var list<array{kind: string, what: string, count: int, says: string}> */
    #[ORM\Column(type: 'json')]
    private array $notes;

    #[ORM\Column]
    private bool $sized;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Docket $docket,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(type: 'text', length: 16777215)]
        private string $file,
        Brought $brought,
        #[ORM\Column]
        private \DateTimeImmutable $broughtAt,
    ) {
        $this->layers = array_map(static fn (Region $region): array => $region->polygons, $brought->layers);
        $this->notes = array_map(static fn (Note $note): array => ['kind' => $note->kind, 'what' => $note->what, 'count' => $note->count, 'says' => $note->says], $brought->notes);
        $this->sized = $brought->sized;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function docket(): Docket
    {
        return $this->docket;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function bytes(): int
    {
        return \strlen($this->file);
    }

    public function broughtAt(): \DateTimeImmutable
    {
        return $this->broughtAt;
    }

    public function drawing(): Brought
    {
        return Brought::of(
            array_map(static fn (array $polygons): Region => new Region($polygons), $this->layers),
            array_map(static fn (array $note): Note => new Note(...$note), $this->notes),
            $this->sized,
        );
    }
}
