<?php

declare(strict_types=1);

namespace Yelbo\Shop\Art;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Refusals;
use Yelbo\Trade\Art\Brought;
use Yelbo\Trade\Art\Gate;
use Yelbo\Trade\Art\SvgDrawing;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Trade\Refused;

/** Drawings customers brought. */
final readonly class Arts
{
    public function __construct(private EntityManagerInterface $records, private Memory $memory, private Book $book, private ClockInterface $clock)
    {
    }

    /** @throws Refusals for what is hostile, broken, too large, or holds nothing to cut */
    public function bring(Docket $docket, string $name, string $svg): BroughtArt
    {
        if (DocketState::Sizing !== $docket->state()) {
            throw new Refused('illegal-move', "{$docket->tag()} is not at Size any more.");
        }
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

    /** @throws NotFound */
    public function drawing(int $id): Brought
    {
        return $this->memory->recall("art.$id.".$this->numbered($id)->broughtAt()->getTimestamp(), fn (): Brought => $this->numbered($id)->drawing());
    }
}
