<?php

declare(strict_types=1);

namespace App\Editing;

use App\Words\StoredMessage;

/** Something that happened meanwhile, said beside what one works on. */
final readonly class Notice
{
    /**
     * @param  array<string, mixed>  $putBack changes that put the other's values back; [] where there is nothing to put
     * back
     */
    public function __construct(public StoredMessage $says, public array $putBack = []) {}
}
