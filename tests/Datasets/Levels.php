<?php

declare(strict_types=1);

use YokeLine\Practice\Level;

// Every level of practice that is made up.
dataset('levels', fn () => array_combine(
    array_map(fn (Level $level) => $level->value, Level::graded()),
    array_map(fn (Level $level) => [$level], Level::graded()),
));
