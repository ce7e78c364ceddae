<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Design;
use Yelbo\Web\Ask\ArtAsk;
use Yelbo\Web\Ask\SettingAsk;

/** How the words are set; nothing means by the rule. The setting reads as it could be typed. */
final readonly class DesignView
{
    public function __construct(public string $face, public ?LengthView $capHeight, public ?LengthView $left, public ?LengthView $top, public SettingAsk $setting, public ?ArtAsk $art)
    {
    }

    public static function of(Design $design): self
    {
        $at = $design->at();

        return new self($design->face(), null === $design->capHeight() ? null : LengthView::micrometres($design->capHeight()),
            null === $at ? null : LengthView::micrometres($at[0]), null === $at ? null : LengthView::micrometres($at[1]), SettingAsk::of($design), ArtAsk::of($design));
    }
}
