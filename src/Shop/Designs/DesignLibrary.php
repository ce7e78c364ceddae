<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Refused;

/** The shop's own designs: what is asked for again and again, drawn once. */
final readonly class DesignLibrary
{
    private const FOUND = 40;
    /** µm: what a look at it need not show. */
    private const GLANCE = 150;
    /** As large as it was drawn, or less off than that. */
    private const SAME = 0.005;

    public function __construct(
        private EntityManagerInterface $records,
        private ElementLayout $elements,
        private DesignFitter $fitter,
        private BroughtArts $arts,
        private Change $change,
        private Book $book,
    ) {
    }

    /** @return list<KnownDesign> by name */
    public function found(string $part): array
    {
        /** @var list<KnownDesign> $designs */
        $designs = $this->records
            ->createQuery('SELECT d FROM '.KnownDesign::class.' d WHERE d.name LIKE :part ORDER BY d.name')
            ->setParameter('part', '%'.addcslashes($part, '%_\\').'%')
            ->setMaxResults(self::FOUND)
            ->getResult();

        return $designs;
    }

    /** @throws NotFound */
    public function design(int $id): KnownDesign
    {
        return $this->records->find(KnownDesign::class, $id) ?? throw new NotFound('There is no such design.');
    }

    /**
     * Keeps what is drawn on an object under a name.
     *
     * @throws Refusals where it has no name, or one that is taken
     * @throws Refused  where it cannot be drawn
     */
    public function keep(string $name, MeasuredObject $object, Draft $draft): KnownDesign
    {
        $name = trim($name);
        if ('' === $name || mb_strlen($name) > 80) {
            throw Refusals::at('name', 'What is it called? Up to 80 letters.');
        }
        if (null !== $this->records->getRepository(KnownDesign::class)->findOneBy(['name' => $name])) {
            throw Refusals::at('name', "There is a “{$name}” already. Give this one another name.");
        }
        $whole = $this->elements->whole(
            $object,
            $this->fitter->fit($object, $draft->lines, $draft->design),
            $draft->design,
            $draft->elements,
        );
        $glance = array_map(
            static fn (array $layer): array => [
                'film' => $layer['film'],
                'path' => SvgPath::write(Geos::simplified($layer['region'], self::GLANCE)),
            ],
            array_reverse($whole->layers()),
        );

        return $this->records->wrapInTransaction(function () use ($name, $object, $draft, $glance): KnownDesign {
            $design = new KnownDesign(
                $name,
                $this->arts->along($draft, BroughtArt::OF_THE_SHOP),
                $object->size(),
                $glance,
            );
            $this->records->persist($design);
            $this->book->note('design', "“{$name}” added to the designs");

            return $design;
        });
    }

    /**
     * A design as it would be drawn on an object: larger or smaller as the object is, everything where it was to the
     * object's middle. Words with no letter height typed are the largest that fit, there as here.
     */
    public function onto(KnownDesign $design, MeasuredObject $object): Draft
    {
        $draft = $design->draft();
        [$from, $to] = [$design->on(), $object->size()];
        $share = min(
            $to->width->micrometres / $from->width->micrometres,
            $to->height->micrometres / $from->height->micrometres,
        );
        if (abs($share - 1) < self::SAME) {
            $share = 1.0;
        }
        $place = static fn (?int $at, int $was, int $is): ?int => null === $at
            ? null
            : (int) round($is / 2 + $share * ($at - $was / 2));
        $left = static fn (?int $at): ?int => $place($at, $from->width->micrometres, $to->width->micrometres);
        $top = static fn (?int $at): ?int => $place($at, $from->height->micrometres, $to->height->micrometres);

        return new Draft(
            $draft->lines,
            $draft->design->scaled($share, $left, $top),
            [],
            $draft->film,
            array_map(
                static fn (DesignElement $one): DesignElement => $one->scaled($share, $left, $top),
                $draft->elements,
            ),
        );
    }

    /**
     * Takes a design off the list.
     *
     * @throws Conflict where somebody else was quicker
     */
    public function drop(KnownDesign $design, int $version): void
    {
        $this->change->apply($design, $version, function () use ($design): void {
            $this->book->note('design', "“{$design->name()}” taken from the designs");
            $this->records->remove($design);
        });
    }
}
