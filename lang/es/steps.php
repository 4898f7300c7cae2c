<?php

declare(strict_types=1);

// Los pasos del trabajo: qué se hace, por qué va en ese momento, cuánto se aprieta, qué se tiene a mano.
return [
    'do' => [
        'look' => 'Mirar la pared, el suelo y lo que estorba', 'measure' => 'Medir', 'scan' => 'Buscar los montantes', 'choose' => 'Elegir y dimensionar', 'order' => 'Pedir', 'box-check' => 'Revisar la caja del herraje',
        'trial' => 'Probar un colgador en un recorte', 'leaf-in' => 'Meter la puerta', 'trim-leaf' => 'Rebajar la puerta', 'mark-leaf' => 'Marcar la puerta', 'bore-leaf' => 'Taladrar la puerta', 'groove' => 'Hacer la ranura',
        'coat-leaf' => 'Pintar la puerta', 'fit-hangers' => 'Montar los colgadores', 'fit-discs' => 'Montar los discos antidescarrile', 'fit-triggers' => 'Montar los disparadores', 'fit-pulls' => 'Montar los tiradores', 'cut-board' => 'Cortar el tablero de soporte',
        'mark-board' => 'Marcar el tablero de soporte', 'bore-board' => 'Taladrar el tablero de soporte', 'coat-board' => 'Pintar el tablero de soporte', 'cut-rail' => 'Cortar el carril', 'bore-rail' => 'Taladrar el carril', 'join-rail' => 'Unir el carril',
        'stops-on' => 'Poner los topes en el carril, en su tramo', 'catches-on' => 'Poner los retenedores en el carril', 'door-off' => 'Quitar la puerta existente', 'fill-jambs' => 'Tapar los huecos de bisagras y cerradero',
        'isolate' => 'Cortar la corriente o el agua', 'open-wall' => 'Abrir la pared', 'move-hazard' => 'Hacer desviar el cable o la tubería', 'patch-wall' => 'Cerrar la pared', 'move-obstacle' => 'Quitar lo que estorba',
        'ease' => 'Rebajar la moldura', 'mark-wall' => 'Marcar la pared', 'mark-line' => 'Trazar la línea del carril', 'prove-line' => 'Comprobar la línea de otro modo', 'bore-wall' => 'Taladrar la pared', 'board-up' => 'Subir el tablero y clavarlo de momento',
        'board-fix' => 'Fijar el tablero', 'rail-up' => 'Subir el carril, suelto', 'rail-true' => 'Nivelar y apretar el carril', 'hang' => 'Colgar la puerta', 'discs-in' => 'Enroscar los discos antidescarrile', 'set-stops' => 'Ajustar los topes',
        'buffer' => 'Fijar el tope de goma a la pared', 'set-catches' => 'Ajustar los retenedores', 'mark-guide' => 'Marcar la guía, con la puerta a plomo', 'fix-guide' => 'Fijar la guía', 'prove-run' => 'Comprobaciones finales', 'paint-patch' => 'Pintar el remiendo',
        'make-good' => 'Repasar', 'hand-over' => 'Entregar',
    ],
    'why' => [
        'mark-leaf' => 'Solo ahora se sabe qué trae la caja y cuánto mide de verdad la puerta.', 'coat-leaf' => 'También se pintan los agujeros y la ranura.', 'fit-hangers' => 'Nada se atornilla sobre pintura fresca.',
        'stops-on' => 'Con el carril puesto ya no pasan por un separador.', 'catches-on' => 'En el banco se tienen libres las dos manos.', 'open-wall' => 'Nadie abre una pared sobre algo con corriente o presión.',
        'mark-wall' => 'No se taladra nada antes de tener la puerta y el herraje, y revisados.', 'prove-line' => 'Una altura mala se descubre antes de taladrarla.', 'board-up' => 'Está taladrado y seco, y la línea comprobada.',
        'rail-up' => 'Ya está puesto todo lo que después no entra.', 'hang' => 'El carril está a nivel, la puerta seca y con sus piezas.', 'discs-in' => 'Sin ellos la puerta puede salirse del carril.',
        'set-stops' => 'Con la puerta colgada, donde de verdad se para.', 'mark-guide' => 'Con la puerta a plomo, en los dos extremos del recorrido.', 'prove-run' => 'Todo lo que se mueve está ajustado.',
        'door-off' => 'El cuarto conserva su puerta mientras puede.', 'paint-patch' => 'Está seco y el carril puesto: ya no lo marca ninguna llave.',
    ],
    'tight' => [
        'rail-true' => 'Con carraca, a mano, de lado a lado, empezando por el difícil: a tope y un cuarto de vuelta.', 'board-fix' => 'Atornillador con el embrague bajo: antes se aplasta el tablero que se pasa un tornillo.', 'fit-pulls' => 'A mano.', 'fix-guide' => 'A mano.',
        'fit-hangers' => 'Firme sobre la arandela: antes se aplasta la puerta que se pasa una tuerca.', 'set-stops' => 'Firme, para que no se corra, con la goma hacia la puerta.',
    ],
    'tools' => [
        'box-check' => ['la hoja del herraje', 'cinta'], 'trial' => ['recorte', 'taladro', 'un colgador', 'regla'], 'leaf-in' => ['mantas', 'báscula', 'cinta', 'calibre'], 'trim-leaf' => ['sierra con guía o cepillo', 'escuadra', 'cinta'],
        'mark-leaf' => ['dibujo de la puerta', 'escuadra', 'lápiz afilado', 'plantilla'], 'bore-leaf' => ['taladro', 'brocas de menor a mayor', 'tabla de apoyo', 'sargentos', 'escuadra'], 'groove' => ['fresadora', 'guía paralela', 'fresa de ranurar'],
        'coat-leaf' => ['brocha o rodillo', 'cinta de pintor'], 'fit-hangers' => ['dos llaves'], 'fit-discs' => ['destornillador, a mano'], 'fit-triggers' => ['destornillador, a mano'], 'fit-pulls' => ['destornillador, a mano'],
        'cut-board' => ['sierra', 'escuadra', 'cinta'], 'mark-board' => ['cinta', 'escuadra', 'lápiz'], 'bore-board' => ['taladro', 'brocas de menor a mayor', 'marca en la broca'], 'coat-board' => ['brocha o rodillo'],
        'cut-rail' => ['sierra de metal', 'lima', 'tornillo de banco'], 'bore-rail' => ['granete', 'taladro, aceite', 'desbarbador'], 'join-rail' => ['pasadores o placa de unión', 'llave'], 'stops-on' => ['llave'],
        'catches-on' => ['llave', 'la hoja del herraje: izquierdo y derecho son distintos'], 'door-off' => ['destornillador', 'martillo y botador', 'cuñas'], 'fill-jambs' => ['masilla', 'espátula', 'chapas'], 'isolate' => ['comprobador', 'un aviso en el interruptor'],
        'open-wall' => ['cúter', 'serrucho de punta', 'mascarilla'], 'move-hazard' => ['un profesional autorizado'], 'patch-wall' => ['remiendo', 'pasta de juntas', 'espátula', 'taco de lija'], 'move-obstacle' => ['destornillador', 'masilla'],
        'ease' => ['cepillo', 'taco de lija'], 'mark-wall' => ['cinta', 'cinta de pintor', 'lápiz', 'plomada'], 'mark-line' => ['nivel o láser', 'cinta', 'lápiz'], 'prove-line' => ['taco de medida o plantilla', 'cinta'],
        'bore-wall' => ['taladro', 'brocas de menor a mayor', 'marca en la broca', 'detector'], 'board-up' => ['puntales', 'nivel', 'atornillador'], 'board-fix' => ['atornillador, embrague bajo'], 'rail-up' => ['puntales', 'carraca', 'nivel'],
        'rail-true' => ['carraca, a mano', 'nivel largo'], 'hang' => ['mantas', 'un ayudante'], 'discs-in' => ['destornillador, a mano'], 'set-stops' => ['llave', 'cinta'], 'buffer' => ['atornillador'], 'set-catches' => ['llave'],
        'mark-guide' => ['plomada o nivel', 'cinta', 'lápiz'], 'fix-guide' => ['taladro', 'destornillador, a mano'], 'prove-run' => ['cinta', 'nivel', 'un peso conocido'], 'paint-patch' => ['brocha', 'pintura de pared'],
        'make-good' => ['masilla', 'brocha', 'trapo'], 'hand-over' => ['esta hoja'],
    ],
    'cards' => [
        'choose' => 'Mirar, medir, elegir', 'box' => 'Abrir la caja', 'leaf' => 'La puerta en el banco', 'bench' => 'Tablero y carril en el banco', 'ready' => 'Preparar', 'line' => 'Marcar y comprobar la línea', 'carries' => 'Lo que sostiene el carril',
        'rail' => 'Subir el carril', 'hang' => 'Colgar y ajustar', 'finish' => 'Comprobar y entregar',
    ],
    'of' => ['left' => 'izquierda', 'right' => 'derecha', 'rear' => 'trasera', 'front' => 'delantera', 'coat' => 'mano :n'],
    'after' => [
        'dry' => ':step, y :minutes minutos de secado', 'cure' => ':step, y :hours horas de secado', 'kit' => ':step, y el herraje entregado', 'leaf' => ':step, y la puerta entregada', 'board' => ':step, y el tablero entregado',
    ],
    'minutes' => ':n min',
    'hours' => ':n h',
];
