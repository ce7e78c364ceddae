<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerAwareInterface;
use Symfony\Component\Serializer\Normalizer\DenormalizerAwareTrait;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Objects\Typed\TypedSurface;
use Yelbo\Shop\Objects\TypedKeepOut;
use Yelbo\Shop\Orders\Answers;

/**
 * Reads answers that come side by side, whatever they are parts of; of a surface what is asked of its kind. What is
 * asked of another kind is passed over.
 */
final class FlatAnswers implements DenormalizerInterface, DenormalizerAwareInterface
{
    use DenormalizerAwareTrait;

    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        $at = \is_string($context['deserialization_path'] ?? null) ? $context['deserialization_path'].'.' : '';
        if (!\is_array($data)) {
            throw '' === $at
                ? new BadRequestHttpException('No answers.')
                : $this->wrong($data, 'array', rtrim($at, '.'));
        }
        if ('' !== $at && [] !== array_diff_key($data, self::fields())) {
            throw new BadRequestHttpException('An answer that is not asked for.');
        }
        $typed = [];
        foreach (array_intersect_key($data, self::fields()) as $field => $value) {
            if ('keepOuts' === $field) {
                $typed[$field] = $this->denormalizer->denormalize(
                    $value,
                    TypedKeepOut::class.'[]',
                    $format,
                    ['deserialization_path' => "$at$field"] + $context,
                );
            } elseif (\is_string($value)) {
                $typed[$field] = $value;
            } else {
                $wrong = $this->wrong($value, 'string', "$at$field");
                if (!isset($context['not_normalizable_value_exceptions'])) {
                    throw $wrong;
                }
                $context['not_normalizable_value_exceptions'][] = $wrong;
            }
        }

        return Answers::class === $type ? Answers::fromKept($typed) : ObjectAnswers::fromKept($typed);
    }

    public function supportsDenormalization(
        mixed $data,
        string $type,
        ?string $format = null,
        array $context = [],
    ): bool {
        return \in_array($type, [Answers::class, ObjectAnswers::class], true);
    }

    /** @return array<class-string, bool> */
    public function getSupportedTypes(?string $format): array
    {
        return [Answers::class => true, ObjectAnswers::class => true];
    }

    /** @return array<string, mixed> every field of any kind of surface, by its name */
    public static function fields(): array
    {
        static $fields = null;
        if (null === $fields) {
            $fields = (new Answers())->toArray();
            foreach (TypedSurface::KINDS as $class) {
                $fields += (new $class())->toArray();
            }
        }

        return $fields;
    }

    private function wrong(mixed $value, string $expected, string $at): NotNormalizableValueException
    {
        return NotNormalizableValueException::createForUnexpectedDataType(
            'This is no text.',
            $value,
            [$expected],
            $at,
            true,
        );
    }
}
