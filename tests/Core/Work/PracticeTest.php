<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Holding\Anchoring;
use YokeLine\Inspection\FindingCode;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\RunningMarks;
use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Stock\Materials;
use YokeLine\Work\After;
use YokeLine\Work\Order;
use YokeLine\Work\RunCheck;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\Step;

/** The kiln room as a house does it that answers so. @param  array<string, mixed>  $rules */
function practised(array $rules, string $name = 'kiln-room', array $changes = []): Plan
{
    $changes = [...$changes, ...array_combine(
        array_map(fn (string $rule) => "brief.rules.{$rule}", array_keys($rules)),
        $rules,
    )];

    return Doorways::plan($name, $changes);
}

/** @return array<string, list<string>> what each step comes after */
function afters(Plan $plan): array
{
    return array_map(
        fn (Step $step) => array_map(fn (After $after) => $after->step, $step->after),
        Order::of($plan)->steps,
    );
}

/** @return array<string, float> how many of what is bought, by kind and sizes in mm */
function bought(Plan $plan, MaterialKind ...$kinds): array
{
    $found = [];
    foreach (Materials::of($plan) as $material) {
        if ($kinds === [] || in_array($material->id->kind, $kinds, true)) {
            $sizes = array_map(fn (Length $size) => $size->toMm(), $material->id->sizes);
            $found[implode(' ', [$material->id->kind->value, ...$sizes])] = $material->count;
        }
    }

    return $found;
}

/** @param  list<TapeMark>  $marks @return list<string> */
function kindsOf(array $marks): array
{
    return array_map(fn (TapeMark $mark) => (string) $mark->id, $marks);
}

test('laid out on the floor, the leaf’s foot to the hole is read before the line is marked', function () {
    $plan = practised(['line_found' => 'laid-out']);
    $step = Order::of($plan)->steps['lay-out'];

    expect([$step->people, $step->minutes, $step->at])
        ->toBe([2, 15, 'bench'])
        ->and(afters($plan)['mark-line'])
        ->toContain('lay-out')
        ->and(SiteMeasurements::at($step, $plan)[0]->planned->nm)
        ->toBe($plan->heights->leaf->size->total->plus($plan->kit->rise)->nm);
});

test('stood on packing, the leaf is at the wall before the line is marked, and the packing is had', function () {
    $plan = practised(['line_found' => 'packing']);
    $step = Order::of($plan)->steps['mark-line'];

    expect($step->people)
        ->toBe(2)
        ->and(bought($plan, MaterialKind::Packing))
        ->toBe(['packing 12' => 1.0]);
});

test('a template is cut as high as the line is over the casing', function () {
    $level = ['survey.opening.height' => [2062, 2062, 2062], 'survey.floor.readings' => []];
    $plan = practised(['line_found' => 'template'], changes: $level);
    $high = $plan->yokeLine()->minus($plan->heights->casingTop->total)->toMm();

    expect(afters($plan)['mark-line'])
        ->toContain('cut-template')
        ->and(bought($plan, MaterialKind::Template))
        ->toBe(["template {$high}" => 1.0]);
});

test('a template is asked about where the head is not level, or has no casing', function (
    array $changes,
    ?string $how,
) {
    $setout = Doorways::setout(changes: ['brief.rules.line_found' => 'template', ...$changes]);
    $found = array_values(
        array_filter($setout->findings, fn ($finding) => $finding->code === FindingCode::TemplateNotLevel),
    );

    expect($found[0]->how ?? null)->toBe($how);
})->with([
    'level within 2' => [['survey.opening.height' => [2062, 2063], 'survey.floor.readings' => []], null],
    'out of level' => [['survey.opening.height' => [2062, 2066], 'survey.floor.readings' => []], 'out'],
    'no casing' => [['survey.opening.casing.head' => 0, 'survey.floor.readings' => []], 'none'],
]);

