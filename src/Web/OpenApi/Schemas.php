<?php

declare(strict_types=1);

namespace Yelbo\Web\OpenApi;

use Symfony\Component\PropertyInfo\Extractor\PhpStanExtractor;
use Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\Validator\Constraints\Choice;

/**
 * JSON schemas of the classes that go over the wire: from their constructors' types, with the sentences of their
 * docblocks.
 */
final class Schemas
{
    /** @var array<string, array<string, mixed>> */
    private array $known = [];
    private readonly PhpStanExtractor $docs;
    private readonly ReflectionExtractor $types;

    public function __construct()
    {
        $this->docs = new PhpStanExtractor();
        $this->types = new ReflectionExtractor();
    }

    /** @return array<string, array<string, mixed>> */
    public function all(): array
    {
        ksort($this->known);

        return $this->known;
    }

    /** @return array<string, string> a reference; the class or enumeration is described once */
    public function name(string $class): array
    {
        if (!class_exists($class)) {
            throw new \LogicException("$class is not a class.");
        }
        $short = (new \ReflectionClass($class))->getShortName();
        if (!isset($this->known[$short])) {
            $this->known[$short] = [];
            $this->known[$short] = is_subclass_of($class, \BackedEnum::class)
                ? $this->choice($class)
                : $this->describe($class);
        }

        return ['$ref' => "#/components/schemas/$short"];
    }

    /**
     * A body read by several classes: their properties side by side.
     *
     * @param non-empty-list<string> $classes
     *
     * @return array<string, mixed>
     */
    public function together(array $classes): array
    {
        if (1 === \count($classes)) {
            return $this->name($classes[0]);
        }
        $whole = [
            'type' => 'object',
            'description' => 'What is changed, and the version it was read in.',
            'properties' => [],
            'required' => [],
            'additionalProperties' => false,
        ];
        foreach ($classes as $class) {
            $part = $this->describe(
                class_exists($class) ? $class : throw new \LogicException("$class is not a class."),
            );
            $whole['properties'] += $part['properties'];
            $whole['required'] = [...$whole['required'], ...$part['required']];
        }

        return $whole;
    }

    /** @return array<string, mixed> */
    public static function plain(string $type): array
    {
        return match ($type) {
            'int' => ['type' => 'integer'],
            'float' => ['type' => 'number'],
            'bool' => ['type' => 'boolean'],
            'string' => ['type' => 'string'],
            default => throw new \LogicException("$type cannot stand in an address."),
        };
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private function describe(string $class): array
    {
        $properties = [];
        $required = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $name = $parameter->getName();
            $type =
                $this->docs->getTypeFromConstructor($class, $name) ??
                ($this->types->getTypeFromConstructor($class, $name) ??
                    throw new \LogicException("$class::$name has no type."));
            $properties[$name] = $this->schema($type) +
                $this->choices($parameter) + ['description' => Sentences::ofParameter($parameter)];
            if ($parameter->isDefaultValueAvailable() && \is_scalar($parameter->getDefaultValue())) {
                $properties[$name]['default'] = $parameter->getDefaultValue();
            }
            if (!$parameter->isOptional() || str_ends_with($class, 'View')) {
                $required[] = $name;
            }
        }

        return [
            'type' => 'object',
            'description' => Sentences::ofClass($class),
            'properties' => $properties,
            'required' => $required,
            'additionalProperties' => false,
        ];
    }

    /**
     * @param class-string<\BackedEnum> $enum
     *
     * @return array<string, mixed>
     */
    private function choice(string $enum): array
    {
        return [
            'type' => 'string',
            'description' => Sentences::ofClass($enum),
            'enum' => array_map(static fn (\BackedEnum $case): int|string => $case->value, $enum::cases()),
        ];
    }

    /** @return array<string, mixed> the words a validated field takes */
    private function choices(\ReflectionParameter $parameter): array
    {
        $class = $parameter->getDeclaringClass();
        $name = $parameter->getName();
        foreach (
            null !== $class && $class->hasProperty($name)
                ? $class->getProperty($name)->getAttributes(Choice::class)
                : [] as $choice
        ) {
            return ['enum' => $choice->newInstance()->choices ?? []];
        }

        return [];
    }

    /** @return array<string, mixed> */
    private function schema(Type $type): array
    {
        return match (true) {
            $type instanceof NullableType => ['anyOf' => [$this->schema($type->getWrappedType()), ['type' => 'null']]],
            $type instanceof CollectionType => [
                'type' => 'array',
                'items' => $this->schema($type->getCollectionValueType()),
            ],
            $type instanceof BackedEnumType, $type instanceof ObjectType => $this->name($type->getClassName()),
            $type instanceof BuiltinType => self::plain(
                TypeIdentifier::MIXED === $type->getTypeIdentifier()
                    ? throw new \LogicException('A type is missing.')
                    : $type->getTypeIdentifier()->value,
            ),
            default => throw new \LogicException("$type cannot be described."),
        };
    }
}
