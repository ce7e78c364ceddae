<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Trade\Geometry\SvgPath;

/** Photos and drawings of objects, as files really come. */
final class PhotosTest extends WebCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('ines');
    }

    private static function image(): \GdImage
    {
        [$width, $height] = [800, 600];
        $image = imagecreatetruecolor($width, $height);
        imagefill($image, 0, 0, 0xECE8E0);
        imagefilledellipse(
            $image,
            intdiv($width, 2),
            intdiv($height, 2),
            intdiv($width, 2),
            intdiv($height, 2),
            0x783C28,
        );

        return $image;
    }

    /** @param \Closure(\GdImage): mixed $write */
    private static function bytes(\Closure $write, ?\GdImage $image = null): string
    {
        ob_start();
        $write($image ?? self::image());

        return (string) ob_get_clean();
    }

    /** @return array<string, mixed> */
    private function photo(string $bytes): array
    {
        $token = (string) $this->ask('GET', '/api/me')['csrf'];
        $this->browser->request(
            'POST',
            '/api/photos',
            [],
            [],
            ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_X_YELBO_TOKEN' => $token],
            $bytes,
        );
        $this->status = $this->browser->getResponse()->getStatusCode();

        return (array) json_decode((string) $this->browser->getResponse()->getContent(), true);
    }

    public function testEveryKindIsTracedByItsContent(): void
    {
        foreach ([imagejpeg(...), imagepng(...), imagewebp(...)] as $write) {
            $trace = $this->photo(self::bytes($write));
            self::assertSame(200, $this->status, json_encode($trace, \JSON_THROW_ON_ERROR));
            self::assertMatchesRegularExpression('~^[0-9a-f]{32}$~', $trace['photo']);
            $box = SvgPath::read($trace['path'])->box();
            self::assertEqualsWithDelta(
                [0.5, 0.5],
                [$box->width() / 1000 / $trace['width'], $box->height() / 1000 / $trace['height']],
                0.01,
            );
        }
    }

    public function testTheThresholdIsMovedAndThePhotoSeenAgain(): void
    {
        $trace = $this->photo(self::bytes(imagejpeg(...)));
        $again = $this->ask('POST', "/api/photos/{$trace['photo']}", ['threshold' => 40]);
        self::assertSame([200, 40], [$this->status, $again['threshold']]);
        $this->browser->request('GET', "/api/photos/{$trace['photo']}");
        $response = $this->browser->getResponse();
        self::assertSame('image/jpeg', $response->headers->get('Content-Type'));
        self::assertSame('nosniff', $response->headers->get('X-Content-Type-Options'));
        self::assertStringContainsString(
            'from 1 to 254',
            $this->ask('POST', "/api/photos/{$trace['photo']}", ['threshold' => 900])['fields'][0]['says'],
        );
        $this->assertProblem(
            404,
            'Take it again',
            $this->ask('POST', '/api/photos/'.str_repeat('0', 32), ['threshold' => 40]),
        );
        $object = $this->ask('POST', '/api/objects', [
            'answers' => ['object' => 'Plaque', 'surface' => 'outline', 'width' => '90mm', 'outline' => $trace['path']],
            'picture' => $trace['photo'],
        ]);
        self::assertTrue($object['hasPicture'], json_encode($object, \JSON_THROW_ON_ERROR));
        $this->browser->request('GET', "/api/objects/{$object['id']}/picture");
        self::assertSame(360, (getimagesizefromstring((string) $this->browser->getResponse()->getContent()) ?: [0])[0]);
    }

    public function testAPictureAloneNeedsNoPlainGround(): void
    {
        $image = self::image();
        for ($x = 0; $x < 800; $x += 40) {
            imagefilledrectangle($image, $x, 0, $x + 20, 600, 0x406080);
        }
        $token = (string) $this->ask('GET', '/api/me')['csrf'];
        $this->browser->request(
            'POST',
            '/api/photos?picture=1',
            [],
            [],
            ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_X_YELBO_TOKEN' => $token],
            self::bytes(imagejpeg(...), $image),
        );
        $taken = (array) json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertSame('', $taken['path'], json_encode($taken, \JSON_THROW_ON_ERROR));
        self::assertMatchesRegularExpression('~^[0-9a-f]{32}$~', $taken['photo']);
        $this->photo(self::bytes(imagejpeg(...), $image));
        self::assertSame(422, $this->status, 'to be traced it does');
    }

    /** Its photo is laid on a measured object, is kept with its orders, and belongs to its shape. */
    public function testAPhotoIsLaidOnAnObject(): void
    {
        $trace = $this->photo(self::bytes(imagejpeg(...)));
        $corners = static fn (int ...$at): array => array_map(
            static fn (array $one): array => ['x' => $one[0], 'y' => $one[1]],
            array_chunk($at, 2),
        );
        $plaque = ['object' => 'Plaque', 'surface' => 'rectangle', 'width' => '120mm', 'height' => '90mm'];
        $lay = fn (array $answers, array $places): array => $this->ask('POST', "/api/photos/{$trace['photo']}/lay", [
            'answers' => $answers,
            'corners' => $places,
        ]);
        $middle = $corners(210, 160, 590, 160, 590, 440, 210, 440);
        $laid = $lay($plaque, $middle);
        self::assertSame(200, $this->status, json_encode($laid, \JSON_THROW_ON_ERROR));
        self::assertEqualsWithDelta(0x78, hexdec(substr($laid['colour'], 1, 2)), 12, 'what lies on it, not the ground');
        $this->browser->request('GET', "/api/laid/{$laid['photo']}");
        $size = getimagesizefromstring((string) $this->browser->getResponse()->getContent()) ?: [0, 0];
        self::assertSame([900, 675], [$size[0], $size[1]], 'as the object is, not as the photo');

        self::assertSame(['corners'], array_column($lay($plaque, array_reverse($middle))['fields'], 'field'));
        self::assertSame(['corners'], array_column($lay($plaque, \array_slice($middle, 1))['fields'], 'field'));
        self::assertSame(['width'], array_column($lay(['width' => ''] + $plaque, $middle)['fields'], 'field'));

        $object = $this->ask('POST', '/api/objects', ['answers' => ['photo' => $laid['photo']] + $plaque]);
        self::assertSame($laid['photo'], $object['answers']['photo'], json_encode($object, \JSON_THROW_ON_ERROR));
        $other = ['object' => 'Oval', 'surface' => 'ellipse', 'photo' => $laid['photo']] + $plaque;
        self::assertStringContainsString(
            'another shape',
            $this->ask('POST', '/api/objects', ['answers' => $other])['fields'][0]['says'],
        );
        self::assertStringContainsString(
            'no such photo',
            $this->ask('POST', '/api/objects', [
                'answers' => ['object' => 'Sign', 'photo' => str_repeat('a', 32)] + $plaque,
            ])['fields'][0]['says'],
        );
    }

    /** What a camera writes into a photo, where it was taken for one, does not stay. */
    public function testWhatElseAPhotoCarriesDoesNotStay(): void
    {
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0SECRET-PLACE";
        $jpeg = self::bytes(imagejpeg(...));
        $jpeg = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', 2 + \strlen($exif)).$exif.substr($jpeg, 2);
        $trace = $this->photo($jpeg);
        self::assertSame(200, $this->status, json_encode($trace, \JSON_THROW_ON_ERROR));
        self::assertGreaterThan($trace['width'], $trace['height'], 'turned upright');
        $this->browser->request('GET', "/api/photos/{$trace['photo']}");
        self::assertStringNotContainsString('SECRET-PLACE', (string) $this->browser->getResponse()->getContent());
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'empty'];
        yield 'a text that calls itself a photo' => ['this is no photo', 'not a JPEG'];
        yield 'a GIF' => [self::bytes(imagegif(...)), 'not a JPEG'];
        yield 'half a photo' => [substr(self::bytes(imagepng(...)), 0, 300), 'damaged'];
        yield 'too many pixels, few bytes' => [
            "\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 30_000, 30_000)."\x08\x02\0\0\0".str_repeat("\0", 40),
            '40 million',
        ];
        yield 'too many bytes' => [str_repeat('x', 16_000_001), '16 MB'];
        yield 'a plain sheet' => [
            (static function (): string {
                $image = imagecreatetruecolor(400, 300);
                imagefill($image, 0, 0, 0xECE8E0);

                return self::bytes(imagepng(...), $image);
            })(),
            'another colour',
        ];
        yield 'a drawing that reads files' => [
            '<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg '
                .'xmlns="http://www.w3.org/2000/svg"><path d="&x;"/></svg>',
            'entities',
        ];
        yield 'a drawing with nothing in it' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'no closed outline'];
        yield 'a drawing with a script' => [
            '<svg xmlns="http://www.w3.org/2000/svg"><script/><rect width="9" height="9"/></svg>',
            'script',
        ];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoPhotoIsSaid(string $bytes, string $says): void
    {
        $problem = $this->photo($bytes);
        self::assertSame(422, $this->status);
        self::assertSame('photo', $problem['fields'][0]['field']);
        self::assertStringContainsString($says, $problem['fields'][0]['says']);
    }

    public function testADrawingsShapesAreOneOutline(): void
    {
        $trace = $this->photo(
            '<svg xmlns="http://www.w3.org/2000/svg"><g><rect x="10" y="10" width="40" height="20"/><circle cx="50" '
                .'cy="20" r="10"/><polygon points="0,0 12,0 12,12"/></g></svg>',
        );
        self::assertSame(200, $this->status, json_encode($trace, \JSON_THROW_ON_ERROR));
        self::assertEqualsWithDelta([15.875, 7.938, ''], [$trace['width'], $trace['height'], $trace['photo']], 0.01);
    }
}
