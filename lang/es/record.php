<?php

declare(strict_types=1);

// El registro de una puerta, la comprobación final y la entrega.
return [
    'does-not-hold' => 'Mal: :what',
    'kinds' => [
        'plan' => 'plan',
        'step' => 'pasos',
        'measured' => 'medidas',
        'mark' => 'marcas',
        'proof' => 'comprobaciones de la línea',
        'found' => 'hallazgos',
        'decision' => 'decisiones',
        'note' => 'notas',
        'photo' => 'fotografías',
        'run' => 'comprobación final',
        'snag' => 'pendientes',
        'signature' => 'firmas',
    ],
    'log' => [
        'step-done' => ':step: hecho',
        'step-skipped' => ':step: omitido',
        'step-open' => ':step: abierto de nuevo',
        'measured' => ':what: :is, previsto :planned',
        'marked' => 'Marcado: :mark',
        'unmarked' => 'Retirado: :mark',
        'proof' => 'Línea comprobada, :way: leído :read, esperado :expected, :verdict',
        'decision' => ':what (:harm). :why',
        'photo' => 'Fotografía',
        'run-holds' => ':what: bien',
        'run-fails' => ':what: mal',
        'run-read-holds' => ':what: :is, esperado :planned, bien',
        'run-read-fails' => ':what: :is, esperado :planned, mal',
        'signature' => 'Firmado por :name',
    ],
    'verdicts' => [
        'agrees' => 'coincide',
        'look-again' => 'mirar otra vez',
        'wrong' => 'mal',
    ],
    'snags' => [
        'open' => 'abierto',
        'settled' => 'resuelto',
        'accepted' => 'aceptado',
    ],
];
