<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\WholeDecal;
use Yelbo\Trade\Lettering\Arrangement;
use Yelbo\Trade\Lettering\LineStyle;
use Yelbo\Trade\Lettering\Setting;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Object\Allowance;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Overhang;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What a proof says was done to the letters, and what was let pass: a customer says yes to that too. */
final readonly class ProofRemarks
{
    public function __construct(
        private Item $item,
        private Design $design,
        private WholeDecal $whole,
        private Rules $rules,
    ) {
    }

    /** @return list<string> */
    public function all(): array
    {
        $finish = $this->item->finish();

        return [
            ...Finish::None === $finish ? [] : ["{$finish->label()}. {$finish->says($this->rules)}"],
            ...$this->ofLetters(),
            ...$this->ofMending(),
            ...$this->item->waivers()->said(),
            ...$this->ofObject(),
        ];
    }

    /** @return list<string> */
    private function ofLetters(): array
    {
        $fitted = $this->whole->main;
        $setting = $fitted->words->setting;
        $remarks = 0.0 === $setting->condense ? [] : [$this->stretched($setting)];
        $heights = $fitted->lineHeights();
        if ([] !== $heights) {
            $remarks[] = 'Letters of the lines: '.
                implode(', ', array_map(static fn (int $of): string => Length::micrometres($of)->inMetric(), $heights)).
                ' mm'.
                ($setting->justify ? ', all lines one width.' : '.');
        }
        if (null !== $setting->signs) {
            $remarks[] = "Signs that {$fitted->words->face->name} lacks are of {$setting->signs->name}.";
        }
        $others = array_filter(
            array_map(static fn (LineStyle $style): ?string => $style->face?->name, $setting->styles),
        );
        if ([] !== $others && $setting->hasStyles()) {
            $remarks[] = 'Lines in faces of their own: '.implode(', ', array_unique($others)).'.';
        }
        if (Arrangement::Monogram === $setting->arrangement) {
            $remarks[] = 'Order of the monogram: '.$setting->order->label().'.';
        }

        return $remarks;
    }

    private function stretched(Setting $setting): string
    {
        $says = ($setting->condense > 0 ? 'Condensed' : 'Expanded').' by '.abs($setting->condense).' %';

        return $setting->isStretched($this->rules)
            ? "$says, as you asked: more than the {$this->rules->value(Rule::CondenseMost)} % at which letters keep "
                .'their looks.'
            : "$says.";
    }

    /** @return list<string> */
    private function ofMending(): array
    {
        $done = implode(', ', $this->whole->main->words->setting->mending->steps());

        return match (true) {
            '' === $done => [],
            null === $this->design->art() => [ucfirst($done).'.'],
            default => ["Your drawing was changed so that it can be cut: $done."],
        };
    }

    /** @return list<string> */
    private function ofObject(): array
    {
        $object = $this->item->object();
        $size = $object->surface()->size();
        $over = Overhang::of($this->whole->box(), $size->width->micrometres, $size->height->micrometres);
        $then = Allowance::Wrap === $object->allowance() ? 'it is folded under' : 'it is trimmed when it is on';

        return [
            ...$object->allowance()->goesOver() && $over->most() > 0
                ? ["Hangs over by {$over->inWords()}; $then."]
                : [],
            ...$object->isInside()
                ? ['Stuck inside, read from outside: it is cut mirrored. Shown as it reads.']
                : [],
        ];
    }
}
