<?php

declare(strict_types=1);

// Las fijaciones que hay que tener a mano y qué más podría sostener un carril.
return [
    'what' => [
        'lag-bolt' => 'tirafondo',
        'bracket-bolt' => 'tirafondo del soporte',
        'wood-screw' => 'tornillo para madera',
        'anchor' => 'anclaje para mampostería',
        'added-hole' => 'agujero nuevo con su suplemento cortado al separador, arandela y casquillo',
    ],
    'into' => [
        'studs' => 'montantes',
        'studs-through-board' => 'montantes, a través del tablero',
        'board' => 'el tablero',
        'solid' => 'dintel o taco',
        'plank' => 'entablado',
        'masonry' => 'mampostería',
        'rail' => 'el carril',
    ],
    'driver' => [
        'ratchet' => 'carraca, a mano',
        'driver' => 'atornillador, embrague bajo',
        'sheet' => 'como diga la ficha del anclaje',
        'press' => 'taladro de columna o lento, con aceite',
    ],
    'tight' => [
        'ratchet' => 'justo y un cuarto de vuelta; el que gira no agarra: pare y vuelva a planear ese agujero',
        'driver' => 'hasta que el tablero quede pegado; el tablero se aplasta antes de que se pase el tornillo',
        'sheet' => 'al par que diga su ficha',
        'press' => 'quite la rebaba por las dos caras',
    ],
    'alternatives' => [
        'direct' => 'Directo a los montantes: sujetan :hits de :of agujeros en :at',
        'direct.next' => 'Directo a los montantes: sujetan :hits de :of agujeros en :at; lo siguiente, :next en :next_at',
        'header' => 'Un tablero en todos los montantes',
        'longer' => 'Un carril de :long: sujetan :hits de :of agujeros',
        'new-holes' => 'Un agujero nuevo en el carril, en los montantes|:count agujeros nuevos en el carril, en los montantes',
        'new-holes.none' => 'Agujeros nuevos en el carril: ningún montante admite uno',
        'masonry' => 'Anclajes en la mampostería',
        'blocking' => 'Tacos entre los montantes',
        'toggle' => 'Tacos basculantes donde no hay macizo',
    ],
    'costs' => [
        'direct' => 'sin tablero, no se ve nada',
        'header' => 'un tablero que cortar, pintar y subir: unas dos horas con ayudante; se ven las cabezas de los tornillos',
        'longer' => 'otro carril que comprar',
        'new-holes' => 'taladrados y sin rebaba en obra, cada uno con perno, suplemento, arandela y casquillo',
        'masonry' => 'polvo; lejos de los bordes',
        'blocking' => 'se abre la pared, se rellena y se pinta',
        'toggle' => 'ayudan y no cargan nada',
    ],
];
