<?php

declare(strict_types=1);

// Backups, bringing them back, and what is wrong with a machine.
return [
    'backed-up' => 'Copia de seguridad en :path',
    'restored' => 'La copia está de vuelta.',
    'aside' => 'Lo que había antes queda en :path. Bórrelo cuando ya no lo necesite.',
    'well' => 'bien',
    'not-restored' => [
        'not-whole' => 'Este archivo no se abre como copia de seguridad, o no está entero. No se cambió nada.',
        'no-backup' => 'Esto es un ZIP, pero no una copia de Yoke Line. No se cambió nada.',
        'newer' => 'Esta copia es de una versión más nueva de Yoke Line. Actualice primero esta. No se cambió nada.',
        'damaged' => ':file falta o está dañado en esta copia. No se cambió nada; pruebe con una más antigua.',
    ],
    'looked-at' => [
        'php' => 'PHP',
        'folder' => 'Permisos',
        'disk' => 'Disco',
        'database' => 'Base de datos',
        'version' => 'Versión',
        'photos' => 'Fotografías',
        'backup' => 'Copia de seguridad',
        'clock' => 'Reloj',
        'certificate' => 'Certificado',
    ],
    'doctor' => [
        'broken' => 'No se pudo mirar: :why',
        'php-lacks' => 'A PHP le falta :names. ./yoke up instala lo que falta.',
        'not-writable' => 'No se puede escribir en :path. Déselo al usuario con el que corre Yoke Line.',
        'disk-full' => 'Solo quedan :mb MB libres en :path. Haga sitio: con el disco lleno no se acepta nada.',
        'no-database' => 'No hay base de datos en :path. Recupere una copia con ./yoke restore, o empiece de nuevo con ./yoke up.',
        'damaged' => 'La base de datos está dañada (:why). Pare Yoke Line y recupere la última copia con ./yoke restore.',
        'newer' => 'La base de datos es de una versión más nueva de Yoke Line. Use esa versión.',
        'half-updated' => 'La base de datos no está al día. Arranque ./yoke up o ./yoke serve: primero hace una copia.',
        'photos-missing' => 'En el registro y no en el disco: :count. Recupérelas de una copia.',
        'no-backup' => 'Todavía no hay copia. Haga una con ./yoke backup; ./yoke serve hace una cada noche.',
        'backup-old' => 'La última copia es del :on. Haga una con ./yoke backup.',
        'clock-back' => 'El reloj se atrasó: el último cambio se guardó a las :last y ahora son las :now. Póngalo en hora.',
        'certificate-ends' => 'El certificado acaba el :on. Arranque ./yoke serve de nuevo: hace otro.',
    ],
    'page' => [
        'backups' => 'Copias de seguridad',
        'last' => 'La última copia buena es del :on.',
        'none' => 'Todavía no hay ninguna.',
        'old' => 'No hay copia de los últimos tres días. Haga una con <code>./yoke backup</code> y mire con <code>./yoke doctor</code> por qué no se hizo de noche.',
        'where' => 'Están en :path: la última de 7 días, 4 semanas y 12 meses. Guarde una en otra máquina.',
    ],
];
