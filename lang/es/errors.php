<?php

declare(strict_types=1);

// Páginas que dicen qué ha fallado: qué pasó, qué se ha perdido, adónde ir.
return [
    'back' => 'Volver',
    '403' => [
        'title' => 'Esto no está abierto para usted',
        'says' => 'Quien lleva Yoke Line aquí no le ha abierto esta página.',
        'kept' => 'No se ha cambiado nada.',
    ],
    '404' => [
        'title' => 'Aquí no hay nada',
        'says' => 'La dirección no lleva a ninguna página. Puede que se haya archivado un trabajo o un hueco, o que la dirección se copiara incompleta.',
        'kept' => 'No se ha cambiado nada. Los trabajos archivados están en Trabajos, Archivo.',
    ],
    '405' => [
        'title' => 'Esta dirección no se abre',
        'says' => 'Recibe lo que envía una página y no muestra nada por sí misma.',
        'kept' => 'No se ha cambiado nada.',
    ],
    '413' => [
        'title' => 'Ese archivo es demasiado grande',
        'says' => 'Se ha enviado más de lo que cabe en una petición. La página de la que viene dice cuánto puede ocupar un archivo.',
        'kept' => 'No se ha cambiado nada. Vuelva: lo que escribió sigue en sus campos.',
    ],
    '419' => [
        'title' => 'Esta página lleva abierta demasiado tiempo',
        'says' => 'Lo que envió no se ha recibido, porque la página de la que viene es más antigua que su sesión.',
        'kept' => 'No se ha cambiado nada. Vuelva: lo que escribió sigue en sus campos. Cargue la página de nuevo en otra pestaña antes de enviarlo otra vez.',
    ],
    '421' => [
        'title' => 'No es la dirección de este sitio',
        'says' => 'Yoke Line responde solo en su propia dirección.',
        'kept' => 'No se ha cambiado nada.',
    ],
    '429' => [
        'title' => 'Demasiadas veces',
        'says' => 'Han llegado tantas peticiones que se retienen durante un minuto.',
        'kept' => 'No se ha cambiado nada. Espere un minuto y pruebe otra vez.',
    ],
    '500' => [
        'title' => 'Algo ha fallado aquí',
        'says' => 'Es un fallo de Yoke Line y no de lo que usted escribió. Queda anotado para que se pueda arreglar.',
        'kept' => 'Lo guardado antes está como estaba. Vuelva: lo que escribió sigue en sus campos.',
    ],
    '503' => [
        'title' => 'Enseguida volvemos',
        'says' => 'Yoke Line se está poniendo al día.',
        'kept' => 'Lo guardado está como estaba. Pruebe dentro de un minuto.',
    ],
    'disk-full' => [
        'title' => 'El disco está lleno',
        'says' => 'En la máquina en la que corre Yoke Line ya no cabe nada. Quien la lleva hace sitio; ./yoke doctor dice cuánto queda libre.',
        'kept' => 'Lo guardado antes está como estaba. Vuelva: lo que escribió sigue en sus campos y después se puede enviar de nuevo.',
    ],
    'read-only' => [
        'title' => 'No se puede escribir nada',
        'says' => 'La máquina en la que corre Yoke Line no deja escribir donde están sus datos. Quien la lleva mira por qué con ./yoke doctor.',
        'kept' => 'Lo guardado antes está como estaba. Vuelva: lo que escribió sigue en sus campos.',
    ],
    'missing' => [
        'title' => 'Los datos no están',
        'says' => 'La base de datos no está en su sitio o no contesta. Quien lleva Yoke Line la recupera con ./yoke restore, o arranca lo que la sirve.',
        'kept' => 'No se escribió nada en su lugar. Vuelva: lo que escribió sigue en sus campos.',
    ],
    'damaged' => [
        'title' => 'Los datos están dañados',
        'says' => 'La base de datos no se puede leer entera. Quien lleva Yoke Line lo para y recupera la última copia con ./yoke restore.',
        'kept' => 'Hasta entonces no se acepta nada más. Vuelva: lo que escribió sigue en sus campos.',
    ],
    'half-updated' => [
        'title' => 'La actualización no ha terminado',
        'says' => 'La base de datos es de otra versión que Yoke Line. Quien lo lleva lo arranca de nuevo: hace una copia y la pone al día.',
        'kept' => 'Lo guardado antes está como estaba. Vuelva: lo que escribió sigue en sus campos.',
    ],
];
