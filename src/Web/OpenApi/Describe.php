<?php

declare(strict_types=1);

namespace Yelbo\Web\OpenApi;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Yelbo\Web\Guard\CsrfGuard;
use Yelbo\Web\View\ProblemView;

/**
 * The API's description (OpenAPI 3.1), read off the code itself: routes, the classes a
 * controller takes and gives, and their types. Nothing is written down a second time.
 */
final class Describe
{
    /** What stands in an address, wherever it stands. */
    private const IN_ADDRESSES = [
        'paper' => 'What it is printed on, a4 or letter.',
        'film' => 'The number of the film whose pieces are given.',
        'from' => 'How many to leave out before the first that is given.',
        'most' => 'How many to give at the most.',
        'with' => 'The number of one that is given wherever it comes in the list, if it stands there.',
        'also' => 'The number of something on the shelf that is given even where nothing is left of it.',
        'id' => 'Its number in the records.',
        'number' => 'The number of the docket.',
        'nth' => 'Which version of the proof, from 1.',
        'name' => 'Its short name.',
        'key' => 'The key a request was asked with.',
        'token' => 'The secret part of the link.',
        'format' => 'The format of the file.',
        'move' => 'What happens to it.',
        'order' => 'What the cutter is told.',
        'station' => 'Only what stands at this station.',
        'docket' => 'For which order.',
        'high' => 'How high what is on it is, as typed with its unit.',
        'away' => 'From what is on it to the cut, as typed with its unit.',
        'units' => 'Which system a bare number is read in: metric or imperial.',
        'find' => 'Only what has this word in it.',
        'before' => 'Only what is older than this number.',
        'who' => 'Only what this person did.',
        'what' => 'Only what is of this kind.',
        'first' => 'Only from this day on, 2026-11-27.',
        'last' => 'Only up to this day, 2026-11-27.',
        'colours' => 'How many colours at the most; as many as there are where left out.',
        'specks' => 'What is no larger is dropped, pixels.',
        'smooth' => 'From 0 for all corners to 133 for none.',
        'item' => 'Which thing of the order, from 1.',
        'decal' => 'Which decal of a set, from 1.',
        'of' => 'The numbers, with commas between.',
        'picture' => 'Whether the photo is kept as a picture and not traced.',
    ];

    private Schemas $schemas;

    public function __construct(private readonly RouterInterface $router)
    {
        $this->schemas = new Schemas();
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $paths = [];
        foreach ($this->router->getRouteCollection() as $name => $route) {
            if (!str_starts_with($route->getPath(), '/api/')) {
                continue;
            }
            $method = $this->method($route);
            foreach ($route->getMethods() as $verb) {
                $paths[$route->getPath()][strtolower($verb)] = $this->operation($name, $route, $method);
            }
        }
        ksort($paths);
        $this->schemas->name(ProblemView::class);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Yelbo',
                'version' => '1',
                'description' => 'Every change carries the token of /api/me in the header '.CsrfGuard::HEADER.'.',
            ],
            'paths' => $paths,
            'components' => ['schemas' => $this->schemas->all()],
        ];
    }

    private function method(Route $route): \ReflectionMethod
    {
        $controller = $route->getDefault('_controller');
        if (!\is_string($controller)) {
            throw new \LogicException('Controllers are named by their class.');
        }
        [$class, $method] = [...explode('::', $controller), '__invoke'];

        return new \ReflectionMethod($class, $method);
    }

    /** @return array<string, mixed> */
    private function operation(string $name, Route $route, \ReflectionMethod $method): array
    {
        $bodies = $parameters = [];
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            if (!$type instanceof \ReflectionNamedType) {
                continue;
            }
            if ([] !== $parameter->getAttributes(MapRequestPayload::class)) {
                $bodies[] = $type->getName();
            } elseif ([] !== $parameter->getAttributes(MapQueryParameter::class)) {
                $schema = enum_exists($type->getName())
                    ? $this->schemas->name($type->getName())
                    : Schemas::plain($type->getName());
                $parameters[] = self::parameter('query', $parameter->getName(), !$parameter->isOptional(), $schema);
            } elseif (str_contains($route->getPath(), '{'.$parameter->getName().'}')) {
                $schema = Schemas::plain($type->getName());
                $allowed = $route->getRequirement($parameter->getName()) ?? '';
                if (preg_match('~^[a-z]+(\|[a-z]+)+$~', $allowed)) {
                    $schema['enum'] = explode('|', $allowed);
                }
                $parameters[] = self::parameter('path', $parameter->getName(), true, $schema);
            }
        }
        $problem = ['application/problem+json' => ['schema' => $this->schemas->name(ProblemView::class)]];
        $body = [] === $bodies ? null : ['application/json' => ['schema' => $this->schemas->together($bodies)]];

        return [
            'operationId' => $name,
            'summary' => Sentences::ofMethod($method),
            'parameters' => $parameters,
            'responses' => [
                '200' => $this->response($method),
                'default' => ['description' => 'A problem, as a sentence', 'content' => $problem],
            ],
            ...null === $body ? [] : ['requestBody' => ['required' => true, 'content' => $body]],
        ];
    }

    /**
     * @param string               $in     path or query
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function parameter(string $in, string $name, bool $required, array $schema): array
    {
        return [
            'name' => $name,
            'in' => $in,
            'required' => $required,
            'description' => self::IN_ADDRESSES[$name] ?? throw new \LogicException("Nothing says what $name is."),
            'schema' => $schema,
        ];
    }

    /** @return array<string, mixed> */
    private function response(\ReflectionMethod $method): array
    {
        $type = $method->getReturnType();
        if (!$type instanceof \ReflectionNamedType) {
            throw new \LogicException("{$method->class} has to say what it gives.");
        }
        if (is_a($type->getName(), Response::class, true)) {
            return [
                'description' => 'A file',
                'content' => ['application/octet-stream' => ['schema' => ['type' => 'string']]],
            ];
        }

        return [
            'description' => 'Done',
            'content' => ['application/json' => ['schema' => $this->schemas->name($type->getName())]],
        ];
    }
}
