<?php

declare(strict_types=1);

// Lo leído de una tabla, fila por fila.
return [
    'floor' => 'Suelo en :x: :level',
    'survey' => ':place: :value',
];
