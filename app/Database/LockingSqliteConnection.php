<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use Illuminate\Support\Facades\DB;
use PDOException;
use RuntimeException;

/**
 * SQLite whose transactions hold the write lock from their first statement. A transaction that reads before it writes
 * would otherwise write over a snapshot that another writer has made stale, and no busy timeout helps against that.
 *
 * Laravel has a `transaction_mode` for it, which it passes over below PHP 8.4.
 */
final class LockingSqliteConnection extends SQLiteConnection
{
    /** The one that the records are in. */
    public static function here(): self
    {
        $connection = DB::connection();

        return $connection instanceof self ? $connection : throw new RuntimeException('The records lie in no SQLite file.');
    }

    /** @throws PDOException when another writer keeps the lock for longer than the busy timeout */
    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        // PDO must know of the transaction to end it later, but can only begin one that takes the lock late.
        $pdo->beginTransaction();
        $pdo->exec('COMMIT');
        try {
            $pdo->exec('BEGIN IMMEDIATE');
        } catch (PDOException $busy) {
            $pdo->exec('BEGIN');
            $pdo->rollBack();
            throw $busy;
        }
    }

    /**
     * Reads the records as they are now, however long that takes, and holds up no writer. What is read within a transaction is read
     * as that sees it.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    public function snapshot(callable $read): mixed
    {
        $pdo = $this->getPdo();
        if ($pdo->inTransaction()) {
            return $read();
        }
        $pdo->beginTransaction();
        try {
            return $read();
        } finally {
            $pdo->rollBack();
        }
    }
}
