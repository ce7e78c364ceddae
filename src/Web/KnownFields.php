<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;
use Symfony\Component\Serializer\Normalizer\ObjectNormalizer;
use Symfony\Component\Serializer\SerializerAwareInterface;
use Symfony\Component\Serializer\SerializerInterface;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Web\Guard\JsonBounds;

/**
 * Refuses an object with a field that what is read from it does not have, by one look at the names: the serializer asks
 * of each what it could be, and passes it over in the end.
 */
#[AsDecorator('serializer.normalizer.object')]
final class KnownFields implements NormalizerInterface, DenormalizerInterface, SerializerAwareInterface
{
    /** @var array<class-string, array<string, string>> types of fields by their names, by the class that has them */
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
        if (!$isWhole && \is_array($data) && class_exists($type)) {
            self::refuseOthers($data, $type);
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
     * What a body is read as may be several things side by side: a field is known where one of them has it.
     */
    #[AsEventListener(KernelEvents::CONTROLLER_ARGUMENTS, priority: 10)]
    public function refuseBody(ControllerArgumentsEvent $event): void
    {
        $types = [];
        foreach ($event->getArguments() as $argument) {
            if ($argument instanceof MapRequestPayload) {
                $types[] = (string) $argument->metadata->getType();
            }
        }
        $body = $event->getRequest()->getContent();
        $data = [] === $types || '' === $body ? null : json_decode($body, true, 1 + JsonBounds::MOST_DEPTH);
        if (\is_array($data)) {
            self::refuseOthers($data, ...$types);
        }
    }

    /** @param array<array-key, mixed> $data */
    private static function refuseOthers(array $data, string ...$types): void
    {
        $others = array_diff_key($data, ...array_map(self::fields(...), $types));
        if ([] !== $others) {
            throw new BadRequestHttpException(
                'Nobody asks for '.mb_substr((string) array_key_first($others), 0, 80).'.',
            );
        }
        foreach ($types as $type) {
            foreach (array_filter($data, \is_float(...)) as $field => $figure) {
                if ('int' === (self::fields($type)[$field] ?? '') && floor($figure) !== $figure) {
                    throw new BadRequestHttpException("There is no half of $field.");
                }
            }
        }
    }

    /** @return array<string, mixed> types of the fields something is read from, by their names */
    private static function fields(string $type): array
    {
        if (\in_array($type, [Answers::class, ObjectAnswers::class], true) || !class_exists($type)) {
            return FlatAnswers::fields();
        }

        if (!isset(self::$fields[$type])) {
            self::$fields[$type] = [];
            foreach ((new \ReflectionClass($type))->getConstructor()?->getParameters() ?? [] as $field) {
                self::$fields[$type][$field->getName()] = ltrim((string) $field->getType(), '?');
            }
        }

        return self::$fields[$type];
    }
}
