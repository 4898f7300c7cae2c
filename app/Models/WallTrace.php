<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a scanner sent of one doorway's wall.
 *
 * @property int $id
 * @property int $doorway_id
 * @property string $csv
 * @property list<array{float, float}> $profile  how dense, 0 to 1, by place in mm
 */
final class WallTrace extends Model
{
    protected $table = 'traces';

    protected $fillable = ['doorway_id', 'csv', 'profile'];

    /** @var array<string, string> */
    protected $casts = ['profile' => 'array'];
}
