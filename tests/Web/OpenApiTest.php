<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Web\OpenApi\Describe;

final class OpenApiTest extends KernelTestCase
{
    private const HOW = 'The API has drifted from its description. ./yelbo console yelbo:openapi > docs/openapi.json '
        .'&& npm run api';

    public function testTheDescriptionIsTheCodes(): void
    {
        $describe = self::getContainer()->get(Describe::class);
        self::assertInstanceOf(Describe::class, $describe);
        $now =
            json_encode(
                $describe->document(),
                \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE,
            )."\n";
        self::assertSame((string) file_get_contents($this->root().'/docs/openapi.json'), $now, self::HOW);
    }

    public function testTheFrontEndsTypesAreTheDescriptions(): void
    {
        $fresh = tempnam(sys_get_temp_dir(), 'types').'.ts';
        exec(
            'cd '.
                escapeshellarg($this->root()).
                ' && node_modules/.bin/openapi-typescript docs/openapi.json --default-non-nullable false -o '.
                escapeshellarg($fresh).
                ' 2>&1',
            $says,
            $status,
        );
        self::assertSame(0, $status, implode("\n", $says));
        self::assertFileEquals($this->root().'/ui/generated/schema.ts', $fresh, self::HOW);
        unlink($fresh);
    }

    /** Every operation, parameter, schema and property says in a sentence what it is. */
    public function testNothingIsWithoutItsSentence(): void
    {
        $silent = $operations = [];
        foreach ($this->document()['paths'] as $path => $verbs) {
            foreach ($verbs as $verb => $operation) {
                $operations[] = "$verb $path";
                foreach (
                    [$operation['summary'] ?? '', ...array_column($operation['parameters'], 'description')] as $sentence
                ) {
                    if (!preg_match('~^\p{Lu}.+\.$~u', $sentence)) {
                        $silent[] = "$verb $path: $sentence";
                    }
                }
                foreach ($operation['parameters'] as $parameter) {
                    self::assertArrayHasKey('description', $parameter, "$verb $path");
                }
            }
        }
        foreach ($this->document()['components']['schemas'] as $name => $schema) {
            foreach (['' => $schema] + ($schema['properties'] ?? []) as $property => $described) {
                if (!preg_match('~^.+\.$~u', $described['description'] ?? '')) {
                    $silent[] = "$name.$property";
                }
            }
        }
        self::assertSame([], $silent);
        self::assertGreaterThan(80, \count($operations));
    }

    /** What has few values lists them: states, stations, uses, kinds. */
    public function testEnumerationsListTheirWords(): void
    {
        $schemas = $this->document()['components']['schemas'];
        self::assertSame(array_column(Station::cases(), 'value'), $schemas['Station']['enum']);
        self::assertSame(array_column(PieceState::cases(), 'value'), $schemas['PieceState']['enum']);
        self::assertSame(array_column(Usage::cases(), 'value'), $schemas['Usage']['enum']);
        self::assertSame(['none', 'piece', 'order'], $schemas['NestingRequest']['properties']['boxes']['enum']);
    }

    public function testAValidatorFindsNothingWrongWithIt(): void
    {
        exec(
            'cd '.
                escapeshellarg($this->root()).
                ' && node node_modules/@seriousme/openapi-schema-validator/bin/validate-api-cli.js docs/openapi.json '
                    .'2>&1',
            $says,
            $status,
        );
        self::assertSame(0, $status, implode("\n", $says));
        self::assertStringContainsString('"valid": true', implode('', $says));
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return json_decode(
            (string) file_get_contents($this->root().'/docs/openapi.json'),
            true,
            64,
            \JSON_THROW_ON_ERROR,
        );
    }

    private function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
