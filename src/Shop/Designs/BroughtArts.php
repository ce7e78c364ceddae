<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Art\Gate;
use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Art\VectorArt;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Refused;

/** Drawings customers brought. */
final readonly class BroughtArts
{
    public function __construct(
        private EntityManagerInterface $records,
        private Cache $cache,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Reads a drawing and keeps it.
     *
     * @param int $docket number of the docket it is for
     *
     * @throws Refusals for what is hostile, broken, too large, or holds nothing to cut
     */
    public function bring(int $docket, string $name, string $svg): BroughtArt
    {
        $name = mb_substr(preg_replace('~[^\p{L}\p{N} ._-]~u', '', $name) ?: 'drawing.svg', 0, 120);
        try {
            if (\strlen($svg) > Gate::MOST_BYTES) {
                Gate::check($svg);
            }
            $art = new BroughtArt($docket, $name, mb_scrub($svg), SvgDrawing::read($svg), $this->clock->now());
        } catch (Refused $refused) {
            throw Refusals::at('art', $refused->getMessage());
        }
        $this->records->wrapInTransaction(function () use ($art, $docket, $name): void {
            $this->records->persist($art);
            $this->book->note('art', "Drawing “{$name}” brought", $docket);
        });

        return $art;
    }

    /** @throws NotFound */
    public function numbered(int $id): BroughtArt
    {
        return $this->records->find(BroughtArt::class, $id) ?? throw new NotFound('There is no such drawing.');
    }

    /**
     * What was brought for one order is not cut for another.
     *
     * @param int $docket its number
     *
     * @throws Refusals|NotFound
     */
    public function refuseForeign(Draft $draft, int $docket): void
    {
        $arts = ['art' => $draft->design->art()['id'] ?? null];
        foreach ($draft->elements as $nth => $element) {
            $arts["elements.$nth.art"] = $element->art;
        }
        foreach (array_filter($arts) as $field => $art) {
            if (!\in_array($this->numbered($art)->docket(), [$docket, BroughtArt::OF_THE_SHOP], true)) {
                throw Refusals::at($field, 'This drawing was brought for another order. Bring it for this one too.');
            }
        }
    }

    /**
     * A drawing that goes along to another order, or among the shop's own, is copied: what is kept with one order is
     * not taken from another.
     *
     * @param int $docket its number, or `BroughtArt::OF_THE_SHOP`
     *
     * @throws NotFound
     */
    public function along(Draft $draft, int $docket): Draft
    {
        $copies = [];
        $copied = function (int $art) use (&$copies, $docket): int {
            $there = $this->numbered($art);
            if (!isset($copies[$art]) && $there->docket() !== $docket) {
                $copies[$art] = $there->along($docket);
                $this->records->persist($copies[$art]);
                $this->records->flush();
            }

            return ($copies[$art] ?? $there)->id();
        };
        $art = $draft->design->art();

        return new Draft(
            $draft->lines,
            null === $art ? $draft->design : $draft->design->ofDrawing($copied($art['id'])),
            $draft->roster,
            $draft->film,
            array_map(
                static fn (DesignElement $one): DesignElement => null === $one->art
                    ? $one
                    : $one->ofDrawing($copied($one->art)),
                $draft->elements,
            ),
        );
    }

    /** @throws NotFound */
    public function drawing(int $id): VectorArt
    {
        return $this->cache->recall(
            "art.{$this->numbered($id)->content()}",
            fn (): VectorArt => $this->numbered($id)->drawing(),
        );
    }

    /**
     * What tells the drawings of a design from others, wherever something is remembered of them: numbers begin anew
     * in an emptied shop and in records put back, contents do not.
     *
     * @param list<DesignElement> $elements
     *
     * @return list<string>
     *
     * @throws NotFound
     */
    public function contents(?Design $design, array $elements = []): array
    {
        $beside = array_map(static fn (DesignElement $one): ?int => $one->art, $elements);
        $ids = [$design?->art()['id'] ?? null, ...$beside];

        return array_map(
            fn (int $id): string => $this->numbered($id)->content(),
            array_values(array_filter($ids)),
        );
    }
}
