<?php

declare(strict_types=1);

// Quotes, materials, orders and the day plan.
return [
    'closes-less-tightly' => 'A sliding door closes less tightly than a hinged one: light, sound and smells pass at its edges.',
];
