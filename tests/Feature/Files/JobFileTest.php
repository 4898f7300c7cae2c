<?php

declare(strict_types=1);

use App\Files\JobArchive;
use App\Files\JobArrival;
use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\Model;
use App\Models\Offer;
use App\Models\Receipt;
use App\Models\SupplyOrder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Begun;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;

/* A job as a ZIP, each of what it holds by itself: brought in again it is there as it was. */

beforeEach(function () {
    $this->travelTo('2027-03-01 09:30:00');
    $this->doorway = Begun::doorway('kiln-room');
    $this->job = $this->doorway->job;
});

/** @param  ?Closure(Document): Document  $changed  what `job.json` says */
function broughtInAgain(Job $job, ?Closure $changed = null): Job
{
    $path = JobArchive::write($job->refresh());
    if ($changed !== null) {
        $zip = new ZipArchive();
        $zip->open($path);
        $file = Document::fromJson((string) $zip->getFromName('job.json'));
        $zip->addFromString('job.json', $changed($file)->toJson());
        $zip->close();
    }
    test()->travelTo('2027-05-20 16:00:00');
    try {
        return JobArrival::read($path)->refresh();
    } finally {
        unlink($path);
    }
}

/** @return array<string, mixed> its columns but for what names the row */
function withoutNumbers(Model $row, string ...$numbers): array
{
    return array_diff_key($row->refresh()->getAttributes(), array_flip(['id', 'updated_at', ...$numbers]));
}

test('what was offered, when, and who took it', function (?string $by, ?string $at) {
    $offer = Offer::create([
        'doorway_id' => $this->doorway->id, 'revision_id' => $this->doorway->revision_id, 'cents' => 99_900,
        'accepted_by' => $by, 'accepted_at' => $at,
    ]);
    $again = broughtInAgain($this->job)->doorways()->firstOrFail();
    $came = Offer::query()->where('doorway_id', $again->id)->sole();

    expect(withoutNumbers($came, 'doorway_id', 'revision_id'))
        ->toBe(withoutNumbers($offer, 'doorway_id', 'revision_id'))
        ->and($came->revision->doorway_id)->toBe($again->id)
        ->and($came->revision->number)->toBe($offer->revision->number);
})->with(['taken' => ['R. Okafor', '2027-03-04 08:00:00'], 'not yet' => [null, null]]);

test('what was ordered, when, and what came of it', function (bool $isAnswered) {
    $order = SupplyOrder::create([
        'job_id' => $this->job->id, 'reference' => 'kiln-yard-1', 'lines' => ['kit' => 1, 'board' => 2.5],
        'is_answered' => $isAnswered,
    ]);
    $this->travelTo('2027-03-09 11:00:00');
    $receipts = [];
    foreach ([['received', 2.5], ['returned', 1.0]] as [$kind, $count]) {
        $receipts[] = Receipt::create([
            'order_id' => $order->id, 'delivery' => 'd-1', 'key' => 'board', 'count' => $count, 'kind' => $kind,
        ]);
    }
    $again = broughtInAgain($this->job);
    $came = SupplyOrder::query()->where('job_id', $again->id)->sole();

    expect(withoutNumbers($came, 'job_id', 'reference'))->toBe(withoutNumbers($order, 'job_id', 'reference'))
        ->and($came->receipts->map(fn (Receipt $one) => withoutNumbers($one, 'order_id'))->all())
        ->toBe(array_map(fn (Receipt $one) => withoutNumbers($one, 'order_id'), $receipts));
})->with(['answered' => [true], 'not answered' => [false]]);

test('an order is not asked for twice: beside the first a copy has a reference of its own', function () {
    SupplyOrder::create(['job_id' => $this->job->id, 'reference' => 'kiln-yard-1', 'lines' => ['kit' => 1]]);
    $path = JobArchive::write($this->job);
    $beside = JobArrival::read($path);
    JobArrival::discard($this->job->id);
    JobArrival::discard($beside->id);
    $alone = JobArrival::read($path);
    unlink($path);

    $reference = fn (Job $job) => SupplyOrder::query()->where('job_id', $job->id)->value('reference');
    expect($reference($alone))->toBe('kiln-yard-1');
    expect($reference(broughtInAgain($alone)))->not->toBe('kiln-yard-1');
});

test('an order from before orders told when is of the day it comes in', function () {
    SupplyOrder::create(['job_id' => $this->job->id, 'reference' => 'kiln-yard-1', 'lines' => ['kit' => 1]]);
    $again = broughtInAgain($this->job, fn (Document $file) => $file->without('orders[0].at'));

    expect(SupplyOrder::query()->where('job_id', $again->id)->sole()->created_at->toDateTimeString())
        ->toBe('2027-05-20 16:00:00');
});

