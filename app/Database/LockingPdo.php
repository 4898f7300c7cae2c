<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;
use WeakReference;

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
            $watched = WeakReference::create($this);
            register_shutdown_function(static fn () => $watched->get()?->rollBack());
            $this->isWatched = true;
        }

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        try {
            $this->exec('COMMIT');
        } catch (PDOException $refused) {
            // As where the disk is full: nothing of it is kept, and the next one begins anew.
            $this->rollBack();

            throw $refused;
        }
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        if ($this->isOpen) {
            $this->isOpen = false;
            try {
                $this->exec('ROLLBACK');
            } catch (PDOException) {
                // SQLite took it back itself when it met the fault that led here, which is the one to be told.
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }

    public function __destruct()
    {
        $this->rollBack();
    }
}
