<?php

declare(strict_types=1);

use Tests\Pages;

dataset('pages', Pages::ALL);
