<?php

declare(strict_types=1);

// Los herrajes.
return [
    'page' => [
        'shelf' => 'Herrajes',
        'kits-as-the-company-keeps' => 'Los herrajes de la empresa',
        'name-of-the-kit' => 'Nombre del herraje',
        'name-of-the-new-kit' => 'Nombre del herraje nuevo',
        'new-kit' => 'Herraje nuevo',
        'bring-in-kits' => 'Importar herrajes',
        'give-them-out' => 'Exportar herrajes',
        'that-file-could-not-be' => 'Ese archivo no se pudo leer. No ha cambiado nada.',
        'carries-leaf-to-thick' => ':hangs; aguanta :mass; puerta de :low a :high de grueso',
        'numbers-of-its-sheet-are' => 'Faltan por anotar :count números de su ficha.',
        'copy' => 'Copiar',
        'kit' => 'Herraje',
        'the-kits-sheet' => 'La ficha del herraje',
        'the-same-height-three-ways' => 'La misma altura de tres maneras: subiendo desde el canto superior de la puerta',
        'to-the-hole-centre-the' => 'al centro del agujero: la elevación y la línea del carril',
        'to-the-rails-top-where' => 'a lo alto del carril, donde apoya la rueda',
        'to-the-rails-foot-the' => 'a lo bajo del carril: la holgura superior',
        'the-drawing-comes-once-the' => 'El dibujo sale cuando la ficha esté anotada; faltan :count números.',
        'doorways-keep-the-kit-as' => 'Las puertas guardan el herraje como era al planearlas; a las que usan este se les avisa cuando cambia.',
        'agrees' => 'Sus números concuerdan.',
        'not-all-entered' => 'Aún faltan números.',
        'look-again' => 'Compruebe estos números.',
    ],
    'number-of' => ':what_within de :name',
    'parts' => [
        'title' => 'Piezas sin herraje',
        'why' => 'Guías, tiradores, anclajes y tableros que se guardan sueltos. Cada uno está a un toque donde una puerta lo lleva.',
        'kind' => 'Tipo',
        'name' => 'Nombre de la pieza',
        'new' => 'Pieza nueva',
        'part' => 'Pieza',
        'remove' => 'Quitar',
        'used' => [
            'guide' => 'Se toma donde las reglas de una puerta piden una guía de su tipo que el herraje no trae.',
            'handle' => 'Se ofrece en Puerta, para cualquier lado.',
            'anchor' => 'Se ofrece en Anclajes, sobre obra.',
            'board' => 'Se ofrece en Carril, donde lo lleva un tablero.',
        ],
    ],
    'kinds' => ['guide' => 'Guía de suelo', 'handle' => 'Tirador', 'anchor' => 'Anclaje para obra', 'board' => 'Tablero'],
];
