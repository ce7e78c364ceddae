<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PlanMove;

/**
 * Moves plans along by single statements, for workers that share them with each other and with the
 * page: from the states the table of journeys allows, and from no other.
 */
final readonly class PlanStates
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * @param array<string, scalar|null> $set     columns written with it
     * @param array<string, scalar>      $where   what else has to hold
     * @param bool                       $counted whether whoever changes the plan by hand has to have seen it
     *
     * @return int how many plans were moved: those that are elsewhere by now are left alone
     */
    public function move(PlanMove $move, array $where, array $set = [], bool $counted = true): int
    {
        $moved = 0;
        $assign =
            implode('', array_map(static fn (string $column): string => ", $column = :set_$column", array_keys($set))).
            ($counted ? ', version = version + 1' : '');
        $match = implode(
            '',
            array_map(static fn (string $column): string => " AND $column = :is_$column", array_keys($where)),
        );
        $values = [];
        foreach ($set as $column => $value) {
            $values["set_$column"] = $value;
        }
        foreach ($where as $column => $value) {
            $values["is_$column"] = $value;
        }
        $origins = [];
        foreach (Journey::planMoves($move) as $from => $to) {
            $origins[$to->value][] = $from;
        }
        // A plan moved by one statement must not be moved on by the next.
        krsort($origins);
        foreach ($origins as $to => $from) {
            $moved += (int) $this->database->executeStatement(
                "UPDATE nest_plan SET state = :to$assign WHERE state IN (:from)$match",
                ['to' => $to, 'from' => $from] + $values,
                ['from' => ArrayParameterType::STRING],
            );
        }

        return $moved;
    }
}
