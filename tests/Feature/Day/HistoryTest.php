<?php

declare(strict_types=1);

use App\Day\History;
use App\Day\JobDays;
use App\Models\Doorway;
use App\Record\Log;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Begun;

/* How long this house takes, against what is planned: bringing a leaf in is planned with ten minutes. */

/** @param  array<string, string>  $steps  when each was told, by step; what was skipped begins with a minus */
function toldOnSite(Doorway $doorway, array $steps): Doorway
{
    foreach ($steps as $step => $at) {
        $state = str_starts_with($step, '-') ? 'skipped' : 'done';
        (new Log($doorway))->add('step', ltrim($step, '-'), ['state' => $state], 'Ana', at: Carbon::parse($at));
    }

    return $doorway;
}

/** @param  list<string>  $at  when the leaf was in, at so many doorways whose box was checked at eight */
function leavesIn(array $at): void
{
    foreach ($at as $when) {
        toldOnSite(Begun::doorway('kiln-room'), ['box-check' => '2026-11-02 08:00', 'leaf-in' => $when]);
    }
}

test('what three doorways took is how long it takes here', function () {
    leavesIn(array_fill(0, 3, '2026-11-02 08:15'));

    expect(History::factors())->toBe(['leaf-in' => 1.5]);
});

test('what two doorways took says nothing yet', function () {
    leavesIn(array_fill(0, 2, '2026-11-02 08:15'));

    expect(History::factors())->toBe([]);
});

test('of several the middle one counts, so that one odd day makes no rule', function (array $minutes, float $factor) {
    $from = Carbon::parse('2026-11-02 08:00');
    leavesIn(array_map(fn (int $one) => $from->copy()->addMinutes($one)->toDateTimeString(), $minutes));

    expect(History::factors())->toBe(['leaf-in' => $factor]);
})->with([
    'one long day' => [[12, 200, 9], 1.2], 'never more than twice' => [[90, 80, 70], 2.0],
    'never less than half' => [[2, 3, 4], 0.5],
]);

test('what lies between two steps and is no work is left out', function (array $steps) {
    foreach (range(1, 3) as $one) {
        toldOnSite(Begun::doorway('kiln-room'), $steps);
    }

    expect(History::factors())->toBe([]);
})->with([
    'a night' => [['box-check' => '2026-11-02 23:50', 'leaf-in' => '2026-11-03 00:05']],
    'half a day' => [['box-check' => '2026-11-02 08:00', 'leaf-in' => '2026-11-02 12:00']],
    'all told at once, afterwards' => [['box-check' => '2026-11-02 08:00', 'leaf-in' => '2026-11-02 08:01']],
    'what was skipped' => [['box-check' => '2026-11-02 08:00', '-leaf-in' => '2026-11-02 08:15']],
    'a step that the plan does not have' => [['box-check' => '2026-11-02 08:00', 'none' => '2026-11-02 08:15']],
]);

test('only the forty doorways that were worked at last count', function (int $since, array $factors) {
    leavesIn(array_fill(0, 3, '2026-11-02 08:15'));
    foreach (range(1, $since) as $one) {
        toldOnSite(Begun::doorway('kiln-room'), ['box-check' => '2026-11-01 08:00']);
    }

    expect(History::factors())->toBe($factors);
})->with([[37, ['leaf-in' => 1.5]], [38, []]]);

test('a doorway that cannot be planned any more tells nothing', function () {
    leavesIn(array_fill(0, 3, '2026-11-02 08:15'));
    Doorway::query()->firstOrFail()->job->doorways()->each(
        fn (Doorway $doorway) => DB::table('revisions')->where('id', $doorway->revision_id)->update([
            'document' => (string) $doorway->revision->document->with('brief.kit', 'gone')->without('kits')->toJson(),
        ]),
    );

    expect(History::factors())->toBe([]);
});

test('what a house takes stands in its days', function () {
    leavesIn(array_fill(0, 3, '2026-11-02 08:20'));
    $planned = Begun::doorway('kiln-room');
    $placed = (new JobDays($planned->job))->plan->placed;
    $minutes = array_column(array_column($placed, 'task'), 'minutes', 'id');

    expect($minutes["{$planned->id}/leaf-in"])->toBe(20)->and($minutes["{$planned->id}/box-check"])->toBe(10);
});
