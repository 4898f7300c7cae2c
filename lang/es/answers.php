<?php

declare(strict_types=1);

// Cómo se llama cada respuesta de un campo que tiene pocas; '' es sin responder.
$noYes = ['no' => 'no', 'yes' => 'sí'];
$ends = ['corner' => 'esquina', 'open' => 'extremo libre'];
$handle = ['none' => 'ninguno', 'bar' => 'barra', 'cup' => 'concha', 'flush' => 'embutido'];
$purpose = ['' => 'sin decir', 'sight' => 'intimidad', 'sound' => 'ruido', 'light' => 'luz', 'space' => 'espacio', 'looks' => 'aspecto'];

return [
    'units' => ['mm' => 'milímetros', 'in' => 'pulgadas'],
    'survey.wall.ends.left' => $ends,
    'survey.wall.ends.right' => $ends,
    'survey.wall.lining.kind' => ['gypsum' => 'placa de yeso', 'plank' => 'entablado', 'plaster' => 'yeso', 'tile' => 'azulejo', 'masonry' => 'obra de fábrica'],
    'survey.opening.is' => ['doorway' => 'un hueco de paso', 'niche' => 'un nicho', 'screen' => 'un tramo de pared'],
    'survey.opening.was' => ['none' => 'ninguna', 'hinged-in' => 'de bisagras, hacia este cuarto', 'hinged-out' => 'de bisagras, hacia fuera', 'folding' => 'plegable'],
    'survey.floor.finish' => [
        '' => 'sin decir', 'board' => 'tarima', 'tile' => 'baldosa', 'stone' => 'piedra', 'concrete' => 'hormigón', 'carpet' => 'alfombra', 'laminate' => 'laminado', 'vinyl' => 'vinilo',
    ],
    'survey.floor.drillable' => $noYes,
    'survey.hazards[].kind' => ['cable' => 'cable', 'pipe' => 'tubería', 'gas' => 'tubería de gas'],
    'survey.hazards[].moved' => ['no' => 'se queda', 'yes' => 'se desvía'],
    'survey.obstacles[].kind' => [
        'switch' => 'interruptor', 'socket' => 'enchufe', 'thermostat' => 'termostato', 'vent' => 'rejilla', 'radiator' => 'radiador', 'shelf' => 'estante', 'furniture' => 'mueble',
    ],
    'survey.obstacles[].moved' => ['no' => 'se queda', 'yes' => 'se quita'],
    'survey.solids[].kind' => ['blocking' => 'refuerzo', 'lintel' => 'dintel'],
    'brief.purpose' => $purpose,
    'brief.hang' => ['single' => 'una', 'biparting' => 'dos, se juntan', 'bypass' => 'dos, se cruzan'],
    'brief.opens' => ['left' => '← izquierda', 'right' => 'derecha →'],
    'brief.leaf.construction.kind' => [
        '' => 'sin decir', 'softwood' => 'madera blanda maciza', 'hardwood' => 'madera dura maciza', 'mdf' => 'tablero de fibras', 'plywood' => 'contrachapado', 'chipboard' => 'aglomerado', 'hollow' => 'hueca',
    ],
    'brief.pulls.front.kind' => $handle,
    'brief.pulls.wall.kind' => $handle,
    'brief.backing' => [
        'header' => 'un tablero de soporte', 'direct' => 'la pared', 'auto' => 'la pared, o si no un tablero', 'site-drilled' => 'agujeros nuevos en los montantes', 'masonry' => 'obra de fábrica',
        'toggle' => 'la pared, con tacos basculantes',
    ],
    'brief.header.align' => ['centred' => 'en el centro', 'rail-low' => 'bajo en el tablero', 'on-casing' => 'tablero sobre el tapajuntas'],
    'brief.header.reach' => ['overrun' => 'más allá del carril', 'rail' => 'igual que el carril', 'wall' => 'de pared a pared'],
    'brief.rules.cover' => ['opening' => 'más que las jambas', 'casing' => 'el tapajuntas', 'just-enough' => 'lo justo'],
    'brief.rules.surplus' => ['trailing' => 'trasero', 'even' => 'ambos', 'leading' => 'delantero'],
    'brief.rules.reach' => ['head' => 'más que el dintel', 'casing-top' => 'hasta lo alto del tapajuntas', 'above-casing' => 'por encima del tapajuntas'],
    'brief.rules.sizes' => ['stock' => 'de almacén, si sirve', 'made-to-order' => 'por encargo'],
    'brief.rules.parked' => ['no' => 'se desliza', 'yes' => 'se queda donde está'],
    'brief.rules.rail_reach' => ['needed' => 'lo necesario', 'wall' => 'toda la pared'],
    'brief.rules.open_end' => ['stop' => 'un tope en el carril', 'buffer' => 'un tope de goma en la pared'],
    'brief.rules.jump_discs' => ['two' => 'dos', 'one' => 'uno'],
    'brief.rules.soft_close' => ['auto' => 'si cabe', 'off' => 'sin él'],
    'brief.rules.washers' => $noYes,
    'brief.rules.line_found' => [
        'worked-out' => 'calculada y luego comprobada', 'laid-out' => 'puerta y carril tendidos en el suelo', 'packing' => 'la puerta sobre calzos junto a la pared', 'template' => 'una plantilla sobre el tapajuntas',
    ],
    'brief.rules.height_means' => ['hole' => 'centro de los agujeros', 'top' => 'parte alta del carril', 'foot' => 'parte baja del carril'],
    'brief.rules.heights' => ['level' => 'una marca y un nivel', 'places' => 'una medida en cada marca', 'laser' => 'un láser'],
    'brief.rules.wheels' => ['quiet' => 'de plástico, silenciosas', 'steel' => 'de acero'],
    'brief.rules.guide' => ['kit' => 'la del herraje', 'fin' => 'aleta en una ranura', 'shoe' => 'zapata en el suelo', 'roller' => 'rodillo en la pared'],
    'brief.rules.groove' => ['full' => 'de lado a lado', 'stopped' => 'no llega al canto delantero'],
    'brief.rules.guide_touch' => ['clear' => 'libre en todo el recorrido', 'touching' => 'toca en los dos extremos'],
    'brief.rules.wall_pull' => ['flush' => 'embutido', 'proud' => 'saliente, apartado de la jamba por fondo o por un tope'],
    'brief.rules.holes_found' => [
        'readings' => 'medidas de cinta y comprobación con el carril', 'held-up' => 'el propio carril como plantilla', 'bench' => 'marcados en el tablero en el banco', 'from-first' => 'desde el primer tornillo, marcados por el carril',
    ],
    'brief.rules.first_bolt' => ['ends' => 'un extremo y luego el otro', 'middle' => 'el del medio', 'across' => 'de un lado al otro'],
    'brief.rules.tightened' => ['level-then' => 'todos sueltos, a nivel, y de lado a lado', 'each' => 'cada uno al ponerlo', 'from-middle' => 'todos sueltos, y del medio hacia fuera'],
    'brief.rules.board_held' => ['helper' => 'un ayudante', 'props' => 'puntales', 'tacked' => 'clavos provisionales'],
    'brief.rules.old_leaf' => ['auto' => 'antes si estorba, si no al final', 'first' => 'antes', 'last' => 'al final, tras una prueba'],
    'brief.rules.leaf_holes' => ['play' => 'con 0,5 a 1 de juego', 'tight' => 'justos'],
    'brief.rules.finish' => ['before' => 'antes de colgarla', 'in-place' => 'ya colgada'],
    'brief.rules.looks' => ['wall' => 'como la pared, masillado', 'leaf' => 'como la puerta', 'capped' => 'con tapones', 'coloured' => 'cabezas pintadas antes'],
    'brief.rules.trim' => ['shared' => 'repartido entre cantos opuestos', 'one-edge' => 'de un solo canto'],
    'brief.rules.props' => ['no' => 'un ayudante', 'yes' => 'puntales'],
    'brief.rules.trial' => ['no' => 'de fiar', 'yes' => 'se prueba antes'],
    'marking.rail_up' => ['no' => 'no está puesto', 'yes' => 'está puesto'],
    'marking.pulls.board' => ['end-l right' => 'extremo izquierdo', 'end-r left' => 'extremo derecho'],
    'marking.pulls.rail' => ['end-l right' => 'extremo izquierdo', 'end-r left' => 'extremo derecho'],
    'kit.units' => ['mm' => 'milímetros', 'in' => 'pulgadas'],
    'kit.hang' => ['single' => 'una puerta', 'single, biparting' => 'una puerta, o dos que se juntan', 'biparting' => 'dos puertas que se juntan', 'bypass' => 'dos puertas que se cruzan'],
    'kit.height.datum' => ['hole' => 'el centro del agujero', 'rail-top' => 'la parte alta del carril', 'rail-foot' => 'la parte baja del carril', 'wheel-top' => 'la parte alta de la rueda'],
    'kit.rail.material' => ['steel' => 'acero', 'stainless' => 'acero inoxidable', 'aluminium' => 'aluminio'],
    'kit.rail.cuttable' => $noYes,
    'kit.rail.holes.free' => $noYes,
    'kit.hanger.style' => ['face-strap' => 'pletina en la cara', 'top-plate' => 'placa en el canto superior'],
    'kit.stop.style' => ['clamp-on' => 'de abrazadera', 'collar' => 'de collar', 'slide-on' => 'deslizante', 'drilled' => 'taladrado', 'buffer' => 'de goma en la pared'],
    'kit.stop.passes_standoffs' => $noYes,
    'kit.guide.style' => ['t-fin' => 'aleta en una ranura', 'double-fin' => 'dos aletas', 'u-shoe' => 'zapata', 'wall-roller' => 'rodillo en la pared'],
];
