<?php

declare(strict_types=1);

// Medidas de las que dependen las holguras, aparte de los campos del documento: tamaños reales, agujeros, marcas.
return [
    'leaf.width' => 'Ancho de la puerta tal como se hizo',
    'leaf.height' => 'Alto de la puerta tal como se hizo',
    'hole.hanger' => 'Agujeros de los colgadores',
    'mark.yoke' => 'Marca de la línea del carril',
    'mark.foot' => 'Marca del pie del tablero',
    'mark.shut' => 'Marca de cerrada',
    'mark.open' => 'Marca de abierta',
    'mark.rail' => 'Marca del carril',
    'mark.guide' => 'Marca de la guía',
    'mark.left.shut' => 'Marca de cerrada, puerta izquierda',
    'mark.left.open' => 'Marca de abierta, puerta izquierda',
    'mark.right.shut' => 'Marca de cerrada, puerta derecha',
    'mark.right.open' => 'Marca de abierta, puerta derecha',
    'mark.left.guide' => 'Marca de la guía izquierda',
    'mark.right.guide' => 'Marca de la guía derecha',
    'mark.rear.shut' => 'Marca de cerrada, puerta trasera',
    'mark.rear.open' => 'Marca de abierta, puerta trasera',
    'mark.front.shut' => 'Marca de cerrada, puerta delantera',
    'mark.front.open' => 'Marca de abierta, puerta delantera',
];
