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
    'several' => ':all',
    'value' => ':value',
    'undid' => 'deshecho: :what',
    'redid' => 'rehecho: :what',
    'typed' => ':what',
    'imported-file' => 'importado de un archivo',
    'imported-readings' => 'lecturas importadas de una tabla',
    'swept' => 'montantes y zonas con corriente de un rastreo',
    'back-to' => 'vuelta al cambio :n',
    'copied' => 'copiado de :name',
    'named' => 'llamado :name',
    'begun' => 'empezado',
    'demo' => 'medido y planeado',
    'chose' => 'opción elegida: :what',
    'rule' => 'regla de la casa: :what',
];