test('a rail held up is the template of its holes: no reading is taken for them', function () {
    $plan = practised(['holes_found' => 'held-up']);
    $steps = Order::of($plan)->steps;

    expect(Tapes::board($plan))
        ->toBe([])
        ->and($steps)
        ->not->toHaveKey('mark-board')
        ->and([$steps['rail-held']->people, $steps['rail-held']->minutes, $steps['rail-held']->at])
        ->toBe([2, 10, 'wall'])
        ->and([$steps['bore-board']->at, afters($plan)['bore-board']])
        ->toBe(['wall', ['rail-held']])
        ->and(afters($plan)['rail-up'])
        ->toContain('bore-board');
});

test('from the first hole the others are bored through the rail, and two are asked for at the end', function () {
    $plan = practised(['holes_found' => 'from-first', 'first_bolt' => 'middle']);
    $holes = array_filter(kindsOf(Tapes::board($plan)), fn (string $kind) => str_starts_with($kind, 'hole'));
    $checks = array_filter(RunCheck::of($plan), fn (RunCheck $check) => str_starts_with($check->id, 'through'));

    expect($holes)
        ->toHaveCount(1)
        ->and(afters($plan)['rail-up'])
        ->toContain('bore-through')
        ->and(afters($plan)['bore-through'])
        ->toBe(['rail-held'])
        ->and($checks)
        ->toHaveCount(2);
});

test('a board that is bored by itself has the rail’s ends on it alone', function () {
    $wall = kindsOf(Tapes::wall(practised(['holes_found' => 'bench'])));

    expect($wall)->toContain('board-l', 'board-r')->not->toContain('rail-l');
});

test('a board is held by two, by props, or by nails', function (string $held, int $long, int $people, array $bought) {
    $plan = practised(['board_held' => $held], changes: $long === 0 ? [] : [
        'brief.header.overrun' => 0,
        'brief.rules.park' => -300,
        'brief.rules.rail_reach' => 'needed',
        'brief.leaf.width' => 900,
        'brief.kit' => 'flat-40-strap',
    ]);
    $kinds = [MaterialKind::Prop, MaterialKind::Wedge, MaterialKind::Brad];

    expect(Order::of($plan)->steps['board-up']->people)
        ->toBe($people)
        ->and(array_map(fn (string $what) => strtok($what, ' '), array_keys(bought($plan, ...$kinds))))
        ->toBe($bought);
})->with([
    'a helper' => ['helper', 0, 2, []],
    'props' => ['props', 0, 1, ['prop', 'prop', 'wedge']],
    'nails, a long board' => ['tacked', 0, 2, ['brad']],
]);

test('the props reach from the floor to the board, less their wedges', function () {
    $plan = practised(['board_held' => 'props']);
    $header = $plan->header;
    $lengths = array_keys(bought($plan, MaterialKind::Prop));
    $expected = array_map(
        fn (int $n) => 'prop '.
            $header->foot->total
                ->minus(
                    $plan->floor->at($header->span->low->plus($header->span->length()->scaled($n, 4))),
                    Length::mm(5),
                )
                ->toMm(),
        [1, 3],
    );

    expect($lengths)->toBe($expected);
});

test('finished in place, the leaf is coated after its final checks, and made good when that is hard', function () {
    $plan = practised(['finish' => 'in-place']);
    $steps = Order::of($plan)->steps;
    $good = array_values(array_filter($steps['make-good']->after, fn (After $after) => $after->lag === 'cure'));

    expect([$steps['coat-leaf.1']->at, afters($plan)['coat-leaf.1']])
        ->toBe(['wall', ['prove-run']])
        ->and(afters($plan)['fit-hangers'])
        ->toBe(['bore-leaf', 'groove'])
        ->and($good[0]->step)
        ->toBe('coat-leaf.2')
        ->and(bought($plan, MaterialKind::MaskingFilm))
        ->toBe(['masking-film' => 1.0])
        ->and(array_search('coat-leaf.1', array_keys($steps), true))
        ->toBeGreaterThan(array_search('prove-run', array_keys($steps), true));
});

