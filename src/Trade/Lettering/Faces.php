<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Refused;

/** The faces that ship, as listed in `faces.json` beside their files. */
final class Faces
{
    /** @var array<string, Face>|null */
    private ?array $faces = null;

    /**
     * @param string $root   the project's root
     * @param string $folder the faces' folder below it
     */
    public function __construct(private readonly string $root, private readonly string $folder = 'assets/faces')
    {
    }

    /** @return non-empty-list<Face> */
    public function all(): array
    {
        return array_values($this->listed()) ?: throw new \LogicException('No faces ship.');
    }

    /** One of them, for what is drawn and has no letters. @throws Refused where there is none */
    public function any(): Face
    {
        return $this->all()[0] ?? throw new Refused('no-face', 'There is no face.');
    }

    /** @throws Refused where no face has that slug */
    public function named(string $slug): Face
    {
        return $this->listed()[$slug] ??
            throw new Refused(
                'unknown-face',
                '“'.
                    mb_substr($slug, 0, 40).
                    '” is not a face here. There are '.
                    implode(', ', array_keys($this->listed())).
                    '.',
                '/face',
            );
    }

    /**
     * What is smallest in each glyph, by face and glyph: thinnest stroke, smallest part, smallest
     * inside, as shares of the letter height.
     *
     * @return array<string, array<int, array{float, float|null, float|null, float}>>
     */
    public function measures(): array
    {
        /** @var array<string, array<int, array{float, float|null, float|null, float}>> $measures */
        $measures = json_decode(
            (string) file_get_contents("{$this->root}/{$this->folder}/measures.json"),
            true,
            8,
            \JSON_THROW_ON_ERROR,
        );

        return $measures;
    }

    /** @return array<string, Face> */
    private function listed(): array
    {
        if (null === $this->faces) {
            $json = file_get_contents("{$this->root}/{$this->folder}/faces.json");
            /**
             * @var list<array{
             *     slug: string,
             *     name: string,
             *     style: string,
             *     licence: string,
             *     file: string,
             *     thinnest?: float,
             *     alphabets?: list<string>,
             * }> $rows
             */
            $rows = json_decode((string) $json, true, 8, \JSON_THROW_ON_ERROR);
            $this->faces = [];
            foreach ($rows as $row) {
                $file = "{$this->folder}/{$row['file']}";
                $this->faces[$row['slug']] = new Face(
                    $row['slug'],
                    $row['name'],
                    $row['style'],
                    $row['licence'],
                    $file,
                    "{$this->root}/$file",
                    $row['thinnest'] ?? 0.0,
                    $row['alphabets'] ?? [],
                );
            }
        }

        return $this->faces;
    }
}
