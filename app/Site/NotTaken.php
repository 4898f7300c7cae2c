<?php

declare(strict_types=1);

namespace App\Site;

use RuntimeException;

/** An entry from the site that cannot be kept, in a sentence. */
final class NotTaken extends RuntimeException {}
