<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

use Yelbo\Shop\Objects\ObjectAnswers;

/** A photo to be laid on an object by its four corners. */
final readonly class LayPhotoRequest
{
    /**
     * @param ObjectAnswers $answers what the object is measured by, as typed
     * @param list<CornerRequest> $corners top left, top right, bottom right, bottom left
     */
    public function __construct(public ObjectAnswers $answers, public array $corners)
    {
    }

    /** @return list<array{float, float}> pixels */
    public function corners(): array
    {
        return array_map(static fn (CornerRequest $corner): array => [$corner->x, $corner->y], $this->corners);
    }
}
