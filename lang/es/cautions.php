<?php

declare(strict_types=1);

// Lo que puede hacer daño a alguien: primero el peligro y después el remedio.
return [
    'mass' => 'La puerta pesa :mass: levántela y cuélguela entre :people, con las manos lejos del carril y las ruedas.',
    'mass-assumed' => 'La puerta pesa unos :mass si es de pino macizo; pésela. Levántela y cuélguela entre :people, con las manos lejos del carril y las ruedas.',
    'lift' => 'Levante entre :people, con las manos lejos del carril y las ruedas.',
    'ladder' => 'El carril se puede caer al subirlo. Trabaje desde una escalera o plataforma en suelo firme, entre dos, o con puntales que lo sostengan antes de soltarlo.',
    'props' => 'Se puede caer. Escalera o plataforma en suelo firme; dos personas, o puntales antes de soltar.',
    'drill-masonry' => 'Taladrar mampostería: protéjase los ojos y los oídos y use mascarilla.',
    'drill-wall' => 'Taladrar y cortar: protéjase los ojos y los oídos, y use mascarilla con tableros, revestimientos y pintura vieja, que pueden tener plomo o amianto.',
    'dust' => 'Protéjase los ojos y los oídos, y use mascarilla con tableros y pintura vieja.',
    'old-paint' => 'La pintura y los revestimientos viejos pueden tener plomo o amianto.',
    'lintel' => 'El dintel sostiene la pared sobre el hueco: taládrelo solo donde dice el plano, ni más grande ni más hondo. Si hay duda, pregunte a un técnico de estructuras.',
    'no-hazard' => 'Aquí no hay anotado ningún cable ni tubo. Rastree la pared antes de cualquier agujero y corte la corriente o el agua antes de abrirla.',
    'hazard' => 'En esta pared hay un cable o un tubo. No taladre cerca; moverlo es trabajo de electricista o fontanero.',
    'search' => 'Rastree antes la pared por si hay cables y tubos; corte la corriente o el agua antes de abrirla.',
    'glass' => 'El vidrio roto corta: el de la puerta tiene que ser de seguridad.',
    'heated' => '¿Es un suelo radiante? Entonces no taladre la guía en él.',
    'discs' => 'Sin los discos la puerta se puede salir del carril. Gírelos hacia dentro antes de soltarla.',
    'until-discs' => 'Hasta que estén los discos, la puerta se puede salir del carril.',
    'fingers' => 'Los dedos se pueden pillar en la jamba y en los topes. Piense en los niños.',
    'fingers-here' => 'Los dedos se pueden pillar en la jamba y en los topes.',
    'fixings' => 'Use las fijaciones que dice el fabricante. Nunca pruebe colgándose del carril: tire de la puerta hacia abajo con un peso conocido.',
    'known-weight' => 'Nunca pruebe colgándose del carril: tire de la puerta hacia abajo con un peso conocido.',
    'local' => 'Las normas de incendio, evacuación, intimidad y ancho accesible son locales. Estructura, electricidad y fuego son para quien tiene licencia.',
    'hinge' => 'La puerta se cae al soltar la última bisagra: cálcela.',
    'dead' => 'Compruebe con un aparato que no hay corriente, o cierre el agua con el grifo abierto, y evite que otros la vuelvan a dar.',
    'open-wall' => 'Protéjase los ojos y use mascarilla. Los revestimientos viejos pueden tener amianto y la pintura vieja plomo: mándelos analizar antes.',
    'licensed' => 'Trabajo de electricista o fontanero. Corte antes la corriente o el agua.',
    'children' => 'Los dedos se pueden pillar en la jamba y en los topes. Enséñeselo a los niños y no les deje columpiarse en la puerta.',
    'nothing-hung' => 'No cuelgue nada de la puerta ni del carril.',
];