test('board and screw heads look as they were chosen to', function (string $looks, ?string $step, array $bought) {
    $plan = practised(['looks' => $looks]);
    $usual = practised([]);
    $new = array_diff(array_keys(Order::of($plan)->steps), array_keys(Order::of($usual)->steps));
    $screws = count(Anchoring::of($plan)->header->fixings ?? []);

    expect(array_values($new))
        ->toBe($step === null ? [] : [$step])
        ->and($step === null ? 0 : Order::of($plan)->steps[$step]->minutes)
        ->toBe($step === null ? 0 : 10 + $screws)
        ->and(array_values(array_diff(array_keys(bought($plan)), array_keys(bought($usual)))))
        ->toEqualCanonicalizing($bought);
})->with([
    ['unsaid', null, []],
    ['wall', 'fill-heads', ['wall-paint', 'sandpaper', 'filler']],
    ['leaf', 'stain-heads', ['stain']],
    ['capped', 'cap-heads', ['screw-cap']],
    ['coloured', 'spray-heads', ['spray-paint']],
]);

test('sprayed heads are dry before they are driven', function () {
    expect(afters(practised(['looks' => 'coloured']))['board-fix'])->toContain('spray-heads');
});

test('a tight hole in the leaf is a millimetre less than the kit’s sheet has it', function () {
    $bits = fn (string $holes) => array_map(
        fn (Length $bit) => $bit->toMm(),
        Drilling::of($plan = practised(['leaf_holes' => $holes]), $plan->onlyLeaf())[0]->bits,
    );
    $play = $bits('play');
    $tight = $bits('tight');

    expect(end($tight))->toBe(end($play) - 1.0);
});

test('a leaf that is too large is trimmed off both edges alike, or all off one', function (string $trim, array $off) {
    $plan = practised(['trim' => $trim], changes: ['brief.in_hand' => ['width' => 974, 'height' => 2143]]);

    $trims = Drilling::trims($plan, $plan->onlyLeaf());

    expect(array_map(fn (array $one) => [$one[0], $one[1]->toMm()], $trims))->toBe($off);
})->with([
    ['shared', [['leading', 4.0], ['trailing', 5.0], ['top', 2.0], ['foot', 3.0]]],
    ['one-edge', [['trailing', 9.0], ['foot', 5.0]]],
]);

test('a groove that touches is a millimetre narrower, with felt in it', function () {
    $clear = practised([]);
    $touching = practised(['guide_touch' => 'touching']);
    $wide = fn (Plan $plan) => $plan->onlyLeaf()->guide->grooveWidth->toMm();
    $checks = fn (Plan $plan) => array_map(fn (RunCheck $check) => $check->id, RunCheck::of($plan));

    expect([$wide($clear), $wide($touching)])
        ->toBe([6.5, 5.5])
        ->and(bought($touching, MaterialKind::Felt))
        ->toBe(['felt' => 1.0])
        ->and($checks($touching))
        ->toContain('touches')
        ->not->toContain('air');
});

test('a groove stops short by half the stile, sixty at most', function (int $stile, float $from) {
    $plan = practised(['groove' => 'stopped'], changes: ['brief.leaf.stile' => $stile]);

    expect($plan->onlyLeaf()->guide->grooveFrom->toMm())->toBe($from);
})->with([[100, 50.0], [120, 60.0], [160, 60.0]]);

