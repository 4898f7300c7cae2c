<?php

declare(strict_types=1);

// Lo que se puede encontrar en la obra, lo que se pregunta, lo que significa y cómo se sale de ello.
return [
    'of' => ':Which: :what',
    'harm' => ['No se ve nada', 'Se ve herraje o un tapón', 'Se corta la puerta', 'Se abre la pared'],
    'rows' => [
        'line' => 'La línea del carril está desnivelada, combada, alta o baja',
        'hole-missed' => 'Un agujero no tiene montante detrás',
        'hazard' => 'Hay un cable o tubo donde va un tornillo',
        'wall-ends' => 'La pared acaba antes de tiempo',
        'rubs' => 'La puerta roza con algo que hay detrás',
        'off-guide' => 'La puerta se sale de la guía',
        'leaf-differs' => 'La puerta es más ancha o más gruesa que en el dibujo',
        'bounces' => 'La puerta salta o rebota',
        'kit-differs' => 'Una pieza del herraje no es como dice su ficha',
        'wrong-edge' => 'Se taladró desde la marca equivocada',
        'stud' => 'Hay un montante más',
        'solid' => 'Hay madera en la pared entre montantes',
        'obstacle' => 'Algo estorba en la pared',
        'floor' => 'El suelo está más alto o más bajo en algún sitio',
        'size' => 'Una medida no es como se tomó',
        'part' => 'Falta una pieza del herraje o no es la buena',
    ],
    'asks' => [
        'which-part' => 'Qué pieza',
        'how-many' => 'Cuántas',
        'how-so' => 'Qué le pasa',
        'kind' => 'Qué es',
        'from' => 'Desde, a lo largo de la pared',
        'to' => 'Hasta, a lo largo de la pared',
        'lowest-if-seen' => 'Punto más bajo desde el suelo, si se vio',
        'highest-if-seen' => 'Punto más alto desde el suelo, si se vio',
        'end' => 'Qué extremo',
        'ends-at' => 'Acaba en',
        'on-what' => 'Con qué',
        'stands-out' => 'Cuánto sobresale de la pared',
        'leaf-width' => 'Ancho de la puerta',
        'leaf-thick-lead' => 'Grueso en el colgador delantero',
        'leaf-thick-trail' => 'Grueso en el colgador trasero',
        'disc-gap' => 'Holgura entre disco y carril',
        'trial-gap' => 'Holgura superior de un colgador en un retal',
        'trial-hole' => 'Su agujero se hizo, bajando desde arriba, a',
        'hole-drilled-at' => 'El agujero :n se hizo en, a lo largo de la pared',
        'middle-at' => 'Su centro, a lo largo de la pared',
        'wide' => 'Su ancho',
        'bottom' => 'Su parte baja, desde el suelo',
        'top' => 'Su parte alta, desde el suelo',
        'where' => 'Dónde, a lo largo de la pared',
        'there' => 'El suelo allí está',
        'by' => 'Cuánto',
        'which-size' => 'Qué medida',
        'is' => 'Es',
        'stud' => 'Montante en :at: su centro verdadero',
        'line-at' => 'Centro del agujero en :at, subiendo desde el suelo de allí',
    ],
    'sizes' => [
        'survey.wall.ceiling' => 'techo sobre el suelo',
        'survey.opening.left' => 'jamba izquierda, a lo largo de la pared',
        'survey.opening.width' => 'ancho del hueco, lectura :n',
        'survey.opening.height' => 'alto del hueco, lectura :n',
    ],
    'means' => [
        'sheet-says' => 'La ficha dice :gap.',
        'true-studs' => 'Calculado con los montantes donde están de verdad.',
        'read-twice' => 'Léalo por lo menos en dos sitios.',
        'creeps' => 'La puerta corre sola: :creep, un tirón de :pull.',
        'stays' => 'La puerta se queda donde se deja: :creep como máximo.',
        'too-high' => 'La línea está nivelada y :by demasiado alta.',
        'too-low' => 'La línea está nivelada y :by demasiado baja.',
        'line-right' => 'La línea está donde debe, hasta donde un nivel puede decirlo.',
        'hazard-clear' => 'No hay nada previsto a menos de :zone. Corte la corriente o el agua antes de taladrar cerca.',
        'hazard-near' => 'A menos de :zone: :what. No taladre ahí.',
        'clear' => 'Quedan :clearance detrás de la puerta: basta.',
        'rubs' => 'Quedan :clearance detrás de la puerta, :short menos de lo que hace falta.',
        'guide-room' => 'La guía tiene sitio para todo su largo.',
        'guide-short' => 'A la guía le faltan :by_up de sitio.',
        'as-drawn' => 'Está como en el dibujo.',
        'kept' => 'Ya forma parte de la medición.',
        'nothing-new' => 'No hay nada nuevo mal por ello.',
    ],
    'near' => ['hole' => 'el agujero del carril en :at', 'stud' => 'el montante en :at'],
    'hangs' => [
        'plumb' => ':When: holgura :left a la izquierda, :right a la derecha, mínima :least; cuelga a plomo.',
        'left' => ':When: holgura :left a la izquierda, :right a la derecha, mínima :least; arriba se inclina :lean a la izquierda.',
        'right' => ':When: holgura :left a la izquierda, :right a la derecha, mínima :least; arriba se inclina :lean a la derecha.',
    ],
    'longer' => [
        'none' => 'No hay en catálogo un carril más largo que quepa en la pared.',
        'one' => 'Con :length solo sujeta un agujero.',
        'apart' => 'Con :length sujetan :hits agujeros, pero a :gap; el máximo es :most.',
        'ends' => 'Con :length sujetan :hits agujeros, pero demasiado lejos de un extremo.',
    ],
    'rebored' => [
        'up' => 'el agujero :n, :by más arriba',
        'down' => 'el agujero :n, :by más abajo',
        'up-plugged' => 'el agujero :n, :by más arriba (tapónelo y deje fraguar antes)',
        'down-plugged' => 'el agujero :n, :by más abajo (tapónelo y deje fraguar antes)',
    ],
    'guide-to' => 'Guía a :at.',
    'left-as-is' => 'Se deja como está',
    'do-over' => 'Por repetir: :what',
    'found' => 'Encontrado en la obra: :what',
    'taken' => 'En la obra, :found: :way',

    'hole-missed' => [
        'slide' => [
            'title' => 'Correr el carril a :to',
            'says' => [
                'bolted' => 'Lo atornillado retiene el carril: no le queda juego.',
                'holds' => 'Ahí sujetan :best_hits de :of agujeros.',
                'falls' => 'Ahí sujetan :best_hits de :of agujeros. Eso no lo aguanta.',
            ],
        ],
        'header' => [
            'title' => 'Un tablero de :board de ancho en todos los montantes',
            'says' => [
                'no-room' => 'No hay sitio para uno por encima del marco.',
                'fits' => 'Por encima del marco cabe :board_at_most como máximo. Todo sobresale :thickness más: quedan :clearance detrás de la puerta.',
            ],
        ],
        'longer-rail' => [
            'title' => ['none' => 'Un carril más largo', 'holds' => 'Un carril de :length'],
            'says' => ['none' => ':why', 'holds' => 'Sus agujeros dan en madera maciza.'],
        ],
        'new-holes' => [
            'title' => 'Agujeros nuevos en el carril, en los montantes',
            'says' => [
                'holds' => 'En :holes, cada uno con su perno, suplemento, arandela y casquillo.',
                'few' => 'Sujetarían menos de dos agujeros.',
                'apart' => 'Dos quedarían a :gap; el máximo es :most.',
                'left-end' => 'Del extremo izquierdo a la primera fijación buena hay más de :first_fixing_within.',
                'right-end' => 'Del extremo derecho a la primera fijación buena hay más de :first_fixing_within.',
            ],
        ],
        'blocking' => [
            'title' => 'Un taco detrás',
            'says' => 'Abra la pared, atornille un taco entre los montantes y remate la pared.',
        ],
        'toggle' => [
            'title' => 'Un taco basculante',
            'says' => 'Solo ayuda: no carga nada, y lo demás tiene que sostenerse por sí mismo.',
        ],
    ],
    'hazard' => [
        'shift' => [
            'title' => [
                'nowhere' => 'Correr el carril',
                'bored' => 'Correr el carril a :to',
                'left' => 'Correr el carril a :to',
                'right' => 'Correr el carril a :to',
            ],
            'says' => [
                'nowhere' => 'En ningún punto de su juego quedan todos los agujeros libres.',
                'bored' => 'Sus agujeros están hechos: al carril no le queda juego.',
                'left' => ':by a la izquierda: así todos los agujeros quedan libres.',
                'right' => ':by a la derecha: así todos los agujeros quedan libres.',
            ],
        ],
        'skip' => [
            'title' => 'Dejar vacío ese agujero',
            'says' => [
                'carries' => 'Los demás sostienen el carril, a :spacing donde falta; el máximo es :limit. Revise otra vez las cargas en Anclajes.',
                'falls' => 'Los demás no sostendrían el carril: están demasiado separados o demasiado lejos de un extremo.',
            ],
        ],
        'move-hazard' => [
            'title' => 'Mandar moverlo',
            'says' => [
                'cable' => 'Trabajo de electricista. Se abre la pared y se remata.',
                'pipe' => 'Trabajo de fontanero. Se abre la pared y se remata.',
            ],
        ],
    ],
    'wall-ends' => [
        'slide' => [
            'title' => 'Correr el carril a :rail_left',
            'says' => [
                'fits' => 'La puerta recorre :travel; queda un paso de :passage, :passage_lost menos.',
                'bolted' => 'El carril está puesto y atornillado.',
                'too-long' => 'El carril no cabe en esta pared como es.',
            ],
        ],
        'cut-rail' => [
            'title' => 'Cortar :cut_off por su extremo :side',
            'says' => [
                'cut' => 'Quite la rebaba y ponga un tapón en el corte.',
                'cut-and-drill' => 'Quite la rebaba y ponga un tapón en el corte. El último agujero que queda está a :last_hole_to_end del corte, más de :limit: haga uno en :new_hole_at.',
                'too-short' => 'El carril quedaría corto, o no se puede cortar.',
                'inside' => 'No pasa del final de la pared.',
            ],
        ],
        'buffer' => [
            'title' => 'Un tope de goma en la pared en vez del tope de abierta',
            'says' => [
                'gains' => 'La puerta recorre :gains más; queda un paso de :passage. El tope tiene que dar en pared maciza o en el marco.',
                'nothing' => 'Aquí no se ganaría nada.',
            ],
        ],
    ],
    'line' => [
        'true-in-play' => [
            'title' => 'Nivelarlo en el juego de sus agujeros',
            'says' => [
                'up-up' => 'Afloje; extremo izquierdo arriba, derecho arriba, cuanto dejen los agujeros. Apriete desde el centro.',
                'up-down' => 'Afloje; extremo izquierdo arriba, derecho abajo, cuanto dejen los agujeros. Apriete desde el centro.',
                'down-up' => 'Afloje; extremo izquierdo abajo, derecho arriba, cuanto dejen los agujeros. Apriete desde el centro.',
                'down-down' => 'Afloje; extremo izquierdo abajo, derecho abajo, cuanto dejen los agujeros. Apriete desde el centro.',
            ],
        ],
        'rebore' => [
            'title' => [
                'nothing' => 'Taladrar de nuevo',
                'holes' => 'Taladrar un agujero de nuevo|Taladrar :count agujeros de nuevo',
            ],
            'says' => [
                'nothing' => 'No hay nada que taladrar: se nivela en el juego de sus agujeros.',
                'holes' => 'Quite el carril. Taladre :each. La resistencia de un agujero junto a su tapón no se comprueba de nuevo.',
            ],
        ],
        'live-with-it' => [
            'title' => 'Dejar la línea como está',
            'says' => [
                'creeps' => 'La puerta correría sola: :creep es más de :most.',
                'stays' => 'La puerta se queda donde se deja. Ponga la guía donde menos sujeta: :least.',
                'loose' => 'La guía solo sujetaría :least.',
            ],
        ],
        'gap' => [
            'title' => 'Dejar la holgura al suelo en :gap',
            'says' => [
                'gap' => 'La puerta cuelga con la línea. La guía sujeta entonces :bite; hacen falta :bite_wanted.',
                'groove' => 'La puerta cuelga con la línea. La guía sujeta entonces :bite; hacen falta :bite_wanted. Haga la ranura de :groove_at_least_up.',
            ],
        ],
        'holes' => [
            'title' => [
                'plate' => 'Suplementar :by bajo cada placa',
                'holes' => 'Hacer los agujeros de los colgadores a :holes',
                'plugged' => 'Hacer los agujeros de los colgadores a :holes',
            ],
            'says' => [
                'plate' => 'La holgura al suelo no cambia; la superior pasa a :top_gap.',
                'holes' => 'La holgura al suelo no cambia; la superior pasa a :top_gap.',
                'plugged' => 'La holgura al suelo no cambia; la superior pasa a :top_gap. Tapone antes los agujeros viejos y deje fraguar.',
            ],
        ],
        'trim' => [
            'title' => 'Cortar :cut_off_foot por abajo de la puerta',
            'says' => [
                'no-help' => 'Cortar no ayudaría: la línea está alta.',
                'too-much' => 'Solo se pueden quitar :limit.',
                'not-told' => 'No está anotado cuánto se puede quitar.',
                'cut' => 'Selle el canto cortado.',
                'groove' => 'Selle el canto cortado. Haga la ranura :cut_off_foot más honda.',
            ],
        ],
        'board-moved' => [
            'title' => [
                'up' => 'Subir el tablero :by',
                'down' => 'Bajar el tablero :by',
                'up-plugged' => 'Subir el tablero :by',
                'down-plugged' => 'Bajar el tablero :by',
            ],
            'says' => [
                'up' => 'Quite el carril y el tablero y vuelva a ponerlos donde estaban previstos.',
                'down' => 'Quite el carril y el tablero y vuelva a ponerlos donde estaban previstos.',
                'up-plugged' => 'Quite el carril y el tablero y vuelva a ponerlos donde estaban previstos. Tapone antes los agujeros viejos.',
                'down-plugged' => 'Quite el carril y el tablero y vuelva a ponerlos donde estaban previstos. Tapone antes los agujeros viejos.',
            ],
        ],
    ],
    'rubs' => [
        'spacer' => [
            'title' => 'Un suplemento de :thickness detrás de cada separador',
            'says' => 'Quedan :clearance detrás de la puerta. Todo sobresale :thickness más: revise otra vez los pernos.',
        ],
        'thinner-board' => [
            'title' => 'Un tablero más delgado',
            'says' => [
                'thinner' => 'Uno de :thin. La puerta también se acerca a la pared: mire qué es lo siguiente que más sobresale.',
                'fixed' => 'El tablero está fijado.',
                'other' => 'Lo que más sobresale es :what: un tablero más delgado acerca la puerta a ello.',
            ],
        ],
        'ease' => [
            'title' => 'Rebajar :off la moldura',
            'says' => 'Cepíllela o líjela donde pasa la puerta y retóquela.',
        ],
    ],
    'off-guide' => [
        'park-less' => [
            'title' => [
                'no-room' => 'Aparcar :by más allá de la jamba',
                'no-room-short' => 'Aparcar :by antes de la jamba',
                'stands' => 'Aparcar :by más allá de la jamba',
                'stands-short' => 'Aparcar :by antes de la jamba',
            ],
            'says' => [
                'no-room' => 'El sitio para la guía no crece bastante: lo limita la jamba.',
                'no-room-short' => 'El sitio para la guía no crece bastante: lo limita la jamba.',
                'stands' => 'La guía va a :at. Queda un paso de :passage, :passage_lost menos.',
                'stands-short' => 'La guía va a :at. Queda un paso de :passage, :passage_lost menos.',
            ],
        ],
        'shut-later' => [
            'title' => 'Dejar que cierre :shift más allá',
            'says' => 'Entonces tapa :covers_left en la jamba delantera; la regla es :wanted.',
        ],
        'wider-leaf' => [
            'title' => 'Una puerta más ancha: :width',
            'says' => [
                'made' => ':least_width como mínimo. A medida; tarda en llegar.',
                'stock' => ':least_width como mínimo. Tarda en llegar.',
            ],
        ],
        'wall-roller' => [
            'title' => 'Un rodillo en la pared',
            'says' => [
                'stands' => 'Va en la pared, junto al marco.',
                'past-leaf' => 'El marco acaba donde ya no está la puerta.',
            ],
        ],
    ],
    'leaf-differs' => [
        'take-as-is' => [
            'title' => 'Usarla como está',
            'says' => [
                'rail' => 'El carril, como está, no llega más allá de sus topes.',
                'kit' => 'El herraje admite de :least a :greatest; quedarían :clearance detrás de la puerta.',
                'alike' => 'Topes a :stops. :guide Bajo las tuercas ciegas: :packs.',
                'washers' => 'Topes a :stops. :guide Bajo las tuercas ciegas: :packs. Ponga :washers de arandelas bajo el colgador del lado delgado.',
            ],
        ],
        'trim' => [
            'title' => 'Cortar :each_edge de cada canto',
            'says' => [
                'cut' => 'Selle los cantos cortados.',
                'not-told' => 'Selle los cantos cortados. No está anotado cuánto se puede quitar: pregunte a quien la hizo.',
                'too-much' => 'Solo se pueden quitar :limit por canto.',
                'not-wider' => 'No es más ancha que en el dibujo.',
            ],
        ],
    ],
    'bounces' => [
        'disc-gap' => [
            'title' => ['none' => 'Ajustar el disco', 'set' => 'Poner los discos a :to bajo el carril', 'loose' => 'Poner los discos a :to bajo el carril'],
            'says' => [
                'none' => 'Este herraje no tiene disco.',
                'set' => 'Están a :from; desde :lift_off_at la puerta se puede descolgar.',
                'loose' => 'Están a :from; desde :lift_off_at la puerta se puede descolgar. No mueva antes la puerta.',
            ],
        ],
        'catch' => [
            'title' => 'Un retenedor',
            'says' => [
                'none' => 'Este herraje no tiene.',
                'takes' => 'El cierre suave se lleva el final del recorrido.',
                'too-short' => 'La puerta o el recorrido son cortos para él.',
            ],
        ],
    ],
    'kit-differs' => [
        'bore-by-sheet' => [
            'title' => 'Taladrar según la ficha y mover la línea',
            'says' => 'La línea va a :yoke_line, la holgura superior es :top_gap. Solo mientras la línea no esté taladrada; si no, la holgura bajo la puerta pasa a :gap.',
        ],
        'plan-again' => [
            'title' => 'Planear otra vez con la elevación verdadera',
            'says' => 'La elevación es :rise: la línea va a :yoke_line, o cambia la puerta.',
        ],
        'bore-by-true' => [
            'title' => 'Hacer los agujeros de los colgadores a :holes',
            'says' => [
                'as-planned' => 'La holgura al suelo, la línea y la holgura superior quedan como estaban.',
                'bored' => 'La puerta ya está taladrada.',
                'too-high' => 'El agujero quedaría demasiado cerca del borde superior de la puerta.',
            ],
        ],
    ],
    'wrong-edge' => [
        'slide-rail' => [
            'title' => 'Correr el carril a :rail_left',
            'says' => [
                'unlike' => 'No están todos desviados lo mismo.',
                'more' => 'El carril va donde están sus agujeros. Cada tope marca :by más en el carril.',
                'less' => 'El carril va donde están sus agujeros. Cada tope marca :by menos en el carril.',
                'no-slack' => 'Su extremo izquierdo puede estar de :low a :high.',
            ],
        ],
        'bore-anew' => [
            'title' => 'Taladrar de nuevo donde van',
            'says' => [
                'near' => ':apart es menos que :least_apart: tapone antes los viejos y deje fraguar. El herraje los tapa.',
                'near-shows' => ':apart es menos que :least_apart: tapone antes los viejos y deje fraguar. Uno se ve: tiña su tapón.',
                'far' => 'Tapone los viejos. El herraje los tapa.',
                'far-shows' => 'Tapone los viejos. Uno se ve: tiña su tapón.',
            ],
        ],
    ],
];
