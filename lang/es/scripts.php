<?php

declare(strict_types=1);

// Lo que dicen los programas de la página.
return [
    'no-reading' => 'No llegó ninguna lectura.',
    'seen' => 'Entendido',
    'waiting' => ':count por enviar',
    'no-connection' => 'sin conexión',
    'may-not' => 'Su función no cambia esto; queda como estaba. Puede hacerlo quien planifica la obra.',
    'sign-in-again' => 'Entre de nuevo',
    'done-waiting' => 'Hecho, por enviar.',
    'skipped-waiting' => 'Omitido: :why. Por enviar.',
    'refused-with' => 'El servidor no lo admite (:status).',
    'refused' => 'El servidor no lo admitió.',
    'a-photograph' => 'Una fotografía',
    'not-saved' => ':what de las :at no se guardó: :why',
    'try-again' => 'Probar otra vez',
    'discard' => 'Descartar',
    'photo-unreadable' => 'Esta fotografía no se puede leer aquí. Use un JPEG, un PNG o un WebP.',
    'photo-saved' => 'La fotografía está guardada.',
    'say-why' => 'Escriba por qué se omite.',
    'note-saved' => 'La nota está guardada.',
    'no-scanner' => 'El escáner no responde. Pruebe otra vez.',
    'no-ways' => 'Las opciones no llegaron. Vuelva a cargar la página.',
    'sweeping' => 'a :height de altura',
    'passage' => ':passage de paso',
    'catch-none' => 'sin cierre',
    'catch-shut' => 'actúa, cerrada',
    'catch-open' => 'actúa, abierta',
    'catch-free' => 'libre',
];
