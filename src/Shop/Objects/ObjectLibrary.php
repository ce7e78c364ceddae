<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\NotFound;

/** The shop's own objects: what comes in again and again, measured once. */
final readonly class ObjectLibrary
{
    private const FOUND = 40;

    public function __construct(
        private EntityManagerInterface $records,
        private ObjectReader $reader,
        private Change $change,
        private Book $book,
    ) {
    }

    /** @return list<KnownObject> by name */
    public function found(string $part): array
    {
        /** @var list<KnownObject> $objects */
        $objects = $this->records
            ->createQuery('SELECT o FROM '.KnownObject::class.' o WHERE o.name LIKE :part ORDER BY o.name')
            ->setParameter('part', '%'.addcslashes($part, '%_\\').'%')
            ->setMaxResults(self::FOUND)
            ->getResult();

        return $objects;
    }

    /** @throws NotFound */
    public function object(int $id): KnownObject
    {
        return $this->records->find(KnownObject::class, $id) ?? throw new NotFound('There is no such object.');
    }

    /** @throws Refusals where a measure is missing or wrong */
    public function add(ObjectAnswers $answers, ?string $picture): KnownObject
    {
        $name = $this->name($answers, null);
        $this->reader->read($answers);
        $object = new KnownObject($name, $answers);
        $object->depict($picture);

        return $this->records->wrapInTransaction(function () use ($object): KnownObject {
            $this->records->persist($object);
            $this->book->note('object', "“{$object->name()}” added to the objects");

            return $object;
        });
    }

    /** Changes the object alone: orders keep what they were measured by. */
    public function change(KnownObject $object, int $version, ObjectAnswers $answers, ?string $picture): KnownObject
    {
        $name = $this->name($answers, $object);
        $this->reader->read($answers);
        $this->change->apply($object, $version, function () use ($object, $name, $answers, $picture): void {
            $object->measure($name, $answers);
            if (null !== $picture) {
                $object->depict($picture);
            }
            $this->book->note('object', "“{$object->name()}” measured anew");
        });

        return $object;
    }

    /**
     * Takes an object off the list.
     *
     * @throws Conflict where it has been changed since
     */
    public function drop(KnownObject $object, int $version): void
    {
        $this->change->apply($object, $version, function () use ($object): void {
            $this->book->note('object', "“{$object->name()}” taken from the objects");
            $this->records->remove($object);
        });
    }

    private function name(ObjectAnswers $answers, ?KnownObject $but): string
    {
        $name = trim($answers->object);
        if ('' === $name || mb_strlen($name) > 80) {
            throw Refusals::at('object', 'What is it called? Up to 80 letters.');
        }
        $other = $this->records->getRepository(KnownObject::class)->findOneBy(['name' => $name]);
        if (null !== $other && $other !== $but) {
            throw Refusals::at(
                'object',
                "There is a “{$name}” already. Change that one, or give this one another name.",
            );
        }

        return $name;
    }
}
