<?php

declare(strict_types=1);

// Las opciones.
return [
    'page' => [
        'use' => 'Usar esta opción',
        'what-matters' => 'Qué importa',
        'build-it' => 'El taller también puede hacer esta puerta, de tablas, con marco, con vidrio o de puertas viejas:',
        'what-matters-here' => 'Qué importa aquí',
        'they-start-from-the-purpose' => 'Parten del uso que se fija en Puerta.',
        'working' => 'Calculando …',
        'in-sizes-and-parkings-of' => ', en :working medidas y aparcados. De :total combinaciones se calcularon :which; :ranking son distintas. Un mejor equilibrio es el que ningún otro gana a la vez en paso, precio y puntos.',
        'so-far-worked-of' => 'hasta ahora: :ranking calculadas de :asked …',
        'stock-left-out-too-small' => 'Se descartó una medida: demasiado pequeña para este hueco se cuelgue como se cuelgue.|Se descartaron :count medidas: demasiado pequeñas para este hueco se cuelguen como se cuelguen.',
        'work-more-with-larger-sizes' => 'Calcular :asked más, con medidas mayores',
        'best-trade-off' => 'mejor equilibrio',
        'rail' => 'carril',
        'a-leaf' => 'por puerta',
        'held-by' => 'sujeto por',
        'materials' => 'materiales',
        'nothing-to-settle' => 'Sin puntos pendientes',
        'more-of-it' => 'una medida o aparcado más|:count medidas y aparcados más',
        'arrangements-more-further-from-what' => ':count disposiciones más, más lejos de lo que importa: :name.',
        'what-does-not-work-here' => 'Qué no funciona aquí y por qué',
        'reason' => 'Motivo',
        'hang' => 'Cuelgue',
        'ways' => 'Opciones',
        'work' => 'Una disposición funciona|:count disposiciones funcionan',
        'nearest' => 'las :asked de medidas más próximas',
        'all' => 'todas',
        'doors' => 'puerta|puertas',
        'and-more' => '; :count más',
    ],
    'purposes' => [
        'sight' => 'Que no se vea',
        'sound' => 'Que no se oiga',
        'light' => 'Luz al abrir',
        'space' => 'Paso ancho',
        'looks' => 'Aspecto sobrio',
        'ease' => 'Fácil de colgar',
        'cost' => 'Precio bajo',
    ],
    'unpriced' => ' y uno sin precio| y :count sin precio',
    'studs' => 'un montante|:count montantes',
    'holes' => ':held de :all taladros',
];
