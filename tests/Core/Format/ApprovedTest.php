<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Format\AnchoringWriter;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\LeafMadeWriter;
use YokeLine\Format\MarksWriter;
use YokeLine\Format\PlanWriter;
use YokeLine\Format\UnreadableFile;
use YokeLine\Format\WorkWriter;
use YokeLine\Holding\Anchoring;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/* What is written of a doorway. */

Approved::ofDoorways('Format', [
    'plan' => fn (Plan $plan, Setout $setout) => PlanWriter::write($plan, $setout->findings),
    'work' => fn (Plan $plan) => WorkWriter::write($plan),
    'marks' => fn (Plan $plan) => MarksWriter::write($plan),
    'leaf' => fn (Plan $plan) => LeafMadeWriter::write($plan),
    'anchoring' => fn (Plan $plan) => AnchoringWriter::write(Anchoring::of($plan)),
], ['kiln-room', 'map-archive', 'in throwing-room', 'kiln-room framed', 'kiln-room joined']);

/** @return list<string> a doorway as it is read, or why it is not */
function readLines(array $changes): array
{
    try {
        return Approved::lines(get_object_vars(DoorwayReader::read(Doorways::around($changes))));
    } catch (UnreadableFile $refused) {
        return ['refused', ...Approved::lines($refused->problems)];
    }
}

foreach (['survey', 'brief', 'marking'] as $part) {
    test("what each field of {$part} makes of a doorway is as it was approved", function () use ($part) {
        $made = [];
        foreach (Catalog::whole()->of($part) as $path => $field) {
            $place = str_replace('[]', '[0]', $path);
            $usual = readLines(Doorways::madeAround($place));
            foreach (Doorways::toldAt($field) as $value) {
                $made["{$path} ".json_encode($value)] = array_values(array_diff(readLines([$place => $value]), $usual));
            }
        }
        Approved::holds("Format/read/{$part}", $made);
    });
}
