<?php

declare(strict_types=1);

use App\Database\LockingPdo;

/* Transactions on a file that another writes to as well. */

/** @return array{LockingPdo, PDO} one that takes the lock when it begins, and another on the same file */
function twoOnOneFile(): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'yoke');
    register_shutdown_function(fn () => unlink($file));
    $throws = [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0];
    [$one, $other] = [new LockingPdo("sqlite:{$file}", options: $throws), new PDO("sqlite:{$file}", options: $throws)];
    $one->exec('PRAGMA foreign_keys = ON');
    $one->exec('CREATE TABLE racks (id INTEGER PRIMARY KEY)');
    $one->exec('CREATE TABLE leaves (rack INTEGER REFERENCES racks DEFERRABLE INITIALLY DEFERRED)');

    return [$one, $other];
}

function racks(PDO $book): int
{
    return (int) $book->query('SELECT count(*) FROM racks')->fetchColumn();
}

test('a transaction holds the lock from where it begins until it is kept', function () {
    [$one, $other] = twoOnOneFile();
    $one->beginTransaction();

    expect(fn () => $other->exec('BEGIN IMMEDIATE'))->toThrow(PDOException::class, 'locked')
        ->and($one->inTransaction())->toBeTrue()
        ->and($one->commit())->toBeTrue()
        ->and($one->inTransaction())->toBeFalse()
        ->and($other->exec('BEGIN IMMEDIATE'))->toBe(0);
});

test('what is taken back is gone, and the lock with it', function () {
    [$one, $other] = twoOnOneFile();
    $one->beginTransaction();
    $one->exec('INSERT INTO racks VALUES (1)');
    $back = $one->rollBack();

    expect([$back, $one->inTransaction(), racks($other), $other->exec('BEGIN IMMEDIATE')])->toBe([true, false, 0, 0]);
});

test('what is refused when it should be kept is taken back, and told', function () {
    [$one, $other] = twoOnOneFile();
    $one->beginTransaction();
    $one->exec('INSERT INTO racks VALUES (1)');
    $one->exec('INSERT INTO leaves VALUES (9)');

    expect(fn () => $one->commit())->toThrow(PDOException::class, 'FOREIGN KEY')
        ->and($one->inTransaction())->toBeFalse()
        ->and(racks($other))->toBe(0)
        ->and($one->beginTransaction())->toBeTrue()
        ->and($one->commit())->toBeTrue();
});

test('what the database took back by itself is not taken back twice', function () {
    [$one] = twoOnOneFile();
    $one->exec('INSERT INTO racks VALUES (1)');
    $one->beginTransaction();
    try {
        $one->exec('INSERT OR ROLLBACK INTO racks VALUES (1)');
    } catch (PDOException) {
        // It is what is asked for here.
    }

    expect([$one->rollBack(), $one->inTransaction(), racks($one)])->toBe([true, false, 1]);
});

test('a connection that is let go in the middle holds no lock', function () {
    [$one, $other] = twoOnOneFile();
    $one->beginTransaction();
    $one->exec('INSERT INTO racks VALUES (1)');
    unset($one);

    expect([racks($other), $other->exec('BEGIN IMMEDIATE')])->toBe([0, 0]);
});
