<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use YokeLine\Drawing\OrderGraph;
use YokeLine\Drawing\Shape;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Proof;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\StoryStrip;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Work\Order;
use YokeLine\Work\Step;

const PLANNED = [
    'kiln-room',
    'glaze-store',
    'map-archive',
    'reclaim-bay',
    'slip-store',
    'meter-room',
    'throwing-room',
    'drying-niche',
    'loading-bay',
];

test('every mark is read on some pull, and lies where hook and reading say', function (string $doorway) {
    $plan = Doorways::plan($doorway);
    foreach ([900, 1500, 2600, 5000] as $tape) {
        $pulls = Pulls::of(Tapes::wall($plan), Pulls::hooks($plan), Length::mm($tape), $plan->doorway->step());
        if ($pulls->pulls === []) {
            continue;
        }
        $read = [];
        foreach ($pulls->pulls as $pull) {
            foreach ($pull->readings as $reading) {
                expect($pull->hook->at->plus($reading->reading->times($pull->way))->equals($reading->mark->place))
                    ->toBeTrue()
                    ->and($reading->reading->isOver(Length::mm($tape)))
                    ->toBeFalse()
                    ->and(
                        $reading
                            ->moved()
                            ->absolute()
                            ->isOver($plan->doorway->step()->half()),
                    )
                    ->toBeFalse();
                $read[] = $reading->mark->id->value;
            }
        }
        sort($read);
        $wanted = array_map(fn ($mark) => $mark->id->value, Tapes::wall($plan));
        sort($wanted);

        expect($read)->toBe($wanted)->and($pulls->hookings())->toBeLessThanOrEqual($pulls->naive['hookings']);
    }
})->with(PLANNED);

test('a longer tape is never hooked more often', function (string $doorway) {
    $plan = Doorways::plan($doorway);
    $before = PHP_INT_MAX;
    foreach ([1500, 2600, 5000, 8000] as $tape) {
        $pulls = Pulls::of(Tapes::wall($plan), Pulls::hooks($plan), Length::mm($tape), $plan->doorway->step());
        if ($pulls->pulls !== []) {
            expect($pulls->hookings() + $pulls->carriedHooks())->toBeLessThanOrEqual($before);
            $before = $pulls->hookings() + $pulls->carriedHooks();
        }
    }
    expect($before)->toBeLessThan(PHP_INT_MAX);
})->with(PLANNED);

test('a height read from the floor, put on the floor again, is the plan’s', function (string $doorway) {
    $plan = Doorways::plan($doorway);
    $plate = $plan->doorway->survey->plate ?? Length::zero();
    foreach (Heights::of($plan) as $place) {
        foreach ($place->readings as $reading) {
            expect($reading->reading->plus($place->floor, $plate)->equals($reading->mark->place))->toBeTrue();
        }
    }
})->with(PLANNED);

test('a line drawn right is proved right by every way, one drawn 20 too high by none', function (string $doorway) {
    $plan = Doorways::plan($doorway);
    $at = Heights::highSpot($plan);
    foreach (
        [
            Proof::packing($plan, $at, Length::mm(10)),
            Proof::laidOut($plan),
            Proof::casing($plan, $at),
            Proof::gaugeBlock($plan, $at),
        ] as $proof
    ) {
        $high = $proof->expected->plus(Length::mm(20));
        $low = $proof->expected->minus(Length::mm(20));

        expect($proof->verdict($proof->expected))
            ->toBe('agrees')
            ->and($proof->verdict($high))
            ->toBe('wrong')
            ->and($proof->verdict($low))
            ->toBe('wrong')
            ->and($proof->tooHigh($high)->equals(Length::zero()->minus($proof->tooHigh($low))))
            ->toBeTrue();
    }
})->with(PLANNED);

test('the story strip starts at nought and holds every mark of the wall', function (string $doorway) {
    $plan = Doorways::plan($doorway);
    $strip = StoryStrip::of($plan);
    $marks = array_filter($strip->marks, fn ($mark) => ! str_starts_with($mark->id->value, 'jamb'));

    expect($marks)
        ->toHaveCount(count(Tapes::wall($plan)))
        ->and(Length::least(...array_map(fn ($mark) => $mark->place, $marks))->isZero())
        ->toBeTrue()
        ->and($strip->tiles('A4'))
        ->toBeLessThanOrEqual($strip->tiles('Letter'));
})->with(PLANNED);

test('no step of the order waits for itself, and each before is a step that is there', function (string $doorway) {
    $steps = Order::of(Doorways::plan($doorway))->steps;
    $done = [];
    while (count($done) < count($steps)) {
        $ready = array_filter(
            $steps,
            fn ($step) => ! isset($done[$step->id]) &&
                array_filter($step->after, fn ($after) => ! isset($done[$after->step])) === [],
        );
        if ($ready === []) {
            break;
        }
        $done += $ready;
    }

    expect(array_diff(array_keys($steps), array_keys($done)))->toBe([])->and(array_key_last($steps))->toBe('hand-over');
})->with(PLANNED);

test('the graph of the order lays no step upon another', function (string $doorway) {
    $scene = OrderGraph::of(Order::of(Doorways::plan($doorway)), fn (Step $step) => $step->id, new Plain());
    $boxes = array_map(
        fn (Shape $shape) => "{$shape->attributes['x']} {$shape->attributes['y']}",
        array_filter($scene->shapes, fn (Shape $shape) => str_starts_with($shape->layer, 'step at')),
    );

    expect(array_unique($boxes))->toHaveCount(count($boxes));
})->with(PLANNED);
