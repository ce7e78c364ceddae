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
use Yelbo\Shop\Input\Flat;
use Yelbo\Shop\Objects\Typed\TypedSurface;

/**
 * JSON schemas of the classes that go over the wire: from their constructors' types, with the sentences of their
 * docblocks.
 *
 * @phpstan-type Fields array{
 *     properties: array<string, mixed>,
 *     required: list<string>,
 *     kinds: list<array<string, mixed>>,
 * }
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
        $fields = ['properties' => [], 'required' => [], 'kinds' => []];
        foreach ($classes as $class) {
            $part = $this->fields(
                class_exists($class) ? $class : throw new \LogicException("$class is not a class."),
            );
            $fields = [
                'properties' => $fields['properties'] + $part['properties'],
                'required' => [...$fields['required'], ...$part['required']],
                'kinds' => [...$fields['kinds'], ...$part['kinds']],
            ];
        }

        return self::whole('What is changed, and the version it was read in.', $fields);
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
        return self::whole(Sentences::ofClass($class), $this->fields($class));
    }

    /**
     * An object with these fields and no others, or with those of one of some kinds beside them.
     *
     * @param Fields $fields
     *
     * @return array<string, mixed>
     */
    private static function whole(string $says, array $fields): array
    {
        $own = [
            'type' => 'object',
            'description' => $says,
            'properties' => $fields['properties'],
            'required' => $fields['required'],
        ];

        return [] === $fields['kinds']
            ? $own + ['additionalProperties' => false]
            : ['description' => $says, 'allOf' => [$own, ...$fields['kinds']]];
    }

    /**
     * @param class-string $class
     *
     * @return Fields
     */
    private function fields(string $class): array
    {
        $fields = ['properties' => [], 'required' => [], 'kinds' => []];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $name = $parameter->getName();
            $flat = $parameter->getAttributes(Flat::class)[0] ?? null;
            if (null !== $flat) {
                $part = $this->flat($parameter, $flat->newInstance()->by);
                $fields['properties'] += $part['properties'];
                $fields['kinds'] = [...$fields['kinds'], ...$part['kinds']];
                continue;
            }
            $type =
                $this->docs->getTypeFromConstructor($class, $name) ??
                ($this->types->getTypeFromConstructor($class, $name) ??
                    throw new \LogicException("$class::$name has no type."));
            $fields['properties'][$name] = $this->schema($type) +
                $this->choices($parameter) + ['description' => Sentences::ofParameter($parameter)];
            if ($parameter->isDefaultValueAvailable() && \is_scalar($parameter->getDefaultValue())) {
                $fields['properties'][$name]['default'] = $parameter->getDefaultValue();
            }
            if (!$parameter->isOptional() || str_ends_with($class, 'View')) {
                $fields['required'][] = $name;
            }
        }

        return $fields;
    }

    /**
     * A part whose fields stand beside the others: its own, or those of one of its kinds.
     *
     * @return Fields
     */
    private function flat(\ReflectionParameter $parameter, string $by): array
    {
        $type = $parameter->getType();
        $class = $type instanceof \ReflectionNamedType ? $type->getName() : '';

        return '' === $by
            ? $this->fields(class_exists($class) ? $class : throw new \LogicException("$class is not a class."))
            : ['properties' => [], 'required' => [], 'kinds' => [$this->kinds()]];
    }

    /** @return array<string, string> one of the kinds of surface, named by a field */
    private function kinds(): array
    {
        $this->known['TypedSurface'] ??= [
            'description' => Sentences::ofClass(TypedSurface::class),
            'oneOf' => array_map($this->kind(...), array_values(TypedSurface::KINDS), array_keys(TypedSurface::KINDS)),
        ];

        return ['$ref' => '#/components/schemas/TypedSurface'];
    }

    /**
     * @param class-string $class
     *
     * @return array<string, string>
     */
    private function kind(string $class, string $kind): array
    {
        $short = (new \ReflectionClass($class))->getShortName();
        $fields = $this->fields($class);
        $named = ['type' => 'string', 'enum' => [$kind], 'description' => 'Which kind it is.'];
        // What it is beside says which other fields there are.
        $this->known[$short] = array_diff_key(
            self::whole(Sentences::ofClass($class), [
                'properties' => ['surface' => $named] + $fields['properties'],
                'required' => ['surface'],
                'kinds' => [],
            ]),
            ['additionalProperties' => 0],
        );

        return ['$ref' => "#/components/schemas/$short"];
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
            $type instanceof ObjectType && TypedSurface::class === $type->getClassName() => $this->kinds(),
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
