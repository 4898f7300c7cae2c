<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Inspection\Cautions;
use YokeLine\Measure\Message;
use YokeLine\Work\Order;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** @param  list<Message>  $said @return list<string> */
function cautionsIn(array $said): array
{
    return array_map(fn (Message $one) => $one->how, $said);
}

/** @return list<string> what is said at a step of that kind, whether this doorway has one or not */
function cautionsAt(StepKind $kind, array $changes = []): array
{
    return cautionsIn(Cautions::at(new Step($kind->value, 1, 10, 'wall', []), Doorways::plan(changes: $changes)));
}

const GLASS = ['brief.leaf.construction' => ['kind' => 'softwood', 'glass_m2' => 0.4]];

test('where the work can hurt it says how', function (StepKind $kind, array $cautions) {
    expect(cautionsAt($kind, ['survey.floor.finish' => 'oak']))->toBe($cautions);
})->with([
    'the leaf is carried in' => [StepKind::LeafIn, ['lift']],
    'it is stood up' => [StepKind::SquareUp, ['lift']],
    'it is hung' => [StepKind::Hang, ['lift']],
    'it is bored' => [StepKind::BoreLeaf, ['dust']],
    'it is grooved' => [StepKind::Groove, ['dust']],
    'it is trimmed' => [StepKind::TrimLeaf, ['dust']],
    'wood is cut in the shop' => [StepKind::Cut, ['dust']],
    'it is ripped' => [StepKind::Rip, ['dust']],
    'it is planed' => [StepKind::Plane, ['dust']],
    'an infill is cut' => [StepKind::CutInfill, ['dust']],
    'an old door is stripped' => [StepKind::StripOld, ['dust', 'old-paint']],
    'an old door is trimmed' => [StepKind::Trim, ['dust']],
    'a hollow door is cut' => [StepKind::CutFoot, ['dust']],
    'panes go in' => [StepKind::Glaze, ['glass']],
    'the board is cut' => [StepKind::CutBoard, ['dust']],
    'the board is bored' => [StepKind::BoreBoard, ['dust']],
    'the rail is cut' => [StepKind::CutRail, ['dust']],
    'the rail is bored' => [StepKind::BoreRail, ['dust']],
    'a doorway is eased' => [StepKind::Ease, ['dust']],
    'the wall is bored' => [StepKind::BoreWall, ['search', 'old-paint']],
    'the board is fixed' => [StepKind::BoardFix, ['search', 'old-paint']],
    'the board is held up' => [StepKind::BoardUp, ['props']],
    'the rail is held up' => [StepKind::RailUp, ['props']],
    'the old door comes off' => [StepKind::DoorOff, ['hinge']],
    'a cable is made dead' => [StepKind::Isolate, ['dead']],
    'the wall is opened' => [StepKind::OpenWall, ['open-wall']],
    'a cable is moved' => [StepKind::MoveHazard, ['licensed']],
    'the discs go in' => [StepKind::DiscsIn, ['until-discs']],
    'the stops are set' => [StepKind::SetStops, ['fingers-here']],
    'the catches are set' => [StepKind::SetCatches, ['fingers-here']],
    'the run is proved' => [StepKind::ProveRun, ['known-weight']],
    'a line is marked' => [StepKind::MarkLine, []],
]);

test('glass is said wherever a leaf that has some is handled', function (StepKind $kind) {
    expect(cautionsAt($kind, GLASS))->toBe(['lift', 'glass']);
})->with([StepKind::LeafIn, StepKind::SquareUp, StepKind::Hang]);

test('masonry is bored with its own caution', function (StepKind $kind) {
    $masonry = [
        'survey.wall.lining' => ['kind' => 'masonry', 'thickness' => 0],
        'brief.backing' => 'masonry',
        'brief.anchor' => [
            'kind' => 'sleeve', 'diameter' => 10, 'embedment' => 60, 'tension_N' => 900, 'shear_N' => 1500,
        ],
    ];

    expect(cautionsAt($kind, $masonry))->toBe(['drill-masonry', 'old-paint']);
})->with([StepKind::BoreWall, StepKind::BoardFix]);

test('a hard floor may be heated where the guide is fixed', function (string $finish, array $cautions) {
    expect(cautionsAt(StepKind::FixGuide, ['survey.floor.finish' => $finish]))->toBe($cautions);
})->with([
    'tile' => ['tile', ['heated']],
    'stone' => ['stone', ['heated']],
    'concrete' => ['concrete', ['heated']],
    'oak' => ['oak', []],
]);

test('the steps of a job say what can hurt in them', function () {
    $plan = Doorways::plan();
    $said = array_merge(...array_map(
        fn (Step $step) => cautionsIn(Cautions::at($step, $plan)),
        array_values(Order::of($plan)->steps),
    ));

    expect(array_unique($said))->toContain('lift', 'dust', 'search', 'props', 'known-weight');
});

test('how many carry it goes by its mass and its height, two at the least and three at the most', function (
    float $kg,
    int $people,
) {
    expect(Cautions::people(Doorways::plan(changes: ['brief.leaf.mass_kg' => $kg])))->toBe($people);
})->with([[8.0, 2], [40.0, 2], [61.0, 3], [75.0, 3]]);

test('who lives with the door is told of children, of things hung on it and of local rules', function () {
    expect(cautionsIn(Cautions::forCustomer(Doorways::plan())))->toBe(['children', 'nothing-hung', 'local']);
});
