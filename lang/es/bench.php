<?php

declare(strict_types=1);

// Las páginas en las que se prepara un hueco: grupos de campos, filas de varios, notas y lo que se puede añadir.
return [
    'stations' => ['wall' => 'Pared', 'leaf' => 'Puerta', 'rail' => 'Carril', 'anchors' => 'Anclajes'],
    'groups' => [
        'wall' => 'Pared', 'opening' => 'Hueco', 'base' => 'Pie de la pared', 'floor' => 'Niveles del suelo', 'studs' => 'Montantes', 'things' => 'En la pared y delante de ella', 'hazards' => 'Dentro de la pared',
        'purpose' => 'Para qué es', 'hang' => 'Cómo cuelga', 'leaf' => 'Puerta', 'stock' => 'Medidas de almacén',
        'kit' => 'Herraje', 'carries' => 'Qué sostiene el carril', 'rail' => 'Carril y topes', 'room' => 'Holguras',
        'alternatives' => 'Otras maneras de fijarlo', 'wood' => 'Madera', 'anchor' => 'Anclaje, según su ficha', 'solids' => 'Madera entre montantes',
        'tapes' => 'A lo largo de la pared', 'other-tapes' => 'Otras cintas', 'heights' => 'Alturas', 'check' => 'Comprobar la línea',
        'plus-minus' => 'Más o menos', 'in-hand' => 'La puerta tal como llegó',
        'kit-sheet' => 'Herraje', 'kit-height' => 'De lo alto de la puerta al carril', 'kit-rail' => 'Carril', 'kit-standoff' => 'Separador y tornillo', 'kit-hanger' => 'Colgador', 'kit-stop' => 'Tope',
        'kit-guide' => 'Guía de suelo', 'kit-disc' => 'Disco antidescarrile y cierre amortiguado', 'kit-two' => 'Dos carriles', 'kit-box' => 'En la caja',
    ],
    'notes' => [
        'wall' => 'Se mide a lo largo de la pared desde la esquina izquierda o desde su raya de lápiz.',
        'floor' => 'En las dos jambas y hasta donde llegue la puerta. Hacia arriba es más, desde cualquier línea a nivel.',
        'studs' => 'Sus centros, con la misma cinta.',
        'things' => 'Arrástrelos en el dibujo, o muévalos con las flechas.',
        'hazards' => 'Las alturas son desde el suelo. Cerca de ellos no se taladra nada.',
        'stock' => 'Las medidas que tiene su almacén. Bórrelas para encargar cada puerta a medida.',
        'anchors' => 'Arrastre el carril dentro de su margen, o muévalo con las flechas. ↺ deja que halle su lugar.',
        'wood' => 'Donde no se dice nada, se toma abeto ligero.',
        'solids' => 'Dinteles y refuerzos. Los montantes se ponen en Pared.',
        'tapes' => 'La medida que usted elige se queda. Solo se añaden otras donde no alcanza.',
        'laser' => 'Lo que lee la cinta hasta el láser en el punto alto.',
        'check' => 'Dónde se comprueba a lo largo de la pared, y sobre qué está la puerta.',
        'plus-minus' => '¿Qué cinta, qué nivel? Un nivel barato acierta a 2 mm en un hueco; un láser, a menos de 1 mm.',
        'in-hand' => 'Las piezas macizas de la puerta se miden desde su canto delantero.',
        'kit-height' => 'Tal como lo dice la hoja, y hasta dónde se mide.',
        'kit-rise' => 'Son :rise hasta el centro del agujero. La línea del carril se calcula desde ahí.',
        'kit-box' => 'Lo que no está en la caja se compra.',
    ],
    'rows' => [
        'from-to' => 'Desde, hasta', 'ends' => 'Extremos', 'crown' => 'Moldura del techo', 'lining' => 'Revestimiento', 'width' => 'Ancho', 'height' => 'Alto', 'casing' => 'Tapajuntas', 'baseboard' => 'Rodapié', 'carpet' => 'Alfombra',
        'floor-level' => 'Nivel :n', 'stud' => 'Montante :n', 'thing' => 'Objeto :n', 'solid' => 'Refuerzo :n', 'purpose' => 'Primero, después', 'board' => 'Tablero de soporte', 'studs' => 'Montantes', 'plank' => 'Entablado',
        'size' => 'Medida', 'run' => 'Medida de cinta :n', 'thickness' => 'Grosor', 'member' => 'Pieza :n', 'kit-height' => 'Altura hasta', 'top-gap' => 'Holgura superior', 'section' => 'Sección', 'bolt' => 'Tornillo', 'wheel' => 'Rueda',
        'disc' => 'Disco antidescarrile', 'soft-close' => 'Cierre amortiguado', 'part' => 'Pieza :n', 'leaf-thickness' => 'Grosor de puerta',
    ],
    'links' => [
        'readings' => 'Importar medidas de una tabla', 'ways' => 'Opciones que aquí servirían', 'rules' => 'Normas de la casa en este hueco', 'size-card' => 'Ficha de medidas, y una puerta ya a mano', 'sweep' => 'Buscar montantes en la pared',
    ],
    'offers' => ['add' => '+ :what', 'lintel' => '+ dintel sobre el hueco', 'holds' => '✓ :what. :costs.', 'does-not-hold' => '✗ :what. :costs.'],
    'not-said' => 'sin decir',
    'least-hooked' => 'con los menos enganches posibles',
    'hook-to' => ['left' => ':hook, hacia la izquierda', 'right' => ':hook, hacia la derecha'],
];