test('its days: which doorways, in what order, and what stands where', function () {
    $second = Begun::doorway('loading-bay');
    $second->update(['job_id' => $this->job->id]);
    $stand = ['at' => 600, 'crew' => [0]];
    $this->job->forceFill([
        'day_plan' => [
            'crew' => 3,
            'doorways' => [$second->id, $this->doorway->id, 424_242],
            'stands' => ["{$second->id}/box-check" => $stand, '424242/box-check' => $stand],
        ],
    ])->save();
    $again = broughtInAgain($this->job);
    [$first, $other] = $again->doorways()->orderBy('id')->pluck('id')->all();

    expect($again->day_plan)->toBe([
        'crew' => 3,
        'doorways' => [$other, $first],
        'stands' => ["{$other}/box-check" => $stand],
    ]);
});

test('a job that has no days has none again', function () {
    expect(broughtInAgain($this->job)->day_plan)->toBeNull();
});

test('what was put away, and when', function (?string $job, ?string $doorway) {
    $this->job->forceFill(['archived_at' => $job])->save();
    $this->doorway->forceFill(['archived_at' => $doorway])->save();
    $again = broughtInAgain($this->job);
    $moment = fn (?Carbon $at) => $at?->toDateTimeString();

    expect($moment($again->archived_at))->toBe($job)
        ->and($moment(Doorway::query()->where('job_id', $again->id)->sole()->archived_at))->toBe($doorway);
})->with([
    'nothing' => [null, null],
    'the job' => ['2027-02-01 10:00:00', null],
    'a doorway' => [null, '2027-02-02 11:00:00'],
]);

test('the house rules of the job, and why', function () {
    HouseRule::create(['job_id' => $this->job->id, 'method' => 'gap', 'value' => '10 mm', 'why' => 'Felt.']);
    $again = broughtInAgain($this->job);

    expect(HouseRule::query()->where('job_id', $again->id)->get(['method', 'value', 'why'])->toArray())
        ->toBe([['method' => 'gap', 'value' => '10 mm', 'why' => 'Felt.']]);
});

test('every change, what it takes back, who made it and when', function () {
    $this->post("/doorways/{$this->doorway->id}/leaf/changes", [
        'place' => 'brief.rules.gap', 'value' => '11', 'base' => $this->doorway->revision_id,
    ]);
    $this->travelTo('2027-03-02 14:00:00');
    $this->post("/doorways/{$this->doorway->id}/undo", ['station' => 'leaf']);
    $told = function (Doorway $doorway): array {
        $numbers = $doorway->revisions()->pluck('number', 'id');

        return $doorway->revisions()->orderBy('number')->get()->map(fn ($one) => [
            ...withoutNumbers($one, 'doorway_id', 'browser', 'user_id', 'uid'),
            'parent_id' => $numbers[$one->parent_id] ?? null,
            'undoes' => $numbers[$one->undoes] ?? null,
        ])->all();
    };
    $before = $told($this->doorway);

    expect(array_column($before, 'undoes'))->toBe([null, null, 2])
        ->and($told(broughtInAgain($this->job)->doorways()->firstOrFail()))->toBe($before);
});

test('a job that went out before jobs had a unit speaks as its first doorway does', function () {
    $inches = Begun::doorway('in throwing-room');
    $again = broughtInAgain($inches->job, fn (Document $file) => $file->without('units'));

    expect($again->units->value)->toBe('in')
        ->and(DB::table('jobs')->where('id', $again->id)->value('arriving_since'))->toBeNull();
});

test('what is missing of an order or an offer is named, and nothing of the job stays', function (
    string $place,
    mixed $value,
    string $named,
) {
    SupplyOrder::create(['job_id' => $this->job->id, 'reference' => 'kiln-yard-1', 'lines' => ['kit' => 1]]);
    Offer::create([
        'doorway_id' => $this->doorway->id, 'revision_id' => $this->doorway->revision_id, 'cents' => 99_900,
    ]);
    $problems = [];
    try {
        broughtInAgain($this->job, fn (Document $file) => $file->with($place, $value));
    } catch (UnreadableFile $refused) {
        $problems = array_keys($refused->problems);
    }

    expect($problems)->toBe([$named])->and(DB::table('jobs')->count())->toBe(1);
})->with([
    'an order without a reference' => ['orders[0].reference', '', 'orders[0]'],
    'an order of words' => ['orders[0].lines.kit', 'one', 'orders[0]'],
    'an offer of a change that is not there' => ['doorways[0].offers[0].change', 77, 'doorways[0].offers[0]'],
    'an offer of no money' => ['doorways[0].offers[0].cents', 'much', 'doorways[0].offers[0]'],
    'a rule that no house has' => [
        'rules', [(object) ['method' => 'colour', 'value' => 'red']], 'rules[0].method',
    ],
]);
