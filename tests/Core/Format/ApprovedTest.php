<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Told;
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
        return Told::lines(get_object_vars(DoorwayReader::read(Doorways::around($changes))));
    } catch (UnreadableFile $refused) {
        return ['refused', ...Told::lines($refused->problems)];
    }
}

foreach (['survey', 'brief', 'marking'] as $part) {
    foreach (Approved::together(Catalog::whole()->of($part)) as $which => $fields) {
        test("what {$which} makes of a doorway is as it was approved", function () use ($which, $fields) {
            $made = [];
            foreach ($fields as $field) {
                $place = str_replace('[]', '[0]', $field->path);
                $usual = readLines(Doorways::madeAround($place));
                foreach (Doorways::toldAt($field) as $value) {
                    $made["{$field->path} ".json_encode($value)] = array_values(
                        array_diff(readLines([$place => $value]), $usual),
                    );
                }
            }
            Approved::holds("Format/read/{$which}", $made);
        });
    }
}

test('of an anchor that is told whole all is read, and of one that lacks a number nothing', function () {
    $anchor = ['kind' => 'sleeve', 'diameter' => 10, 'embedment' => 50, 'tension_N' => 2000, 'shear_N' => 3000];
    $read = ['whole' => readLines(['brief.anchor' => (object) $anchor])];
    foreach (array_keys($anchor) as $key) {
        $read["without {$key}"] = readLines(['brief.anchor' => (object) array_diff_key($anchor, [$key => true])]);
    }
    $usual = readLines([]);

    Approved::holds('Format/anchors', array_map(fn (array $is) => array_values(array_diff($is, $usual)), $read));
});
