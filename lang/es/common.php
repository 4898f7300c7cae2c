<?php

declare(strict_types=1);

// Lo que dicen muchas páginas.
return [
    'page' => [
        'drawing' => 'Dibujo',
        'what-it-means' => 'Qué significa',
        'what' => 'Qué',
        'no-answer-from-yoke-line' => 'Yoke Line no responde: el último cambio',
        'not-kept' => 'no se guardó',
        'it-still-stands-in-its' => '. Sigue en su campo. Cámbielo otra vez cuando vuelva la conexión.',
        'no' => 'N.º',
        'section-at-the-jamb' => 'Corte en la jamba',
        'passage' => 'paso',
        'all-jobs' => 'Todos los trabajos',
        'save' => 'Guardar',
        'units' => 'Unidades',
        'on-paper' => 'En papel:',
        'pdf' => ':name (PDF)',
        'show-only' => 'Ver solo',
        'snags' => 'Pendientes',
        'open-again' => 'Abrir de nuevo',
        'print' => 'Imprimir',
        'back-to-the-jobs' => 'Volver a los trabajos',
        'doorway' => 'Puerta',
        'materials' => 'Materiales',
        'people' => 'Personas',
        'leave-it' => 'Dejarlo',
    ],
];
