<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Database\Row;
use Illuminate\Session\DatabaseSessionHandler;
use stdClass;

/** Of a firm: a row each, which tells where and when somebody was here (`Firm\Devices`). */
final class TableSession extends DatabaseSessionHandler
{
    use WrittenWhenChanged;

    private int $lastHere = 0;

    private function writtenAt(string $id): int
    {
        return $this->lastHere;
    }

    /** @param  stdClass  $session */
    protected function expired($session): bool
    {
        $this->lastHere = (new Row($session))->number('last_activity');

        return parent::expired($session);
    }
}
