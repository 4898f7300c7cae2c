<?php

namespace App\Supply;

use RuntimeException;

/** No answer in time, or one that says nothing. */
final class SupplierSilent extends RuntimeException {}