test('a groove that the open leaf’s guide would leave is found by how much it lacks', function () {
    $plan = practised(['groove' => 'stopped']);
    $leaf = $plan->onlyLeaf();
    $near = $leaf->guide->at->minus($leaf->run->open()->low)->minus($plan->kit->guide->length->half());
    $wanted = $leaf->guide->grooveFrom->plus(Length::mm(5));
    $found = array_values(
        array_filter(
            Doorways::setout(changes: ['brief.rules.groove' => 'stopped'])->findings,
            fn ($finding) => $finding->code === FindingCode::GrooveStoppedShort,
        ),
    );

    expect($near->isUnder($wanted))
        ->toBeTrue()
        ->and([$found[0]->with['near']->nm, $found[0]->with['wanted']->nm])
        ->toBe([$near->nm, $wanted->nm]);
});

test('the height that this house means is said first, the others beside it', function (string $means, float $off) {
    $plan = practised(['height_means' => $means]);
    $heights = $plan->lineHeights();

    expect(array_key_first($heights))
        ->toBe($means)
        ->and($heights)
        ->toHaveCount(3)
        ->and($heights[$means]->total->minus($plan->yokeLine())->toMm())
        ->toBe($off);
})->with([['hole', 0.0], ['top', 20.0], ['foot', -20.0]]);

test('the rule of thumb is twice the opening with its casings', function () {
    expect(practised([])->railByThumb()->toMm())->toBe(2 * (864.0 + 2 * 70.0));
});

test('what is read up from a plate says so, and is less by its thickness; from the floor it is not', function (
    array $floor,
    string $datum,
    float $less,
) {
    $floor = ['finish' => 'carpet', 'pile' => 12, ...$floor, 'readings' => []];
    $plan = practised([], changes: ['survey.floor' => $floor]);
    $asks = SiteMeasurements::at(Order::of($plan)->steps['rail-true'], $plan);

    expect($plan->doorway->survey->datum()->value)
        ->toBe($datum)
        ->and($plan->yokeLine()->minus($asks[0]->planned)->toMm())
        ->toBe($less)
        ->and($asks[0]->called()->with['from']->value)
        ->toBe($datum);
})->with([
    'no plate' => [[], 'floor', 0.0],
    'a plate' => [['plate' => 6], 'plate', 6.0],
    'a plate that is not stood on' => [['plate' => 6, 'datum' => 'floor'], 'floor', 0.0],
    'a plate that is' => [['plate' => 6, 'datum' => 'plate'], 'plate', 6.0],
]);

test('one catch or two: strokes, triggers, what is bored and what the box must hold follow', function (
    string $catches,
    int $strokes,
    array $triggers,
) {
    $plan = practised(['soft_close' => $catches]);
    $leaf = $plan->onlyLeaf();
    $bored = array_values(array_filter(Drilling::of($plan, $leaf), fn (Drilling $row) => $row->kind === 'trigger'));
    $marks = array_values(
        array_filter(kindsOf(Tapes::across($plan, $leaf)), fn (string $mark) => str_starts_with($mark, 'trigger')),
    );

    expect($plan->kit->softClose->strokes()->toMm())
        ->toBe(66.0 * $strokes)
        ->and($marks)
        ->toBe($triggers)
        ->and($bored[0]->count)
        ->toBe($strokes);
})->with([
    'two' => ['auto', 2, ['trigger-lead', 'trigger-trail']],
    'one, shut' => ['shut', 1, ['trigger-lead']],
    'one, open' => ['open', 1, ['trigger-trail']],
]);

test('a bypass rail shows its line and the rows of its brackets over it', function () {
    $plan = Doorways::plan('reclaim-bay');
    $rows = array_values(
        array_filter(RunningMarks::heights($plan), fn ($mark) => in_array($mark->id->kind, ['yoke', 'row'], true)),
    );

    expect(array_map(fn ($mark) => $mark->id->kind, $rows))
        ->toBe(['yoke', 'row', 'row'])
        ->and($rows[1]->at->minus($plan->yokeLine())->nm)
        ->toBe($plan->kit->bracket->rows[0]->nm);
});

test('a rail on a line alone has no rows', function () {
    expect(RunningMarks::rows(Doorways::plan()))->toBe([]);
});
