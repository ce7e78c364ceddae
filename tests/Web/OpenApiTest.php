<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Yelbo\Web\OpenApi\Describe;

final class OpenApiTest extends KernelTestCase
{
    private const HOW = 'The API has drifted from its description. ./yelbo console yelbo:openapi > docs/openapi.json && npm run api';

    public function testTheDescriptionIsTheCodes(): void
    {
        $describe = self::getContainer()->get(Describe::class);
        self::assertInstanceOf(Describe::class, $describe);
        $now = json_encode($describe->document(), \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE)."\n";
        self::assertSame((string) file_get_contents($this->root().'/docs/openapi.json'), $now, self::HOW);
    }

    public function testTheFrontEndsTypesAreTheDescriptions(): void
    {
        $fresh = tempnam(sys_get_temp_dir(), 'types').'.ts';
        exec('cd '.escapeshellarg($this->root()).' && node_modules/.bin/openapi-typescript docs/openapi.json -o '.escapeshellarg($fresh).' 2>&1', $says, $status);
        self::assertSame(0, $status, implode("\n", $says));
        self::assertFileEquals($this->root().'/ui/generated/schema.ts', $fresh, self::HOW);
        unlink($fresh);
    }

    private function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
