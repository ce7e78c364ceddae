<?php

declare(strict_types=1);

namespace Yelbo\Web\OpenApi;

use phpDocumentor\Reflection\DocBlock;
use phpDocumentor\Reflection\DocBlock\Tags\Param;
use phpDocumentor\Reflection\DocBlockFactory;

/** The sentences of docblocks; what has none cannot be described, and says so. */
final class Sentences
{
    /** @param class-string $class */
    public static function ofClass(string $class): string
    {
        $reflection = new \ReflectionClass($class);

        return self::whole(self::read($reflection->getDocComment()), $class);
    }

    public static function ofMethod(\ReflectionMethod $method): string
    {
        return self::whole(self::read($method->getDocComment()), "$method->class::$method->name()");
    }

    /** From the constructor's docblock, or where it stands with the parameter itself from there. */
    public static function ofParameter(\ReflectionParameter $parameter): string
    {
        $name = $parameter->getName();
        $class = $parameter->getDeclaringClass();
        foreach (
            self::read($parameter->getDeclaringFunction()->getDocComment())?->getTagsByName('param') ?? [] as $tag
        ) {
            if (
                $tag instanceof Param
                && $tag->getVariableName() === $name
                && null !== $tag->getDescription()
                && '' !== (string) $tag->getDescription()
            ) {
                return self::sentence((string) $tag->getDescription());
            }
        }
        $own = null !== $class && $class->hasProperty($name) ? $class->getProperty($name)->getDocComment() : false;

        return self::whole(self::read($own), ($class?->getName() ?? '').'::$'.$name);
    }

    private static function read(false|string $docblock): ?DocBlock
    {
        /** @var ?\phpDocumentor\Reflection\DocBlockFactoryInterface $factory */
        static $factory = null;
        $factory ??= DocBlockFactory::createInstance();

        return false === $docblock ? null : $factory->create($docblock);
    }

    private static function whole(?DocBlock $docblock, string $of): string
    {
        $said = trim(($docblock?->getSummary() ?? '').' '.($docblock?->getDescription() ?? ''));
        if ('' === $said) {
            throw new \LogicException("$of has no docblock that says what it is.");
        }

        return self::sentence($said);
    }

    private static function sentence(string $said): string
    {
        $line = (string) preg_replace('~\s+~', ' ', $said);

        return mb_strtoupper(mb_substr($line, 0, 1)).mb_substr($line, 1).(str_ends_with($line, '.') ? '' : '.');
    }
}
