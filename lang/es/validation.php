<?php

declare(strict_types=1);

// Por qué se rechaza un campo de una página, donde la página no lo dice mejor.
return [
    'required' => 'Rellene este campo.',
    'string' => 'Escriba aquí un texto.',
    'file' => 'Elija un archivo.',
    'uploaded' => 'El archivo no llegó completo. Inténtelo de nuevo.',
    'in' => 'Elija una de las opciones ofrecidas.',
    'enum' => 'Elija una de las opciones ofrecidas.',
    'max' => ['string' => 'Escriba como máximo :max letras.', 'file' => 'El archivo pasa de :max kB.'],
];
