<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\BroughtArt;
use Yelbo\Trade\Art\Note;
use Yelbo\Trade\Geometry\SvgPath;

/** A drawing that was brought: its colours, and what was put right or left out. */
final readonly class ArtView
{
    /**
     * @param bool                $sized  does the file say how large it truly is?
     * @param list<ArtColourView> $layers the top one first
     * @param list<ArtNoteView>   $notes what to mind in the drawing
     * @param int $id its number in the records
     * @param string $name as people call it
     * @param int $corners how many corners the outlines have
     * @param SizeView $size over all
     * @param bool $printed whether a picture is printed inside its outline
     */
    public function __construct(
        public int $id,
        public string $name,
        public bool $sized,
        public SizeView $size,
        public int $corners,
        public array $layers,
        public array $notes,
        public bool $printed,
    ) {
    }

    public static function from(BroughtArt $art): self
    {
        $drawing = $art->drawing();
        $layers = [];
        foreach ($drawing->layers as $colour => $region) {
            $layers[] = new ArtColourView(
                $colour,
                \count($region->polygons),
                $region->corners(),
                SvgPath::write($drawing->glance($colour)),
                array_map(ArtPartView::from(...), $drawing->parts($colour)),
            );
        }

        return new self(
            $art->id(),
            $art->name(),
            $drawing->sized,
            SizeView::box($drawing->box()),
            $drawing->corners(),
            $layers,
            array_map(
                static fn (Note $note): ArtNoteView => new ArtNoteView($note->kind, $note->says),
                $drawing->notes,
            ),
            $art->isPrinted(),
        );
    }
}
