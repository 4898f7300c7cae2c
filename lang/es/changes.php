<?php

declare(strict_types=1);

// Qué se cambió en un documento.
return [
    'set' => ':what: :to',
    'taken-out' => ':what, quitado',
    'nothing' => 'nada',
    'something' => 'otra cosa',
    'many' => ':count entradas',
    'yes' => 'sí',
    'no' => 'no',
];
