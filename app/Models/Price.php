<?php

declare(strict_types=1);

namespace App\Models;

use App\Shop\Rate;
use YokeLine\Stock\SoldBy;

/**
 * What one of something costs here.
 *
 * @property string $key  as a material has it
 * @property int $cents
 * @property SoldBy $per  what it is the price of
 */
final class Price extends Model
{
    use OfFirm;

    protected $table = 'prices';

    protected $fillable = ['key', 'cents', 'per'];

    /** @var array<string, string> */
    protected $casts = ['per' => SoldBy::class];

    public function rate(): Rate
    {
        return new Rate($this->cents, $this->per);
    }
}
