<?php

declare(strict_types=1);

namespace App\Http\Session;

use Illuminate\Support\Carbon;

/** What did not change since it was read is written again only now and then, so that it does not run out. */
trait WrittenWhenChanged
{
    private const SECONDS = 300;

    /** @var array<string, string> by the session's id */
    private array $asRead = [];

    /** When what was read was written; 0 where that is not known. */
    abstract private function writtenAt(string $id): int;

    public function read($sessionId): string|false
    {
        $data = parent::read($sessionId);
        $this->asRead = $data === false ? [] : [$sessionId => $data];

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        $isKept =
            ($this->asRead[$sessionId] ?? null) === $data &&
            $this->writtenAt($sessionId) > Carbon::now()->getTimestamp() - self::SECONDS;

        return $isKept || parent::write($sessionId, $data);
    }

    public function destroy($sessionId): bool
    {
        $this->asRead = [];

        return parent::destroy($sessionId);
    }
}
