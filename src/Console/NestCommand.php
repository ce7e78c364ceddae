<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Sheet;

#[AsCommand('trade:nest', 'Places pieces on stock')]
final class NestCommand extends TradeCommand
{
    private const MOST_COPIES = 2000;

    public function __construct(private readonly Reading $reading)
    {
        parent::__construct();
    }

    protected function answer(Document $in, InputInterface $input): array
    {
        $began = hrtime(true);
        $nest = new Nest(Gaps::same($this->gap($in, 'gap'), $this->gap($in, 'edge')), self::turns($in));
        $seconds = $in->number('seconds', 0, 3600, 0);
        $stock = array_map($this->stock(...), $in->objects('stock'));
        $pieces = array_map($this->piece(...), $in->objects('pieces'));
        $in->end();
        $this->refuseDoubles($in, $pieces);
        $until = $began + (int) (1e9 * $seconds);
        $plan = $nest->plan($stock, $pieces, static fn (): bool => hrtime(true) < $until);

        return [
            'sheets' => array_map(
                static fn (Sheet $sheet): array => [
                    'stock' => $sheet->stock,
                    'places' => array_map(
                        static fn (Place $place): array => [
                            'piece' => $place->piece,
                            'x' => Reading::mm($place->x),
                            'y' => Reading::mm($place->y),
                            'turn' => $place->turn,
                        ],
                        $sheet->places,
                    ),
                    'length' => Reading::mm($sheet->length),
                    'fill' => round($sheet->fill, 5),
                ],
                $plan->sheets,
            ),
            'left' => $plan->left,
            'seconds' => round((hrtime(true) - $began) / 1e9, 3),
        ];
    }

    private function gap(Document $in, string $key): int
    {
        return (int) round(1000 * $in->number($key, 0, 1000));
    }

    /** @return non-empty-list<int|float> degrees; as it is drawn where none are given */
    private static function turns(Document $in): array
    {
        return $in->has('turns') ? ($in->numbers('turns', -360, 360) ?: [0]) : [0];
    }

    private function stock(Document $in): NestStock
    {
        $id = $in->text('id');
        $count = $in->whole('count', 0, self::MOST_COPIES, 1);
        $stock = $in->has('path')
            ? new NestStock($id, $this->reading->path($in), $count)
            : NestStock::sheet($id, $in->length('width'), $in->length('height'), $count);
        $in->end();

        return $stock;
    }

    private function piece(Document $in): NestPiece
    {
        $piece = new NestPiece(
            $in->text('id'),
            $this->reading->path($in),
            $in->whole('count', 0, self::MOST_COPIES, 1),
            $in->has('turns') ? self::turns($in) : null,
        );
        $in->end();

        return $piece;
    }

    /** @param list<NestPiece> $pieces */
    private function refuseDoubles(Document $in, array $pieces): void
    {
        $seen = [];
        foreach ($pieces as $nth => $piece) {
            if (isset($seen[$piece->id])) {
                throw $in->wrong("pieces/$nth/id", 'stands twice; give a count instead');
            }
            $seen[$piece->id] = true;
        }
        if (array_sum(array_map(static fn (NestPiece $piece): int => $piece->count, $pieces)) > self::MOST_COPIES) {
            throw $in->wrong('pieces', 'are more than '.self::MOST_COPIES.' in all');
        }
    }
}
