<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What the company, or one job of it, does on a question where installers differ.
 *
 * @property ?int $job_id
 * @property string $method  its key
 * @property string $value  as a doorway's document has it; lengths with their unit
 * @property string $why
 */
final class HouseRule extends Model
{
    use OfFirm;

    protected $table = 'house_rules';

    protected $fillable = ['job_id', 'method', 'value', 'why'];
}
