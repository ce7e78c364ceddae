<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The page itself. It holds no records: those come from the API, which is closed. */
final readonly class ShellController
{
    public function __construct(#[Autowire('%kernel.project_dir%/public/build')] private string $build)
    {
    }

    #[Route(
        '/{path}',
        name: 'shell',
        requirements: ['path' => '(?!api/|build/|p/).*'],
        defaults: ['path' => ''],
        methods: ['GET'],
        priority: -10,
    ),]
    public function __invoke(): Response
    {
        return $this->page('shop', 'ui/src/main.tsx', 'Yelbo', []);
    }

    /** A customer's page: for one proof, on a phone, in no search engine. */
    #[Route('/p/{token}', name: 'given-page', requirements: ['token' => '[A-Za-z0-9_-]{20,80}'], methods: ['GET'])]
    public function given(): Response
    {
        return $this->page('customer', 'ui/src/customer/main.tsx', 'Your proof', [
            'X-Robots-Tag' => 'noindex, nofollow, noarchive',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }

    /** @param array<string, string> $headers */
    private function page(string $folder, string $entry, string $title, array $headers): Response
    {
        $manifest = "$this->build/$folder/.vite/manifest.json";
        $json = is_file($manifest) ? file_get_contents($manifest) : false;
        if (false === $json) {
            return new Response('The front end is not built. ./yelbo demo builds it.', 503, [
                'Content-Type' => 'text/plain; charset=utf-8',
            ]);
        }
        /** @var array<string, array{file: string, css?: list<string>, imports?: list<string>}> $manifest */
        $manifest = json_decode($json, true, 16, \JSON_THROW_ON_ERROR);
        $nonce = base64_encode(random_bytes(16));
        $styles = implode(
            '',
            array_map(
                static fn (string $file): string => "<link rel=\"stylesheet\" href=\"/build/$folder/$file\">",
                self::styles($manifest, $entry),
            ),
        );
        $page =
            "<!doctype html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" "
                .'content="width=device-width, initial-scale=1">'.
            "<title>$title</title><meta name=\"robots\" content=\"noindex\"><meta name=\"nonce\" "
                ."content=\"$nonce\"><link rel=\"icon\" href=\"data:,\">$styles".
            "<script type=\"module\" src=\"/build/$folder/{$manifest[$entry]['file']}\"></script></head><body><div "
                ."id=\"yelbo\"></div><noscript>Yelbo needs JavaScript.</noscript></body></html>\n";

        return new Response($page, 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Cache-Control' => 'no-store',
            'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-$nonce'; "
                ."img-src 'self' data:; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; "
                ."frame-ancestors 'none'",
            ...$headers,
        ]);
    }

    /**
     * @param array<string, array{file: string, css?: list<string>, imports?: list<string>}> $manifest
     *
     * @return list<string> of an entry and what it brings in
     */
    private static function styles(array $manifest, string $entry): array
    {
        $styles = $manifest[$entry]['css'] ?? [];
        foreach ($manifest[$entry]['imports'] ?? [] as $import) {
            $styles = [...self::styles($manifest, $import), ...$styles];
        }

        return array_values(array_unique($styles));
    }
}
