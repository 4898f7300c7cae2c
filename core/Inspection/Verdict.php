<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Measure\Message;

/** What the findings of a doorway come to. */
enum Verdict: string
{
    case Unmeasured = 'unmeasured';
    case Stopped = 'stopped';
    case ToSettle = 'to-settle';
    case FitsIf = 'fits-if';
    case Fits = 'fits';

    /** The severity whose sign it is shown with. */
    public function sign(): string
    {
        return match ($this) {
            self::Unmeasured => Severity::Note->value,
            self::Stopped => Severity::Stop->value,
            self::ToSettle, self::FitsIf => Severity::Settle->value,
            self::Fits => Severity::Ok->value,
        };
    }

    public function says(): Message
    {
        return Message::word('verdicts', $this->value);
    }
}
