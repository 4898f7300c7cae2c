<?php

declare(strict_types=1);

/* Writes down what is said of every faulty doorway, for DiagnosisTest. */

use Tests\Core\Support\Diagnosis;
use Tests\Core\Support\Doorways;

require __DIR__.'/../../../vendor/autoload.php';

$write = fn (mixed $what): string => json_encode(
    $what,
    JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
);
$doorways = [];
foreach (Doorways::faults() as $name => $fault) {
    $findings = array_map($write, Diagnosis::of(Doorways::faulty($fault[1], $fault[2] ?? [])));
    $doorways[] = "{$write($name)}: [\n  ".implode(",\n  ", $findings)."\n]";
}
// A finding a line, so that one reads what differs.
file_put_contents(__DIR__.'/diagnoses.json', "{\n".implode(",\n", $doorways)."\n}\n");
