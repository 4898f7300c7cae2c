<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Measure\Message;

/** How much a finding matters, the gravest first. */
enum Severity: string
{
    case Stop = 'stop';
    case Settle = 'settle';
    case Note = 'note';
    case Ok = 'ok';

    public function says(): Message
    {
        return Message::word('severities', $this->value);
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function needsSettling(): bool
    {
        return $this === self::Stop || $this === self::Settle;
    }
}
