<?php

declare(strict_types=1);

// Las palabras del oficio: cómo se llama cada cosa, qué palabras la nombran en las frases y qué es.
return [
    'page' => [
        'title' => 'Palabras del oficio',
        'close' => 'Cerrar',
        'all' => 'Todas las palabras',
    ],
    'words' => [
        'opening' => [
            'is' => 'Hueco',
            'named' => 'hueco|huecos',
            'says' => 'El vano de la pared que la puerta cubre.',
        ],
        'jamb' => [
            'is' => 'Jamba',
            'named' => 'jamba|jambas',
            'says' => 'El lado del hueco, izquierdo o derecho.',
        ],
        'head' => [
            'is' => 'Dintel',
            'named' => 'dintel',
            'says' => 'El borde superior del hueco.',
        ],
        'casing' => [
            'is' => 'Tapajuntas',
            'named' => 'tapajuntas',
            'says' => 'La moldura plana alrededor del hueco. Sobresale de la pared y la puerta debe librarla.',
        ],
        'baseboard' => [
            'is' => 'Rodapié',
            'named' => 'rodapié|rodapiés',
            'says' => 'La tabla al pie de la pared. La puerta también debe librarla.',
        ],
        'crown' => [
            'is' => 'Moldura del techo',
            'named' => 'moldura del techo',
            'says' => 'La moldura donde se juntan pared y techo. Quita altura para el riel.',
        ],
        'stud' => [
            'is' => 'Montante',
            'named' => 'montante|montantes',
            'says' => 'Una madera vertical dentro de la pared. Lo que sostiene la puerta se atornilla en ellas.',
        ],
        'lining' => [
            'is' => 'Revestimiento',
            'named' => 'revestimiento',
            'says' => 'Lo que cubre la pared: yeso, tablas. Por sí solo aguanta poco.',
        ],
        'door' => [
            'is' => 'Puerta',
            'named' => 'hoja',
            'says' => 'Lo que se desliza: el panel que cubre el hueco.',
        ],
        'stile' => [
            'is' => 'Larguero',
            'named' => 'larguero|largueros',
            'says' => 'La pieza vertical a cada lado de la puerta. Los colgadores se atornillan en ella.',
        ],
        'pull' => [
            'is' => 'Tirador',
            'named' => 'tirador|tiradores',
            'says' => 'Con lo que se mueve la puerta. Del lado de la pared debe quedar a ras.',
        ],
        'rail' => [
            'is' => 'Riel',
            'named' => 'riel|rieles',
            'says' => 'La barra sobre la que corren las ruedas de la puerta.',
        ],
        'rail-line' => [
            'is' => 'Línea del riel',
            'named' => 'línea del riel',
            'says' => 'La línea a nivel por los agujeros del riel. Todo se mide hasta ella.',
        ],
        'header-board' => [
            'is' => 'Tabla cabezal',
            'named' => 'tabla cabezal|tablas cabezales',
            'says' => 'Una tabla fijada a los montantes, a la que se atornilla el riel donde sus agujeros no dan en ellos.',
        ],
        'standoff' => [
            'is' => 'Separador',
            'named' => 'separador|separadores',
            'says' => 'La pieza entre la pared y el riel. Da espacio a la puerta para pasar el tapajuntas.',
        ],
        'hanger' => [
            'is' => 'Colgador',
            'named' => 'colgador|colgadores',
            'says' => 'La pletina con su rueda de la que cuelga la puerta. Una puerta tiene dos o más.',
        ],
        'stop' => [
            'is' => 'Tope',
            'named' => 'tope|topes',
            'says' => 'Un bloque en el riel que termina el recorrido de la puerta.',
        ],
        'guide' => [
            'is' => 'Guía de suelo',
            'named' => 'guía de suelo|guía',
            'says' => 'Una aleta en el suelo que impide que el pie de la puerta se balancee.',
        ],
        'groove' => [
            'is' => 'Ranura',
            'named' => 'ranura|ranuras',
            'says' => 'El canal en el borde inferior de la puerta por el que corre la guía.',
        ],
        'soft-close' => [
            'is' => 'Cierre suave',
            'named' => 'cierre suave',
            'says' => 'Un retén que toma la puerta antes de su final y la lleva con suavidad.',
        ],
        'trigger' => [
            'is' => 'Disparador',
            'named' => 'disparador|disparadores',
            'says' => 'El perno de la puerta que toma el cierre suave.',
        ],
        'jump-disc' => [
            'is' => 'Disco antisalto',
            'named' => 'disco antisalto|discos antisalto',
            'says' => 'Un disco en la puerta justo bajo el riel, que impide que se levante.',
        ],
        'overlap' => [
            'is' => 'Solape',
            'named' => 'solape|solapes',
            'says' => 'Cuánto sobrepasa la puerta cerrada el hueco a cada lado.',
        ],
        'head-overlap' => [
            'is' => 'Solape sobre el dintel',
            'named' => 'sobre el dintel',
            'says' => 'Cuánto sobrepasa la puerta el borde superior del hueco.',
        ],
        'floor-gap' => [
            'is' => 'Holgura con el suelo',
            'named' => 'holgura con el suelo',
            'says' => 'El aire entre puerta y suelo, en el punto más alto del suelo.',
        ],
        'travel' => [
            'is' => 'Recorrido',
            'named' => 'recorrido|recorridos',
            'says' => 'Cuánto se desliza la puerta de cerrada a abierta.',
        ],
        'passage' => [
            'is' => 'Paso',
            'named' => 'paso libre',
            'says' => 'El ancho por el que se pasa con la puerta abierta.',
        ],
        'headroom' => [
            'is' => 'Altura libre',
            'named' => 'altura libre',
            'says' => 'La altura entre la puerta y el techo, o la moldura bajo él.',
        ],
        'parked' => [
            'is' => 'Aparcada',
            'named' => 'aparca|aparcada',
            'says' => 'Donde queda la puerta cuando está abierta.',
        ],
    ],
];
