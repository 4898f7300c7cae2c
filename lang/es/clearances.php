<?php

declare(strict_types=1);

// Holguras, y de qué dependen.
return [
    'rows' => [
        'floor-gap' => 'holgura bajo la puerta',
        'head-cover' => 'solape en el dintel',
        'header-casing' => 'tablero sobre el tapajuntas',
        'top-gap-least' => 'holgura superior sobre su mínimo',
        'top-gap-most' => 'holgura superior bajo su máximo',
        'headroom' => 'sitio para alzar la puerta',
        'header-ceiling' => 'tablero bajo el techo',
        'cover-left' => 'solape en la jamba izquierda',
        'cover-right' => 'solape en la jamba derecha',
        'guide-lead' => 'guía dentro de la puerta, abierta',
        'guide-jamb' => 'guía fuera del paso',
        'guide-trail' => 'guía dentro de la puerta, cerrada',
        'guide-bite' => 'agarre de la guía',
        'wall-end' => 'de la puerta al final de la pared',
        'rail-end-shut' => 'del tope al final del carril, cerrada',
        'rail-end-open' => 'del tope al final del carril, abierta',
        'meeting-gap' => 'holgura donde se juntan las puertas',
        'middle-stops' => 'sitio para los topes del medio',
        'between-leaves' => 'entre las puertas',
        'mid-overlap' => 'solape de las puertas',
        'bracket-edge' => 'del soporte al canto del tablero',
        'passage' => 'paso',
        'passage-leaf' => 'paso, hasta la puerta',
    ],
    'leaf' => ['left' => 'puerta izquierda', 'right' => 'puerta derecha'],
    'of' => ':leaf, :what',
    'back' => 'la puerta libra: :what',
    'things' => ['casing' => 'tapajuntas', 'baseboard' => 'rodapié', 'header' => 'tablero de soporte'],
    'bolt' => 'tornillo en su montante, :which',
    'at' => ':what en :at',
    'measured' => ':what (:n)',
    'measure-again' => 'Mídalo otra vez: :what. Es lo que más importa.',
    'matters-most' => 'Lo que más importa: :what.',
];
