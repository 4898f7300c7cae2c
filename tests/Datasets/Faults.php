<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;

/** A doorway that shows each finding: its code, the changes that bring it, and kits changed for it. */
dataset('faults', Doorways::faults(...));
