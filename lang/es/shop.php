<?php

declare(strict_types=1);

// Presupuestos, materiales, pedidos y el plan del día.
return [
    'closes-less-tightly' => 'Una puerta corredera cierra menos que una de bisagras: por los cantos pasan luz, ruido y olores.',
];
