<?php

declare(strict_types=1);

use App\Models\Doorway;
use Tests\Demo;
use YokeLine\Catalog\Catalog;
use YokeLine\Inspection\Verdict;

beforeEach(function () {
    Demo::load();
});

/** The demo's doorway of that name. */
function doorwayNamed(string $name): Doorway
{
    return Doorway::query()->where('name', $name)->firstOrFail();
}

test('what decides an order and nobody has answered keeps a doorway from fitting', function () {
    $store = doorwayNamed('Slip store');
    $setout = $store->setout(null);

    expect($setout->verdict())->toBe(Verdict::FitsIf)->and($setout->assumed())->toContain('survey.opening.was');
    $this->get("/doorways/{$store->id}/wall/measure")
        ->assertSee('It fits, on assumptions.')
        ->assertSee('It is so');
});

test('one tap says that what is usual is so, and the last of them makes it fit', function () {
    $store = doorwayNamed('Slip store');
    $usual = [];
    foreach ($store->setout(null)->assumed() as $place) {
        $field = Catalog::whole()->at($place);
        $usual[$place] = $field->usual ?? '0';
    }
    $this->post("/doorways/{$store->id}/wall/changes", [
        'changes' => json_encode($usual),
        'base' => $store->revision_id,
    ])->assertOk();

    expect($store->refresh()->setout(null)->assumed())
        ->toBe([])
        ->and($store->setout(null)->verdict())
        ->toBe(Verdict::Fits);
});

test('quote and order ask for what nobody has answered', function (string $page) {
    $store = doorwayNamed('Slip store');

    $this->get(strtr($page, ['{doorway}' => "doorways/{$store->id}", '{job}' => "jobs/{$store->job_id}"]))
        ->assertOk()
        ->assertSee('never answered');
})->with(['/{doorway}/papers/quote', '/{job}/materials']);

test('a doorway begun like an earlier one keeps its choices and rules, and is measured anew, in any job', function () {
    $kiln = doorwayNamed('Kiln room');
    $other = App\Models\Job::create(['name' => 'Barn']);
    $this->post("/doorways/{$kiln->id}/pattern", ['name' => 'Drying shed', 'job' => $other->id])->assertRedirect();
    $like = doorwayNamed('Drying shed');
    $document = $like->revision->document;

    expect($like->job_id)
        ->toBe($other->id)
        ->and($document->get('brief.kit'))
        ->toBe($kiln->revision->document->get('brief.kit'))
        ->and($document->get('brief.header.thickness'))
        ->toBe($kiln->revision->document->get('brief.header.thickness'))
        ->and($document->get('survey.wall.to'))
        ->toBeNull()
        ->and($document->get('brief.in_hand'))
        ->toBeNull()
        ->and($like->verdict)
        ->toBe('unmeasured');
});

test('a doorway cannot be begun in a job that is not there', function () {
    $kiln = doorwayNamed('Kiln room');
    $this->post("/doorways/{$kiln->id}/pattern", ['name' => 'Shed', 'job' => 0])->assertSessionHasErrors('job');

    expect(Doorway::query()->where('name', 'Shed')->exists())->toBeFalse();
});
