<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model as Eloquent;

/** A row of the house's database. Each names its table: to work it out of its own name takes a library of grammar. */
abstract class Model extends Eloquent
{
    /** By their names alone: to look through every method of each model for marks took a tenth of every page. */
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            [$boot, $initialize] = ['boot'.class_basename($trait), 'initialize'.class_basename($trait)];
            ! method_exists(static::class, $boot) || static::$boot();
            ! method_exists(static::class, $initialize) || static::$traitInitializers[static::class][] = $initialize;
        }
    }

    /** No row here says of another that it was changed. */
    public function touchOwners(): void {}
}
