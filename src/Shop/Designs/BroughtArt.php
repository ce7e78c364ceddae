<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Art\Note;
use Yelbo\Trade\Art\PlacedPicture;
use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * A drawing a customer brought. The file is kept as it came and never given out again; what is
 * drawn and cut are the outlines read from it, in whole µm. It never changes.
 *
 * @phpstan-import-type Polygon from Region
 */
#[ORM\Entity(readOnly: true)]
#[ORM\Index(columns: ['docket'])]
class BroughtArt
{
    /** In the place of a docket: it goes with a design of the shop's own. */
    public const OF_THE_SHOP = 0;

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

    /** @var resource|string|null JPEG, printed inside its outline; none of what is cut alone */
    #[ORM\Column(type: 'blob', length: 16777215, nullable: true)]
    private mixed $picture = null;

    /** @var array{int, int, int, int}|null left, top, right and bottom of the picture in the drawing's frame, µm */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $pictureAt = null;

    private ?string $content = null;

    public function __construct(
        /** Number of the docket it was brought for. */
        #[ORM\Column] private int $docket,
        #[ORM\Column(length: 120)] private string $name,
        #[ORM\Column(type: 'text', length: 16777215)] private string $file,
        VectorArt $brought,
        #[ORM\Column] private \DateTimeImmutable $broughtAt,
    ) {
        $this->layers = array_map(static fn (Region $region): array => $region->polygons, $brought->layers);
        $this->notes = array_map(
            static fn (Note $note): array => [
                'kind' => $note->kind,
                'what' => $note->what,
                'count' => $note->count,
                'says' => $note->says,
            ],
            $brought->notes,
        );
        $this->sized = $brought->sized;
    }

    /** Its number in the records. */
    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    /** A sum over all that decides what is drawn of it. */
    public function content(): string
    {
        // A picture is looked for by the number of the drawing it lies in.
        $picture = $this->isPrinted() ? [$this->id(), $this->broughtAt->getTimestamp(), $this->pictureAt] : null;

        return $this->content ??= hash('xxh128', serialize([$this->layers, $this->sized, $picture]));
    }

    /**
     * What is printed inside its outline.
     *
     * @param string $jpeg
     * @param Box    $at   in the drawing's frame, µm
     */
    public function print(string $jpeg, Box $at): void
    {
        $this->picture = $jpeg;
        $this->pictureAt = [$at->left, $at->top, $at->right, $at->bottom];
    }

    /** Whether a picture is printed inside its outline. */
    public function isPrinted(): bool
    {
        return null !== $this->pictureAt;
    }

    /** Its picture as JPEG; none of what is cut alone. */
    public function picture(): ?string
    {
        if (\is_resource($this->picture)) {
            rewind($this->picture);

            return (string) stream_get_contents($this->picture);
        }

        return \is_string($this->picture) ? $this->picture : null;
    }

    /** This drawing for another order. */
    public function along(int $docket): self
    {
        $copy = clone $this;
        $copy->id = $copy->content = null;
        $copy->docket = $docket;
        $copy->picture = $this->picture();

        return $copy;
    }

    /** The number of the docket it was brought for. */
    public function docket(): int
    {
        return $this->docket;
    }

    /** The name of its file. */
    public function name(): string
    {
        return $this->name;
    }

    /** The file as it came. */
    public function bytes(): int
    {
        return \strlen($this->file);
    }

    /** When it was brought. */
    public function broughtAt(): \DateTimeImmutable
    {
        return $this->broughtAt;
    }

    /**
     * What is drawn.
     *
     * @throws Refused where the file cannot be read
     */
    public function drawing(): VectorArt
    {
        return VectorArt::fromLayers(
            array_map(static fn (array $polygons): Region => new Region($polygons), $this->layers),
            array_map(static fn (array $note): Note => new Note(...$note), $this->notes),
            $this->sized,
            null === $this->pictureAt ? null : new PlacedPicture($this->id(), new Box(...$this->pictureAt)),
        );
    }
}
