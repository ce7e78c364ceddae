<?php

declare(strict_types=1);

namespace Yelbo\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What the tools for style and types do not look at. */
final class HouseStyleTest extends TestCase
{
    private const LINE = 120;
    /** One row each, however long. */
    private const TABLES = ['src/Trade/Rule.php', 'src/Shop/Demo/DemoOrders.php'];

    /** Longer are rows of tables, and what a class implements, only. */
    public function testNoLineIsLongerThanItHasToBe(): void
    {
        $long = [];
        foreach ($this->files() as $file) {
            foreach (\in_array($file, self::TABLES, true) ? [] : $this->lines($file) as $nth => $line) {
                if (mb_strlen($line) > self::LINE && !preg_match('~^(final |readonly )*class ~', $line)) {
                    $long[] = $file.':'.($nth + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    /** Whoever reads a name need not ask which of two is meant. */
    public function testAShortNameStandsOnceInTheHouse(): void
    {
        $named = [];
        foreach ($this->files() as $file) {
            $named[basename($file, '.php')][] = $file;
        }
        self::assertSame([], array_filter($named, static fn (array $files): bool => \count($files) > 1));
    }

    /** Public methods of the core and the shop say what they give, each for itself or by what they implement. */
    public function testEveryPublicMethodSaysWhatItGives(): void
    {
        $silent = [];
        $methods = 0;
        foreach ($this->files() as $file) {
            $class = 'Yelbo\\'.str_replace(['src/', '/', '.php'], ['', '\\', ''], $file);
            $known = class_exists($class) || enum_exists($class) || interface_exists($class);
            if (!$known || !preg_match('~^src/(Trade|Shop)/~', $file)) {
                continue;
            }
            foreach ((new \ReflectionClass($class))->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
                if ($method->class === $class && $method->isUserDefined() && !$method->isConstructor()) {
                    ++$methods;
                    if (!$this->isDescribed($method)) {
                        $silent[] = "$class::$method->name";
                    }
                }
            }
        }
        self::assertGreaterThan(900, $methods);
        self::assertSame([], $silent);
    }

    private function isDescribed(\ReflectionMethod $method): bool
    {
        if (
            false !== $method->getDocComment()
            || ($method->getDeclaringClass()->isEnum() && !$method->isUserDefined())
        ) {
            return true;
        }
        foreach ($method->getDeclaringClass()->getInterfaces() as $interface) {
            $described = !str_starts_with($interface->name, 'Yelbo');
            if (
                $interface->hasMethod($method->name)
                && ($described || $interface->getMethod($method->name)->getDocComment())
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private function files(): array
    {
        $files = [];
        $all = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($this->root().'/src', \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($all as $file) {
            $files[] = substr((string) $file, \strlen($this->root()) + 1);
        }
        sort($files);

        return $files;
    }

    /** @return list<string> */
    private function lines(string $file): array
    {
        return file($this->root()."/$file", \FILE_IGNORE_NEW_LINES) ?: [];
    }

    private function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
