<?php

declare(strict_types=1);

/** The folder of all that is entered: never in the checkout, which is replaced by the next version. */
return rtrim((string) (env('YOKE_DATA') ?: (getenv('HOME') ?: '/var/lib').'/.local/share/yoke-line'), '/');
