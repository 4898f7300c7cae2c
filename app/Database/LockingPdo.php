<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * SQLite that takes the lock when a transaction begins. One that takes it only when it first writes fails at once,
 * however long it would
 * wait, where another has written since it first read. Before PHP 8.4 the framework cannot ask for this.
 */
final class LockingPdo extends PDO
{
    private bool $isOpen = false;

    private bool $isWatched = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');
        if (! $this->isWatched) {
            // A connection is kept from page to page: what broke off in the middle must not hold the lock.
            register_shutdown_function(fn () => $this->rollBack());
            $this->isWatched = true;
        }

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        if ($this->isOpen) {
            $this->isOpen = false;
            $this->exec('ROLLBACK');
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
