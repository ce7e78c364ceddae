<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Objects\KnownObject;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\ThingReader;
use Yelbo\Trade\Geometry\SvgPath;

/** One of the shop's own objects: the answers that describe it, and its outline laid flat. */
final readonly class KnownObjectView
{
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public Answers $answers,
        public string $kind,
        public SizeView $size,
        public string $outline,
        public bool $hasPicture,
    ) {
    }

    public static function of(KnownObject $object, ThingReader $things): self
    {
        $answers = Answers::from(['object' => $object->name()] + $object->answers());
        $thing = $things->read($answers);
        $surface = $thing->surface();

        return new self($object->id(), $object->version(), $object->name(), $answers, $thing->kind()->says(), SizeView::of($surface->wall()), SvgPath::write($surface->outline()), null !== $object->picture());
    }
}
