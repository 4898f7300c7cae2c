<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What one of something costs here.
 *
 * @property string $key  as a material has it
 * @property int $cents
 */
final class Price extends Model
{
    protected $fillable = ['key', 'cents'];
}
