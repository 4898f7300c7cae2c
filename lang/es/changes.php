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
    'patterned' => 'empezado como :name',
    'copied' => 'copiado de :name',
    'named' => 'llamado :name',
    'begun' => 'empezado',
    'demo' => 'medido y planeado',
    'chose' => 'opción elegida: :what',
    'rule' => 'regla de la casa: :what_within',
    // Lo que otros hicieron mientras tanto.
    'over-yours-at' => ':who puso :what_within de :name en :is; usted tenía :was.',
    'password-changed' => 'La contraseña de su cuenta se cambió el :on. Si no fue usted, dígaselo al propietario.',
    'over-yours' => ':who puso :what_within en :is; usted tenía :was.',
    'had-set' => ':who había puesto :what_within en :was mientras tanto; vale lo suyo, :is.',
    'yours-stands' => ':who puso :what_within en :is mientras tanto; vale lo suyo.',
    'changed' => ':who cambió :what_within mientras tanto: :was → :is.',
    'removed' => ':who quitó mientras tanto: :What. Lo que escribió no se guardó en otro sitio; añádalo otra vez si sigue ahí.',
    'set-since' => ':What se cambió después; queda en :is.',
    'someone' => 'alguien',
];
