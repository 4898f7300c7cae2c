<?php

declare(strict_types=1);

// Lo que encuentra la revisión: un titular sin punto final y, después, lo que se sigue de ello o lo que hay que hacer.
return [
    'of-leaf' => ':Leaf: :what',
    'mark-at' => ':mark a :at',
    'summary' => 'Puerta de :width × :height, línea del carril :line_unit',

    'aisle' => [
        'says' => 'Quedan :free para pasar entre la puerta abierta y :what',
        'more' => 'Hacen falta :wanted. La puerta con su tirador sobresale :front de la pared.',
    ],
    'between-leaves' => [
        'says' => 'Solo hay :between entre las dos puertas',
        'more' => 'Por ahí pasan los herrajes y las cabezas de los pernos de la puerta trasera. Hacen falta :wanted.',
    ],
    'board-joint' => [
        'says' => 'Ningún tablero llega de montante a montante',
        'more' => 'El tablero mide :length. La junta tiene que caer en el centro de un montante, lejos de los pernos del carril, y ninguno está al alcance del tablero más largo.',
    ],
    'board-jointed' => [
        'says' => 'El tablero va en :count piezas',
        'more' => 'Únalas a :joints, sobre montantes. Ponga allí dos tornillos en cada pieza, a :clear del extremo, con taladro previo: mantienen enrasadas las puntas y no cargan nada.',
    ],
    'bolt-short' => [
        'says' => 'Los pernos del herraje son cortos: hacen falta de :length',
        'more' => 'Miden :kit.',
    ],
    'bracket-off-board' => [
        'says' => 'Una fila de pernos del soporte queda a :edge del borde del tablero',
        'more' => 'El mínimo es :least. La fila más alta está :highest_row por encima de la línea del carril.',
    ],
    'built-out' => [
        'says' => 'El carril sobresale :arm de la pared',
        'more' => 'La puerta hace palanca en la pared con :moment_Nm. Rellene macizo detrás de todo el tablero, fije el relleno a cada montante y use tornillos :build_out más largos.',
    ],
    'cable-behind' => [
        'says' => 'Detrás de un agujero del carril hay :what|Detrás de :count agujeros del carril hay :what',
        'more' => [
            'carries' => 'No taladre a menos de :zone, por corto que sea el perno. Los demás agujeros todavía sostienen el carril: deje estos vacíos. Moverlo es trabajo de electricista o fontanero.',
            'falls' => 'No taladre a menos de :zone, por corto que sea el perno. Sin estos agujeros el carril no se sostiene. Moverlo es trabajo de electricista o fontanero.',
        ],
    ],
    'carpet' => [
        'says' => '¿Qué altura tiene el pelo de la alfombra?',
        'more' => 'La cinta apoyada en el pelo mide de menos. Apóyela en una placa rígida y anote una vez la placa y el pelo; todas las lecturas los tendrán en cuenta.',
    ],
    'centre-stops' => [
        'says' => [
            'little' => 'No caben dos topes en el centro: solo hay :space',
            'none' => 'No hay sitio para un tope en el centro',
        ],
        'more' => [
            'little' => 'Dos topes ocupan :wanted. Cabe un tope doble de :space de ancho.',
            'none' => 'Dos topes ocupan :wanted.',
        ],
    ],
    'covered' => [
        'says' => ':What queda detrás de la puerta :when',
        'more' => [
            'breathes' => 'Tiene que poder soltar el aire.',
            'reached' => 'Ahí nadie lo alcanza.',
        ],
    ],
    'covered-socket' => [
        'says' => ':What queda detrás de la puerta :when',
        'more' => ['reached' => 'Lo que se enchufe ahí tiene que quedar plano detrás de la puerta.'],
    ],
    'end-fixing' => [
        'says' => 'La última fijación está a :end del extremo del carril',
        'more' => 'El herraje admite :most como máximo.',
    ],
    'floor-falls' => [
        'says' => 'El suelo baja :fall bajo la puerta',
        'more' => 'La holgura crece de :low a :gap_max en :at. Allí la cinta marca :tape_up para la misma línea.',
    ],
    'floor-not-drilled' => [
        'says' => 'La guía se atornilla a un suelo que no se debe taladrar',
        'more' => 'Un rodillo en la pared sujeta la puerta sin taladrarlo.',
    ],
    'groove-stopped-short' => [
        'says' => 'Con la puerta abierta la guía se sale de su ranura',
        'more' => 'Queda a :near del canto delantero. La ranura se para a :from de él, y hacen falta :wanted.',
    ],
    'guide-bite' => [
        'says' => [
            'little' => 'La guía (:part) solo sujeta la puerta :hold',
            'none' => 'La guía (:part) no llega a la puerta',
        ],
        'more' => 'El mínimo que sujeta es :least. La holgura allí es de :gap_at.',
    ],
    'guide-holds' => [
        'says' => 'La guía (:part) sujeta la puerta :hold de sus :height',
        'more' => ['groove' => 'Haga la ranura de :deep de hondo como mínimo.'],
    ],
    'guide-room' => [
        'says' => 'A la guía le sobran :spare_down',
        'more' => [
            'passage' => 'Queda bajo la puerta, cerrada y abierta, y fuera del paso.',
            'anywhere' => 'Queda bajo la puerta, cerrada y abierta.',
        ],
    ],
    'guide-window' => [
        'says' => 'A la guía le faltan :shortfall_up de sitio',
        'more' => [
            'passage' => 'Mide :length. Bajo la puerta, cerrada y abierta, y fuera del paso, hay :room.',
            'anywhere' => 'Mide :length. Bajo la puerta, cerrada y abierta, hay :room.',
        ],
    ],
    'hanger-inset' => [
        'says' => 'Los colgadores a :inset del borde sobresalen de él',
        'more' => 'Medio colgador mide :least.',
    ],
    'hanger-solid' => [
        'says' => [
            'stile' => 'Los pernos del colgador pasan del larguero',
            'made' => 'Donde va :what no hay madera maciza',
        ],
        'more' => [
            'stile' => 'Están a :inset del borde y necesitan :wanted de madera maciza. El larguero mide :stile. Pida ahí un taco macizo o un travesaño.',
            'made' => 'De :u_from a :u_to del canto de ataque y de :v_from a :v_to de alto. Haga poner ahí un taco, o póngalo en otro sitio.',
        ],
    ],
    'hazards-overlap' => [
        'says' => ':What y :other están marcados en el mismo sitio',
        'more' => 'Los dos empiezan en :low. Cuentan los dos: no se taladra cerca de ninguno.',
    ],
    'header-casing' => [
        'says' => 'El tablero pisa el marco :over_up',
        'more' => 'Su parte baja está a :foot, el marco llega hasta :casing.',
    ],
    'header-ceiling' => [
        'says' => 'El tablero queda :over_up demasiado alto',
        'more' => 'Su parte alta estaría a :top_up, bajo un techo de :ceiling.',
    ],
    'header-short' => [
        'says' => 'La línea del carril queda a solo :edge del borde del tablero',
        'more' => 'El mínimo que sujeta un perno es :wanted.',
    ],
    'header-span' => [
        'says' => 'El tablero salva :gap entre montantes',
        'more' => 'Sobre un hueco puede sujetarlo también el dintel. Anote el dintel si es de madera.',
    ],
    'header-thin' => [
        'says' => 'El tablero solo da :wood de madera a un perno',
        'more' => 'Hacen falta :least. Los pernos que caen en montantes atraviesan el tablero y no cambian. Para los demás use un tablero más denso, una arandela de :washer × :washer_thick bajo cada separador, o un perno con tuerca y arandela de :nut_washer por detrás, puestos antes de subir el tablero.',
    ],
    'headroom' => [
        'says' => 'Faltan :short_up de altura libre',
        'more' => 'La puerta no se puede subir al carril: necesita :needed_up y el techo deja :room.',
    ],
    'headroom-clear' => [
        'says' => 'Sobran :spare_down de altura libre',
        'more' => 'Subir la puerta necesita :needed, el techo deja :room.',
    ],
    'holds' => [
        'says' => 'La fijación más cargada está al :used de su límite',
        'more' => 'Es :fixing en :x. Es una ayuda para elegir fijaciones, no un cálculo de estructura. Mandan las instrucciones del fabricante y las normas locales.',
    ],
    'hole-misses-stud' => [
        'says' => 'Un agujero del carril no tiene nada macizo detrás|:count agujeros del carril no tienen nada macizo detrás',
        'more' => [
            'spare' => 'Los demás están bastante juntos: déjelo vacío.|Los demás están bastante juntos: déjelos vacíos.',
            'needed' => 'Un carril que no está en madera se cae. Un taco basculante ayuda ahí y no carga nada.',
        ],
    ],
    'hole-not-solid' => [
        'says' => [
            'told' => 'Un agujero cae fuera de lo macizo de la puerta|:count agujeros caen fuera de lo macizo de la puerta',
            'made' => 'Donde va :what no hay madera maciza',
        ],
        'more' => [
            'told' => 'Desde el canto delantero: :marks. Un tornillo en un panel no sujeta nada. Mande poner un taco o taladre en otro sitio.',
            'made' => 'De :u_from a :u_to del canto de ataque y de :v_from a :v_to de alto. Haga poner ahí un taco, o taladre en otro sitio.',
        ],
    ],
    'jump-disc-fouls' => [
        'says' => 'El disco antidescarrilamiento choca con :what',
        'more' => 'El disco está a :disc del canto de la puerta; :what, a :other. Con una guía en la pared basta un disco en el otro extremo.',
    ],
    'kit-bracket' => [
        'says' => 'Dos carriles necesitan un soporte',
        'more' => 'Anote la distancia entre carriles y a qué altura sobre la línea del carril están las filas de agujeros del soporte.',
    ],
    'kit-cannot-hang' => [
        'says' => [
            'single' => ':kit no sirve para una sola puerta',
            'biparting' => ':kit no sirve para dos puertas que se juntan',
            'bypass' => ':kit no sirve para dos puertas que se cruzan',
        ],
        'more' => 'Sus colgadores y topes son para otra disposición.',
    ],
    'kit-capacity' => [
        'says' => '¿Cuánto aguanta?',
        'more' => 'Un herraje sin capacidad no aguanta nada.',
    ],
    'kit-changed' => [
        'says' => 'El herraje guardado ha cambiado después',
        'more' => 'Esta puerta está planeada con el herraje como era.',
    ],
    'kit-disc' => [
        'says' => 'El disco antidescarrilamiento no retiene nada',
        'more' => 'La puerta se descuelga con :lift_on; el disco deja :gap.',
    ],
    'kit-ends' => [
        'says' => 'El primer agujero está más lejos del extremo de lo que puede estar una fijación',
        'more' => 'Está a :first_hole; se admiten :first_fixing_within.',
    ],
    'kit-guide' => [
        'says' => [
            'little' => 'La guía sujeta muy poco con una holgura normal',
            'none' => 'La guía no es más alta que una holgura normal',
        ],
        'more' => 'Mide :reach de alto. Con una holgura de :gap sujetaría :hold, y hacen falta :min_engagement.',
    ],
    'kit-hangs-nothing' => [
        'says' => 'No sirve para ninguna puerta',
        'more' => 'Elija si es para una puerta, dos que se juntan o dos que se cruzan.',
    ],
    'kit-hole' => [
        'says' => [
            'high' => 'El primer agujero queda a solo :hole del borde superior de la puerta',
            'misses' => 'El primer agujero no cae en la puerta',
            'unknown' => '¿Dónde están los agujeros del colgador?',
        ],
        'more' => [
            'high' => 'Es la distancia del agujero a la rueda menos la elevación y medio carril. Hacen falta :least de madera por encima.',
            'misses' => 'Es la distancia del agujero a la rueda menos la elevación y medio carril. Hacen falta :least de madera por encima.',
            'unknown' => 'El colgador se atornilla a través de la puerta. Mida desde su agujero superior hasta donde la rueda apoya en el carril.',
        ],
    ],
    'kit-holes' => [
        'says' => [
            'listed' => 'Un agujero de la lista cae más allá del extremo de todos los carriles',
            'ends' => 'Los agujeros de los extremos se cruzan en el carril más corto',
        ],
        'more' => [
            'listed' => 'El carril más largo mide :longest.',
            'ends' => 'El doble de :first_hole es más que :shortest.',
        ],
    ],
    'kit-inset' => [
        'says' => 'El colgador sobresale del canto de la puerta',
        'more' => 'Su mitad mide :half y está a :inset.',
    ],
    'kit-rail' => ['says' => '¿Qué alto y qué grueso tiene el carril?', 'more' => ''],
    'kit-rise' => [
        'says' => 'La elevación y el carril dejan una holgura superior de :top_gap',
        'more' => 'Hacen falta de :low a :high: con menos la puerta roza, con más se puede descolgar. ¿Está dada la altura desde otro punto del carril?',
    ],
    'kit-spacing' => [
        'says' => 'Sus agujeros están más separados de lo que pueden estar sus fijaciones',
        'more' => 'Están a :max_spacing; se admiten :max_fixing_spacing.',
    ],
    'kit-thickness' => ['says' => '¿Qué grueso de puerta admite?', 'more' => ''],
    'kit-unknown' => [
        'says' => ['none' => 'Aún no se ha elegido herraje', 'gone' => 'No hay ningún herraje «:kit» guardado'],
        'more' => '',
    ],
    'leaf-clearance' => [
        'says' => ['near' => 'Solo hay :clearance detrás de la puerta', 'meets' => 'La puerta choca con :what'],
        'more' => ':What sobresale :proud; la cara trasera de la puerta pasa a :leaf_back. Entre los dos hacen falta :wanted.',
    ],
    'leaf-clears' => [
        'says' => 'La puerta pasa a :clearance; lo más saliente es :what',
        'more' => 'Su cara trasera pasa a :leaf_back de la pared.',
    ],
    'leaf-mass' => [
        'says' => 'La puerta pesa :mass_kg',
        'more' => [
            'assumed' => 'El herraje aguanta :capacity_kg. Se supone pino macizo: anote de qué es la puerta o pésela.',
            'known' => 'El herraje aguanta :capacity_kg.',
        ],
    ],
    'leaf-narrow' => [
        'says' => 'A la puerta le faltan :open_up de ancho',
        'more' => 'Necesita :needed_up para tapar lo que pide la regla. Quedan abiertos :open_up.',
    ],
    'leaf-short' => [
        'says' => 'A la puerta le faltan :open_up de alto',
        'more' => 'Necesita :needed_up (:rule).',
    ],
    'leaf-thickness' => [
        'says' => 'Una puerta de :thickness de grueso no va con este herraje',
        'more' => 'Admite de :least a :greatest.',
    ],
    'masonry-edge' => [
        'says' => 'El agujero en :x queda demasiado cerca de un borde de la mampostería',
        'more' => 'Guarde :clear hasta el hueco y hasta la esquina, o se rompe. Este agujero se cuenta como si no cargara nada.',
    ],
    'mass-assumed' => [
        'says' => 'Unos :mass_kg si la puerta es de pino macizo',
        'more' => 'Anote de qué es la puerta o pésela. El herraje aguanta :capacity_kg.',
    ],
    'measure-disagrees' => [
        'says' => 'Mida otra vez :what :n',
        'more' => ':reading difiere más de :by de las lecturas vecinas.',
    ],
    'mid-overlap' => [
        'says' => 'Las puertas solo se solapan :overlap',
        'more' => 'Hacen falta :wanted en el centro.',
    ],
    'not-checked' => [
        'says' => 'Una fijación no se pudo comprobar|:count fijaciones no se pudieron comprobar',
        'more' => [
            'anchor' => 'Anote lo que la ficha del anclaje admite a tracción y a cortante.',
            'board' => 'Nadie publica lo que aguanta un perno en este tablero.',
        ],
    ],
    'obstacle-behind-rail' => [
        'says' => ['rail' => ':What está donde va el carril', 'header' => ':What está donde va el tablero'],
        'more' => 'Está en la pared de :low a :high.',
    ],
    'obstacle-collides' => [
        'says' => ['near' => ':What pasa a solo :room: :obstacle', 'meets' => ':What y :obstacle chocan'],
        'more' => ':Obstacle está entre :stands_off y :high de la pared; :what barre de :low a :high2.',
    ],
    'obstacle-in-opening' => [
        'says' => ':Obstacle quedaría dentro del hueco',
        'more' => 'Lo que hay en la pared se mide desde el mismo cero que las jambas. ¿Está bien su sitio?',
    ],
    'off-the-wall' => [
        'says' => ['thing' => ':What no está en esta pared', 'stud' => 'El montante :n no está en esta pared'],
        'more' => 'Está marcado en :low; la pared va de :from a :to.',
    ],
    'old-door' => [
        'says' => 'Quedan libres :floor_m2 de suelo',
        'more' => [
            'hinged-in' => 'Es donde giraba la puerta actual. Por rematar: los sitios de las bisagras, el cerradero y el junquillo. Quítela primero: estorba al carril y a la puerta.',
            'hinged-out' => 'Es en el otro cuarto, donde giraba la puerta actual. Por rematar: los sitios de las bisagras, el cerradero y el junquillo. Puede quedarse hasta que la nueva haya colgado de prueba.',
            'folding' => 'Es donde plegaba la puerta actual. Por rematar: los sitios de las bisagras, el cerradero, el junquillo y el riel del cabezal. Quítela primero: estorba al carril y a la puerta.',
        ],
    ],
    'open-end' => [
        'says' => 'Por el extremo :side de esta pared pasa gente',
        'more' => 'La puerta abierta queda a :room de él y sobresale :out: su canto está a la altura del hombro. Apárquela más corta o señale el canto.',
    ],
    'over-capacity' => [
        'says' => 'Cada rueda cargaría :wheel_kg',
        'more' => 'Una rueda de :material de este herraje aguanta :capacity_kg.',
    ],
    'over-worked' => [
        'says' => 'Sobrecarga en :x, :fixing: :used de su límite',
        'more' => ':shear de cortante y :tension de tracción, con un factor de :factor sobre la carga. Es una ayuda para elegir fijaciones, no un cálculo de estructura.',
    ],
    'parked' => [
        'says' => 'La puerta se queda ahí para siempre',
        'more' => 'Se cuelga, se topa por los dos lados y no se desliza.',
    ],
    'passage' => [
        'says' => ['none' => 'No queda paso', 'parked' => 'El paso es de :passage de :least'],
        'more' => [
            'none' => 'Abierta, la puerta sigue tapando todo el hueco.',
            'parked' => 'La puerta abierta tapa el resto, como pide su aparcado.',
        ],
    ],
    'passage-clear' => [
        'says' => 'Paso de :passage con la puerta abierta',
        'more' => 'Consulte la norma local de ancho accesible.',
    ],
    'picture-rail' => [
        'says' => 'El tablero pisa la moldura de cuadros :over_up',
        'more' => 'Su parte alta está a :top; la parte baja de la moldura, a :height.',
    ],
    'pull-reach' => [
        'says' => [
            'meets' => 'El tirador delantero choca :when: :what',
            'wall-end' => 'El tirador delantero deja :room hasta el final de la pared :when',
            'jamb' => 'El tirador del lado de la pared choca con la jamba',
            'stile' => 'El tirador del lado de la pared pasa del larguero, a :middle',
        ],
        'more' => [
            'meets' => 'Está en :at a lo largo de la pared.',
            'wall-end' => 'Una mano necesita :fingers.',
            'jamb' => 'Sobresale :projection; detrás de la puerta hay :clearance.',
            'stile' => 'Con la puerta cerrada tiene que separarse :fingers de la jamba para los dedos. Llega a :reach del canto y el larguero mide :stile. Pida ahí una pieza maciza.',
        ],
    ],
    'rail-room' => [
        'says' => ['wall' => 'A la pared le faltan :short_up para el carril', 'stock' => 'Ningún carril de este herraje sirve'],
        'more' => [
            'wall' => 'Ruedas, topes y márgenes necesitan :needed_up de carril.',
            'stock' => 'Necesita :needed_up. Ningún largo de catálogo llega y cabe en la pared, y este carril no se puede cortar.',
        ],
    ],
    'rear-pull' => [
        'says' => 'La puerta trasera solo admite un tirador embutido',
        'more' => 'La puerta delantera pasa por delante de su cara.',
    ],
    'sags' => [
        'says' => 'El carril flecha :greatest',
        'more' => 'Se quiere :limit como máximo, solo del carril. Separadores y pernos ceden de :from a :to más.',
    ],
    'shut-room' => [
        'says' => [
            'past' => 'La puerta cerrada pasa del extremo :side de la pared',
            'near' => 'La puerta cerrada queda demasiado cerca del extremo :side de la pared',
        ],
        'more' => 'Ahí tiene :room. Hacen falta :wanted para holgura, tope y margen.',
    ],
    'catch-depth' => [
        'says' => 'El retenedor del cierre suave no cabe detrás del carril',
        'more' => 'Tiene :deep de fondo; el carril queda separado :room.',
    ],
    'soft-close-room' => [
        'says' => 'No hay sitio para el cierre suave',
        'more' => [
            'narrow' => 'Necesita una puerta de :min_leaf_width de ancho; esta mide :width.',
            'short' => 'Sus dos carreras ocupan :strokes; la puerta recorre :travel.',
        ],
    ],
    'spacing' => [
        'says' => 'Dos fijaciones están a :spacing una de otra',
        'more' => 'El herraje admite :most como máximo.',
    ],
    'standoff-sinks' => [
        'says' => 'Un separador aprieta con :pressure',
        'more' => [
            'lining' => 'Por encima de :most un revestimiento blando cede y el carril se ondula. Ponga una arandela de :wide × :thick debajo de cada uno.',
            'wood' => 'Por encima de :most la madera cede y el carril se ondula. Ponga una arandela de :wide × :thick debajo de cada uno.',
        ],
    ],
    'stop-meets-standoff' => [
        'says' => 'Un tope cae sobre el separador en :x',
        'more' => 'No puede pasar un separador ni ponerse encima.',
    ],
    'stop-on-joint' => [
        'says' => 'Un tope cae sobre la junta del carril en :x',
        'more' => 'Ahí mantendría separadas dos piezas.',
    ],
    'studs-unknown' => [
        'says' => 'Aún no se han encontrado los montantes',
        'more' => 'Todavía no se sabe si algo sostiene el carril. Mida los montantes o rastree la pared antes de pedir.',
    ],
    'survey-incomplete' => [
        'says' => [
            'half' => 'Una lectura está a medias',
            'floor' => 'El suelo no está medido',
            'once' => 'El hueco está medido una sola vez',
            'next' => 'Mida ahora :next',
            'next-then' => 'Mida ahora :next',
        ],
        'more' => [
            'half' => 'No cuenta hasta que estén su sitio y su valor.',
            'floor' => 'Se toma como nivelado hasta que lo lea en las dos jambas y donde la puerta queda abierta.',
            'once' => 'Mida el ancho a tres alturas y el alto en las dos jambas: las paredes se inclinan.',
            'next-then' => 'Después, :then.',
        ],
    ],
    'too-few-studs' => [
        'says' => [
            'board' => '{0} El tablero no coge ningún montante|[1,*] El tablero solo coge un montante',
            'rail' => '{0} Ningún agujero del carril da en macizo|[1,*] Muy pocos agujeros del carril dan en macizo',
        ],
        'more' => ['board' => 'Necesita dos como mínimo.', 'rail' => 'Cada tramo de carril necesita dos como mínimo.'],
    ],
    'template-not-level' => [
        'says' => 'Una plantilla sobre la moldura del dintel no da la línea',
        'more' => ['out' => 'El dintel está desnivelado :out_up; se admite :most como mucho. La línea quedaría mal en lo mismo.', 'none' => 'No hay moldura sobre el dintel donde apoyarla.'],
    ],
    'top-gap' => [
        'says' => ['rubs' => 'La holgura superior es de solo :top_gap', 'lifts' => 'La holgura superior es de :top_gap'],
        'more' => [
            'rubs' => 'Con menos de :least la puerta roza el carril.',
            'lifts' => 'Con más de :greatest la puerta se puede descolgar del carril.',
        ],
    ],
    'travel-cut' => [
        'says' => 'La pared acaba :cut_up antes de tiempo',
        'more' => 'La puerta se para :cut_up antes de donde debería aparcar y deja un paso de :passage.',
    ],
    'uncovers' => [
        'says' => [
            'partly' => 'Abierta, la puerta deja libres :free (:opening)',
            'wholly' => 'Abierta, la puerta lo sigue tapando todo (:opening)',
        ],
        'more' => [
            'partly' => 'Por ahí no pasa nadie: no rige ninguna norma de paso.',
            'wholly' => 'Déjela aparcada para siempre o dele adónde ir.',
        ],
    ],
    'uplift' => [
        'says' => 'Una fijación tira hacia arriba con :uplift_N',
        'more' => 'La puerta cuelga más allá de ella. Su perno retiene el carril: no lo deje flojo.',
    ],
    'wheel-overloaded' => [
        'says' => 'Cada rueda cargaría :wheel_kg',
        'more' => 'Una rueda de :material de este herraje aguanta :capacity_kg.',
    ],
    'wheel-worst' => [
        'says' => 'Una sola rueda puede llegar a cargar :wheel_kg',
        'more' => 'Una puerta rígida rueda sobre dos de sus :count ruedas a la vez, y una rueda aguanta :capacity_kg. Más colgadores no la descargan si no se ajusta cada uno con la puerta colgada.',
    ],
    'runs-off' => [
        'says' => 'Nada detiene la puerta :way',
        'more' => 'Se sale del carril y se cae. Un tope en el carril o un tope de goma junto a la puerta acaba su recorrido.',
    ],
    'buffer-far' => [
        'says' => 'No hay dónde fijar un tope de goma con la puerta :way',
        'more' => 'El canto de la puerta llega a :edge. A menos de :reach tiene que haber un retorno de pared, un murete o un marco que salga tanto como la puerta y llegue a :up de alto.',
    ],
    'kit-usual' => [
        'says' => 'La hoja de :kit no lo dice todo',
        'more' => 'Se calcula con lo usual: :what. Mídelos en las piezas y anótalos en la página del herraje.',
    ],
    'stud-unsure' => [
        'says' => 'El escaneo solo está seguro al :sure del montante en :x',
        'more' => '{1} Una fijación se apoya en él. Haga un taladro guía antes de colgar nada.|[2,*] :count fijaciones se apoyan en él. Haga un taladro guía antes de colgar nada.',
    ],
    'kit-bracket-depth' => [
        'says' => 'El soporte sale :depth, menos que sus dos carriles',
        'more' => 'Separador, distancia entre carriles y carril delantero ocupan :needed.',
    ],
    'kit-joint' => [
        'says' => 'El tramo :n del carril no encaja en el :next',
        'more' => 'El extremo derecho de uno es :right y el izquierdo del otro :left.',
    ],
    'kit-pieces' => [
        'says' => 'Los tramos del carril suman :whole, que no es ninguno de sus largos',
        'more' => 'Juntos hacen un largo que se vende.',
    ],
    'wood-wet' => [
        'says' => 'La madera está más húmeda de lo que la pondrá nunca la habitación',
        'more' => 'Tiene :moisture % y como mucho quedará en :most %. Deje reposar las tablas hasta entonces: primero encogen.',
    ],
    'tongue-short' => [
        'says' => 'La lengüeta es corta para lo que se abren las tablas',
        'more' => 'Secas, dos tablas quedan a :opens y la lengüeta mide :tongue. Hacen falta :least, o tablas más estrechas o más secas.',
    ],
    'gap-opens' => [
        'says' => 'En seco se ve entre las tablas',
        'more' => 'Se abren hasta :opens. Un listón detrás de la junta o tablas con lengüeta lo cierran.',
    ],
    'boards-alike' => [
        'says' => 'Todas las tablas se cortan al mismo ancho',
        'more' => 'Las dos de fuera quedarían de solo :outer. Cada una mide :width.',
    ],
    'sliver' => [
        'says' => 'Las tablas de fuera quedan demasiado finas',
        'more' => 'Miden :outer; hacen falta :least. Con tablas o una puerta de otro ancho se reparte mejor.',
    ],
    'screw-moved' => [
        'says' => 'Un tornillo se aparta del perno de un colgador',
        'more' => 'Va :by más allá en su línea. El dibujo lo muestra ahí.',
    ],
    'screw-left-out' => [
        'says' => 'Un tornillo no cabe junto a los pernos de un colgador',
        'more' => 'Se omite a :u del canto de ataque y :v de alto. Un travesaño más ancho o los colgadores en otro sitio le dejan lugar.',
    ],
    'cheek-thin' => [
        'says' => 'Junto a la ranura queda poca madera',
        'more' => 'Cada lado conserva :cheek; hacen falta :least. Madera de :thickness, o una guía que no pida ranura.',
    ],
    'piece-long' => [
        'says' => 'Ninguna barra alcanza para una pieza',
        'more' => 'Mide :length; la barra más larga es de :longest. Barras más largas, o un empalme detrás de un peinazo o listón.',
    ],
    'made-thickness' => [
        'says' => 'La puerta no sale del grueso que se anotó',
        'more' => 'Tal como se construye mide :thickness de grueso; se anotaron :asked.',
    ],
    'ledge-narrow' => [
        'says' => 'El peinazo de arriba es estrecho para los pernos de los colgadores',
        'more' => 'Mide :width de ancho; con madera alrededor de los pernos hacen falta :least.',
    ],
    'brace-flat' => [
        'says' => 'Las riostras quedan tumbadas',
        'more' => 'A :angle° de la horizontal sujetan poco. Con un peinazo menos quedan más empinadas.',
    ],
    'end-grain' => [
        'says' => 'Las placas van atornilladas a testa',
        'more' => 'Las tablas van de pie, y un tornillo en su testa sujeta poco. Colgadores de cara, o un travesaño arriba.',
    ],
    'hole-in-joint' => [
        'says' => 'Un perno de colgador pasa junto a la junta de dos tablas',
        'more' => [
            'clear' => 'Los pernos están a :at. A :clear quedan dentro de una tabla.',
            'narrow' => 'Los pernos están a :at, y ninguna tabla es bastante ancha para tenerlos dentro.',
        ],
    ],
    'sheet-seam' => [
        'says' => 'La trasera no sale de un solo tablero',
        'more' => 'Hacen falta :across a lo ancho y :up a lo alto. Un tablero mayor, o un listón detrás de cada junta.',
    ],
    'channel-tight' => [
        'says' => 'El canal queda justo para la guía',
        'more' => 'Mide :width de ancho; con :least corre la aleta.',
    ],
    'channel-loose' => [
        'says' => 'El canal queda holgado en la guía',
        'more' => 'Mide :width de ancho; como mucho :most. Forre cada lado con :lining.',
    ],
    'channel-shallow' => [
        'says' => 'El canal es poco hondo para la guía',
        'more' => 'Tiene :depth de hondo; hacen falta :least. Suba el listón de abajo.',
    ],
    'infill-proud' => [
        'says' => 'El relleno sobresale de su marco',
        'more' => ':by. Cepíllelo, o ponga un marco igual de grueso.',
    ],
    'lipping-wide' => [
        'says' => 'Los listones de los cantos quedarían anchos',
        'more' => 'Cada uno mide :strip; hasta :most se encolan. Una tabla de :between entre las puertas queda mejor.',
    ],
    'old-leaf-short' => [
        'says' => 'Una puerta vieja es corta',
        'more' => 'Le faltan :short. Un listón al pie, de hasta :most, lo arregla.',
    ],
    'foot-cut-deep' => [
        'says' => 'Queda poco travesaño de abajo',
        'more' => 'Cortando :cut conserva :rest; hacen falta :least. Un travesaño nuevo, más holgura, u otra puerta.',
    ],
    'stile-thin' => [
        'says' => 'Un larguero exterior queda fino',
        'more' => 'Conserva :rest; hacen falta :least. Quite más del otro canto, o cepille menos; tras el larguero de una puerta hueca va el taco de la lista.',
    ],
    'hole-meets-old' => [
        'says' => 'Un agujero viejo está donde hace falta madera maciza',
        'more' => 'Para :what, en la puerta vieja :from, de :v_from a :v_to de alto. Encole ahí un taco, no masilla.',
    ],
    'hanger-on-joint' => [
        'says' => 'Un colgador cae en la junta de dos puertas',
        'more' => 'A :at del canto de ataque. Dos colgadores o cuatro, o una chapa detrás.',
    ],
    'thickness-differs' => [
        'says' => 'Las puertas tienen grueso distinto',
        'more' => 'En :by. Las arandelas de la lista igualan los colgadores.',
    ],
    'glass-unsafe' => [
        'says' => 'Este vidrio se rompe en cuchillas',
        'more' => 'En una puerta solo es seguro el vidrio templado o laminado. Pídalo a medida: el templado no se corta.',
    ],
    'glass-thin' => [
        'says' => 'El vidrio es fino para su tamaño',
        'more' => 'Una luna tiene :m2 y :thickness de grueso; hacen falta :least, o más lunas.',
    ],
    'drill-glass' => [
        'says' => 'Un perno de colgador atravesaría el vidrio',
        'more' => 'A :u del canto de ataque y :v de alto. Colgadores hasta a :inset del canto, o un larguero más ancho.',
    ],
    'made-no-room' => [
        'says' => 'Una puerta de este tamaño no se puede construir así',
        'more' => 'No quedaría nada entre sus piezas. Haga las piezas más pequeñas, elija otro modo, o anote de qué se hace.',
    ],
];
