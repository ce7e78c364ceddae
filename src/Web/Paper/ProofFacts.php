<?php

declare(strict_types=1);

namespace Yelbo\Web\Paper;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Trade\Lettering\Layer;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Price\Money;
use Yelbo\Web\View\MoneyView;

/** What is written beside the drawing of a proof on paper, row by row. */
final readonly class ProofFacts
{
    public function __construct(#[Autowire('%money.format%')] private string $money)
    {
    }

    /** @return list<array{string, string}> */
    public function of(ProofPage $proof): array
    {
        $said = $proof->frozen();
        $on = $said->on;
        $words = 1 === $proof->drawing()->members()
            ? implode(' / ', $proof->words())
            : $proof->drawing()->members().' names, as drawn below';
        $highest = $proof->drawing()->highest()->micrometres > $proof->drawing()->capHeight()->micrometres
            ? ' to '.self::both($proof->drawing()->highest())
            : '';
        $wall = new Size(Length::micrometres($on->wallWidth), Length::micrometres($on->wallHeight));
        $price = $said->charged->price;

        return [
            ['For', $proof->docket()->customer()?->name() ?? ''],
            '' !== $said->drawing ? ['Drawing', $said->drawing] : ['Words', $words],
            ['' === $said->drawing ? 'Letters' : 'Height', self::both($proof->drawing()->capHeight()).$highest],
            ['Over all', self::bothWays($proof->drawing()->size())],
            [
                'On',
                $on->object.('' === $on->material ? '' : ', '.mb_strtolower($on->material)).', '.self::bothWays($wall),
            ],
            ['From left, top', self::both($proof->drawing()->left()).'; '.self::both($proof->drawing()->top())],
            ['Film', self::films($proof)],
            ['How many', $said->quantity.($on->panes > 1 ? " of each of $on->panes panes" : '')],
            ...null === $price ? [] : [['Price', MoneyView::from(Money::minor($price), $this->money)->text]],
        ];
    }

    /** Each layer's film, the letters' first; where there are several each with its own size. */
    private static function films(ProofPage $proof): string
    {
        $films = $proof->frozen()->films;
        $said = '';
        foreach ($films as $nth => $film) {
            $under = \in_array($proof->drawing()->layers()[$nth]['role'] ?? '', [Layer::OFFSET, Layer::BASE], true);
            $said .= (0 === $nth ? '' : ($under ? ' on ' : ', ')).
                $film['name'].
                (\count($films) > 1 ? ' ('.self::bothWays($proof->drawing()->layerSize(0, $nth)).')' : '');
        }

        return $said;
    }

    private static function bothWays(Size $size): string
    {
        return "{$size->width->inMetric()} × {$size->height->inMetric()} mm ({$size->width->inImperial()} × "
            ."{$size->height->inImperial()} in)";
    }

    private static function both(Length $length): string
    {
        return $length->inBoth();
    }
}
