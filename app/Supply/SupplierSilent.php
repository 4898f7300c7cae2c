<?php

declare(strict_types=1);

namespace App\Supply;

use RuntimeException;

/** No answer in time, or one that says nothing. */
final class SupplierSilent extends RuntimeException {}
