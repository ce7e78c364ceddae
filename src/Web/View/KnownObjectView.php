<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Objects\KnownObject;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Objects\ObjectReader;
use Yelbo\Trade\Geometry\SvgPath;

/** One of the shop's own objects: the answers that describe it, and its outline laid flat. */
final readonly class KnownObjectView
{
    /**
     * @param int $id its number in the records
     * @param int $version as it was read
     * @param string $name as people call it
     * @param ObjectAnswers $answers what was answered, as typed
     * @param string $kind which shape of surface
     * @param SizeView $size over all
     * @param string $outline the outline as path data, mm
     * @param bool $hasPicture whether a picture is kept with it
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public ObjectAnswers $answers,
        public string $kind,
        public SizeView $size,
        public string $outline,
        public bool $hasPicture,
    ) {
    }

    public static function from(KnownObject $known, ObjectReader $reader): self
    {
        $answers = $known->answers();
        $object = $reader->read($answers);
        $surface = $object->surface();

        return new self(
            $known->id(),
            $known->version(),
            $known->name(),
            $answers,
            $object->kind()->label(),
            SizeView::from($surface->wall()),
            SvgPath::write($surface->outline()),
            null !== $known->picture(),
        );
    }
}
