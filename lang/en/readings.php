<?php

declare(strict_types=1);

// What was read of a table, row by row.
return [
    'floor' => 'Floor at :x: :level',
    'survey' => ':place: :value',
];
