<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;
use Symfony\Component\Serializer\Normalizer\ObjectNormalizer;
use Symfony\Component\Serializer\SerializerAwareInterface;
use Symfony\Component\Serializer\SerializerInterface;

/**
 * Refuses an object with a field that what is read from it does not have, by one look at the names: the serializer asks
 * of each what it could be, and passes it over in the end.
 */
#[AsDecorator('serializer.normalizer.object')]
final class KnownFields implements NormalizerInterface, DenormalizerInterface, SerializerAwareInterface
{
    /** In a context: the body is read a second time, as something else, which knows the rest of it. */
    public const READ_BESIDE = 'yelbo.read_beside';

    /** @var array<class-string, array<string, int>> names of fields by the class that has them */
    private static array $fields = [];

    public function __construct(private readonly ObjectNormalizer $inner)
    {
    }

    public function setSerializer(SerializerInterface $serializer): void
    {
        $this->inner->setSerializer($serializer);
    }

    /** @throws BadRequestHttpException for a field nobody knows */
    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        $isWhole = '' === (string) ($context['deserialization_path'] ?? '');
        if ($isWhole && !\is_array($data)) {
            throw new BadRequestHttpException('No object.');
        }
        $isBeside = $isWhole && isset($context[self::READ_BESIDE]);
        if (
            \is_array($data)
            && !$isBeside
            && class_exists($type)
            && [] !== array_diff_key($data, self::fields($type))
        ) {
            throw new BadRequestHttpException('A field that is not asked for.');
        }

        return $this->inner->denormalize($data, $type, $format, $context);
    }

    public function supportsDenormalization(
        mixed $data,
        string $type,
        ?string $format = null,
        array $context = [],
    ): bool {
        return $this->inner->supportsDenormalization($data, $type, $format, $context);
    }

    /** @return array<mixed>|string|int|float|bool|\ArrayObject<int|string, mixed>|null */
    public function normalize(
        mixed $object,
        ?string $format = null,
        array $context = [],
    ): array|string|int|float|bool|\ArrayObject|null {
        return $this->inner->normalize($object, $format, $context);
    }

    public function supportsNormalization(mixed $data, ?string $format = null, array $context = []): bool
    {
        return $this->inner->supportsNormalization($data, $format, $context);
    }

    /** @return array<class-string|'*'|'object'|string, bool|null> */
    public function getSupportedTypes(?string $format): array
    {
        return $this->inner->getSupportedTypes($format);
    }

    /**
     * @param class-string $type
     *
     * @return array<string, int>
     */
    private static function fields(string $type): array
    {
        return self::$fields[$type] ??= array_flip(
            array_map(
                static fn (\ReflectionParameter $parameter): string => $parameter->getName(),
                (new \ReflectionClass($type))->getConstructor()?->getParameters() ?? [],
            ),
        );
    }
}
