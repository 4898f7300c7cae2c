<?php

declare(strict_types=1);

// Lo que significa una medida de una puerta que ya se tiene.
return [
    'measure' => 'Falta por medir: :what.',
    'measure-thickness' => 'Mídalo en los dos colgadores: puede variar.',
    'none-works' => 'Aquí no sirve ninguna medida (:what). :because.',
    'too-little' => 'Faltan :short_up: el mínimo es :least. :because.',
    'serves' => ':size sirve como está.',
    'too-much' => 'Sobran :over_up: el máximo es :greatest y solo se pueden quitar :trim por canto. :because.',
    'too-much-untold' => 'Sobran :over_up: el máximo es :greatest y no está anotado cuánto se puede recortar. :because.',
    'trim' => 'Recorte :half_fine en cada uno de los dos cantos, :over_up en total; se admiten :trim por canto. Selle los cantos cortados.',
    'kit-takes' => 'Grueso de :is: el herraje admite de :least a :greatest.',
    'spacer' => 'Ponga un suplemento de :short_up detrás de cada separador: quedarían :clearance detrás de la puerta y hacen falta :wanted.',
    'washers' => 'Ponga arandelas de :by_fine bajo el colgador donde mide :thin, para que las dos cuelguen en línea.',
    'under-nuts' => 'Arandelas bajo las tuercas ciegas: :packs.',
    'weigh' => 'Pésela.',
    'too-heavy' => ':mass: :by aguanta :most.',
    'carried' => ':mass de :most.',
    'knock' => 'Golpee los largueros y la parte alta para saber dónde es maciza. Aún no se sabe.',
    'not-solid' => 'El colgador del canto :edge, a :at, no tiene nada macizo alrededor de sus pernos.',
    'solid' => 'Los dos colgadores tienen macizo alrededor de sus pernos.',
];
