<?php

declare(strict_types=1);

// Cómo cuelgan las puertas.
return [
    'choice' => [
        'single' => ['left' => 'Una puerta que abre a la izquierda', 'right' => 'Una puerta que abre a la derecha'],
        'biparting' => 'Dos puertas que se juntan',
        'bypass' => 'Dos puertas que se cruzan',
    ],
    'cover' => [
        'opening' => 'más que las jambas',
        'casing' => 'sobre el tapajuntas',
        'just-enough' => 'cubriendo lo justo',
    ],
    'on-header' => 'sobre un tablero de soporte',
    'on-wall' => 'en la pared',
    'opens' => [
        'single' => ['left' => 'hacia la izquierda', 'right' => 'hacia la derecha'],
        'biparting' => 'en dos puertas que se juntan',
        'bypass' => 'en dos puertas que se cruzan',
    ],
    'short' => [
        'single' => 'una puerta',
        'biparting' => 'dos que se encuentran',
        'bypass' => 'dos que se cruzan',
    ],
    'chosen' => ':hangs, :covers, :kit_within, :on',
];
