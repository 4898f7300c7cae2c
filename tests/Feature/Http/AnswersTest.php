<?php

declare(strict_types=1);

use App\Firm\Role;
use App\Http\Packed;
use App\Models\ShelfPart;
use Tests\Begun;

/* What an answer says besides its page. */

test('what is packed says so, and so does what was unpacked for whoever does not take it', function () {
    $packed = new Packed(Packed::pack('A page.'));
    $plain = $packed->unpacked();

    expect($packed->headers->get('Content-Encoding'))->toBe('gzip')
        ->and($packed->headers->get('Vary'))->toBe('Accept-Encoding')
        ->and($packed->headers->get('Content-Length'))->toBe((string) strlen((string) $packed->getContent()))
        ->and($plain->getContent())->toBe('A page.')
        ->and($plain->headers->get('Content-Encoding'))->toBeNull()
        ->and($plain->headers->get('Vary'))->toBe('Accept-Encoding');
});

test('what comes as a file is called after its job', function (string $name, string $file) {
    $job = Begun::doorway('kiln-room')->job;
    $job->update(['name' => $name]);

    expect($this->get("/jobs/{$job->id}/job.zip")->assertOk()->headers->get('Content-Disposition'))
        ->toBe("attachment; filename={$file}");
})->with([
    'a job' => ['Kiln yard, back', 'kiln-yard-back.zip'],
    'a job without a letter' => ['…', 'job.zip'],
]);

test('its days come as a calendar that is called after it', function () {
    $job = Begun::doorway('kiln-room')->job;
    $answer = $this->get("/jobs/{$job->id}/day-plan.ics")->assertOk();

    expect($answer->headers->get('Content-Type'))->toBe('text/calendar; charset=UTF-8')
        ->and($answer->headers->get('Content-Disposition'))->toBe('attachment; filename="kiln-yard.ics"');
});

test('a doorway is named in 1 to 120 letters', function (string $name, ?string $says) {
    $job = Begun::doorway('kiln-room')->job;
    $answer = $this->from('/')->post("/jobs/{$job->id}/doorways", ['name' => $name, 'kind' => 'new']);

    $says === null ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors(['name' => __($says)]);
})->with([
    'as long as it may be' => [str_repeat('ñ', 120), null],
    'longer' => [str_repeat('ñ', 121), 'refusals.name-long'],
    'empty' => ['', 'refusals.doorway-needs-name'],
]);

test('kits, parts and pages are found by a part of their name', function () {
    $part = ShelfPart::query()->firstOrFail();

    $this->get('/?q='.urlencode(mb_strtoupper(mb_substr($part->name, 0, 6))))
        ->assertOk()
        ->assertSee(route('shelf.parts.show', $part), false);
});

test('a person is made what is said, and nothing else is taken for a role', function (mixed $role, Role $is) {
    config(['app.sign_in' => true]);
    $person = somebody(Role::Planner, name: 'Ben');
    $this->actingAs(somebody(Role::Owner))->post("/people/{$person->id}", ['role' => $role]);

    expect($person->refresh()->role)->toBe($is);
})->with([
    'an installer' => ['installer', Role::Installer],
    'no role' => [null, Role::Planner],
    'a word' => ['king', Role::Planner],
]);
