<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** What can be done to an order line as a whole. */
enum DocketMove: string
{
    case Take = 'take';
    case AskAgain = 'ask-again';
    case MakeProof = 'make-proof';
    case Change = 'change';
    case Approve = 'approve';
    case Reopen = 'reopen';
    case Cancel = 'cancel';
    case Finish = 'finish';

    /** What the button says. */
    public function label(): string
    {
        return match ($this) {
            self::Take => 'Take the order',
            self::AskAgain => 'Back to Ask',
            self::MakeProof => 'Make the proof',
            self::Change => 'Change it',
            self::Approve => 'Approve',
            self::Reopen => 'Open it again',
            self::Cancel => 'Cancel the order',
            self::Finish => 'Close',
        };
    }
}
