<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\Document;
use YokeLine\Format\LeafMadeWriter;
use YokeLine\Making\Fin;
use YokeLine\Making\Making;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Length;
use YokeLine\Planning\Mass;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/** Lists have no order that counts: each in the order of what is in it. */
function inAnyOrder(mixed $value): mixed
{
    if (! is_array($value)) {
        return is_int($value) ? (float) $value : $value;
    }
    $value = array_map(inAnyOrder(...), $value);
    if (array_is_list($value) && isset($value[0]) && is_array($value[0])) {
        usort($value, fn (array $a, array $b) => json_encode($a) <=> json_encode($b));
    } elseif (! array_is_list($value)) {
        ksort($value);
    }

    return $value;
}

/** @return list<string> where two differ, to a millionth */
function differs(mixed $expected, mixed $found, string $at = ''): array
{
    if (is_float($expected) && is_float($found)) {
        return abs($expected - $found) > 2e-6 ? ["{$at}: {$expected} was wanted, {$found} came"] : [];
    }
    if (! is_array($expected) || ! is_array($found)) {
        return $expected === $found ? [] : ["{$at}: ".json_encode($expected).' was wanted, '.json_encode($found).' came'];
    }
    $all = [];
    foreach (array_unique([...array_keys($expected), ...array_keys($found)]) as $key) {
        array_push($all, ...differs($expected[$key] ?? null, $found[$key] ?? null, "{$at}.{$key}"));
    }

    return $all;
}

/** @return array{document: array<string, mixed>, result: array{leaf_made: array<string, mixed>}} */
function publishedLeaf(string $name): array
{
    return json_decode(
        (string) file_get_contents(__DIR__."/../Support/leaf/{$name}.json"),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
}

function planOfPublished(string $name): Plan
{
    $document = Document::fromJson(json_encode(publishedLeaf($name)['document'], JSON_THROW_ON_ERROR));

    return Setout::quick($document, Doorways::kits())->plan ?? throw new RuntimeException('It is not planned.');
}

test('a published leaf comes out', function (string $name) {
    $made = LeafMadeWriter::write(planOfPublished($name));

    expect(differs(inAnyOrder(publishedLeaf($name)['result']['leaf_made']), inAnyOrder($made)))->toBe([]);
})->with(['throwing-room', 'slip-store', 'engine-hall']);

test('a published leaf in inches comes out for the bite that it was published with', function () {
    $plan = planOfPublished('valve-gallery');
    $wanted = $plan->making->leaf->wanted ?? throw new RuntimeException('It is not built.');
    $fin = $wanted->fin ?? throw new RuntimeException('It has no fin.');
    // It was worked with a gap of 12 mm and off the tape's grid; a doorway in inches has 1/2 in, on the grid.
    $bite = Length::nm(11_717_227);
    $as = Wanted::of(
        $wanted->sizes,
        $plan->doorway->brief,
        $plan->kit,
        $wanted->width,
        $wanted->height,
        $wanted->hangersAt,
        $wanted->holes,
        new Fin($fin->blade, $bite, $fin->grooveWidth, $fin->grooveDepth),
        $plan->heights->gap->low,
    );
    $made = $plan->doorway->brief->leaf->made ?? throw new RuntimeException('It is not built.');
    $published = publishedLeaf('valve-gallery')['result']['leaf_made'];
    $found = (array) LeafMadeWriter::write(new Plan(
        $plan->doorway,
        $plan->kit,
        $plan->room,
        $plan->layout,
        $plan->floor,
        $plan->heights,
        $plan->rail,
        $plan->header,
        $plan->depths,
        $plan->guides,
        Mass::of($plan->doorway->brief, $wanted->width, $wanted->height, $plan->thickness, 25.454212),
        $plan->thickness,
        $plan->place,
        Making::of($made, $as, ['leaf']),
    ));
    unset($published['hangers'], $found['hangers']);

    expect(differs(inAnyOrder($published), inAnyOrder($found)))->toBe([]);
});
