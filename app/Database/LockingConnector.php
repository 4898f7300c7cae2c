<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

/** Connects to SQLite by a connection that begins its transactions with the lock. */
final class LockingConnector extends SQLiteConnector
{
    /**
     * @param  string  $dsn
     * @param  string  $username
     * @param  string  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): PDO
    {
        return new LockingPdo($dsn, $username, $password, $options);
    }
}
