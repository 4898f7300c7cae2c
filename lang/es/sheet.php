<?php

declare(strict_types=1);

// La hoja de replanteo.
return [
    'of-leaf' => ':what, :leaf',
    'hooked-right' => ':tape: enganche en :hook, hacia la derecha',
    'hooked-left' => ':tape: enganche en :hook, hacia la izquierda',
    'on-door' => 'En la puerta, desde su canto delantero',
    'on-door-up-down' => 'En la puerta, arriba y abajo',
    'down' => ':mark, abajo',
    'up' => ':mark, arriba',
    'door' => 'Puerta',
    'opens' => 'Abre',
    'opens-right' => 'a la derecha, recorrido :travel',
    'opens-left' => 'a la izquierda, recorrido :travel',
    'passage' => 'Paso',
    'rail' => 'Carril',
    'in-pieces' => ':long en :pieces',
    'header' => 'Tablero',
    'kit' => 'Herraje',
    'behind' => 'Detrás de la puerta',
    'is-clear' => ':by libres',
    'groove' => 'Ranura',
    'is-deep' => ':deep_up de hondo',
    'fixing' => ':n × :what :diameter × :length en :into, brocas :bits.',
    'fixing-deep' => ':n × :what :diameter × :length en :into, brocas :bits, :depth de hondo.',
    'drilled-from' => ': :from.',
    'drilled-with' => ', brocas :bits: :from.',
    'drilled-deep' => ':what, :deep_up de hondo',
    'tapes' => [
        'wall' => 'A lo largo de la pared',
        'board' => 'En el tablero',
        'rail' => 'En el carril',
        'floor' => 'En el suelo',
    ],
];
