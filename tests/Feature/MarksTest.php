<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Record\Log;
use App\Words\FieldWords;
use App\Words\StepWords;
use Tests\Demo;
use YokeLine\Work\Step;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->url = "/doorways/{$this->doorway->id}";
    $this->set = fn (string $place, string $value) => $this->post("{$this->url}/marks/changes", [
        'place' => $place,
        'value' => $value,
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertOk();
});

test('the wall is marked from one hook', function () {
    $this->get("{$this->url}/marks/runs")
        ->assertOk()
        ->assertSee('Hook at the left corner, run to the right');
});

test('a chosen hook and direction are kept to', function () {
    ($this->set)('marking.pulls.wall[0]', 'corner-r left');

    $this->get("{$this->url}/marks/runs")
        ->assertSee('Hook at the right corner, run to the left')
        ->assertDontSee('Hook at the left corner');
});

test('a chosen pull that does not reach is helped by another', function () {
    ($this->set)('marking.pulls.wall[0]', 'jamb-r right')
        ->assertSee('1.  Hook at', false)
        ->assertSee('2.  Hook at', false)
        ->assertSee('Hook at the right jamb, run to the right');
});

test('a pull that is let go is found anew', function () {
    ($this->set)('marking.pulls.wall[0]', 'corner-r left');
    $this->post("{$this->url}/marks/changes", [
        'place' => 'marking.pulls.wall[0]',
        'remove' => 1,
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertSee('Hook at the left corner, run to the right');
});

test('a board and a rail are measured from the end that is chosen', function (string $tape, string $reading) {
    ($this->set)("marking.pulls.{$tape}[0]", 'end-r left')
        ->assertSee('Hook at the right end, run to the left')
        ->assertSee($reading);
})->with([['board', "1\u{202f}133"], ['rail', "1\u{202f}974"]]);

test('a tape that is too short for any three pulls says what to do', function () {
    ($this->set)('marking.tape', '100')->assertSee('No tape hooked like this reaches every mark.');
});

test('what is chosen of the marking stays with the doorway and can be undone', function () {
    ($this->set)('marking.tape', '3 m');
    expect($this->doorway->refresh()->revision->document->get('marking.tape'))->toBe('3000');
    $this->post("{$this->url}/undo", ['station' => 'rail']);

    expect($this->doorway->refresh()->revision->document->get('marking.tape'))->toBeNull();
});

test('a length that does not read keeps its text and says why', function () {
    ($this->set)('marking.tape', 'about six')
        ->assertSee('“about six” is not a length')
        ->assertSee('value="about six"', escape: false);
});

test('a nudge moves a marking length by one step', function () {
    $this->post("{$this->url}/marks/line/changes", [
        'place' => 'marking.packing',
        'nudge' => 1,
        'base' => $this->doorway->revision_id,
    ])->assertOk();

    expect($this->doorway->refresh()->revision->document->get('marking.packing'))->toBe('13');
});

test('a height is one level, places, or a laser, as it is chosen', function (string $chosen, string $says) {
    ($this->set)('brief.rules.heights', $chosen)->assertSee($says);
})->with([
    ['level', 'carry that height along with a level'],
    ['places', 'Measure at 9 places: the floor falls'],
    ['laser', 'Set the laser anywhere'],
]);

test('a laser line at the high spot gives one offset for the whole wall', function () {
    ($this->set)('brief.rules.heights', 'laser');
    ($this->set)('marking.laser', '1191')->assertSeeInOrder(['Rail line', "1\u{202f}000", 'above the laser']);
});

test('a mark ticked off stays ticked', function () {
    $this->post("{$this->url}/marks/ticks", ['mark' => 'wall/rail-l', 'made' => 1])->assertOk();

    $page = (string) $this->get("{$this->url}/marks/runs")->getContent();

    expect(preg_match_all('/form-check-input"\s+checked/', $page))->toBe(1);
});

test('a mark that is ticked and then untied is not made, and the log has both', function () {
    $this->post("{$this->url}/marks/ticks", ['mark' => 'wall/rail-l', 'made' => 1]);
    $this->post("{$this->url}/marks/ticks", ['mark' => 'wall/rail-l', 'made' => 0]);

    expect(LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'mark')->count())
        ->toBe(2)
        ->and($this->get("{$this->url}/marks/runs")->getContent())
        ->not->toMatch('/form-check-input"\s+checked/');
});

test('a mark made before the plan moved says so', function () {
    $this->post("{$this->url}/marks/ticks", ['mark' => 'wall/open-l', 'made' => 1]);
    ($this->set)('brief.rules.heights', 'level');
    $this->post("{$this->url}/leaf/changes", [
        'place' => 'brief.rules.park',
        'value' => '-20',
        'base' => $this->doorway->refresh()->revision_id,
    ]);

    $this->get("{$this->url}/marks/runs")->assertSee(
        'Moved since it was marked: it was 20 further on. Rub that one out.',
    );
});

test('a mark that does not exist is not ticked', function () {
    $this->post("{$this->url}/marks/ticks", ['mark' => 'wall/nowhere', 'made' => 1])->assertNotFound();

    expect(LogEntry::query()->where('doorway_id', $this->doorway->id)->count())->toBe(0);
});

test('a proof of the line says whether to drill', function (string $read, string $says) {
    $this->post("{$this->url}/marks/line", ['way' => 'laid-out', 'read' => $read])
        ->assertOk()
        ->assertSee($says);
})->with([
    ['2179', 'Agrees.'],
    ['2176', 'Look again: measure once more before drilling.'],
    ['2170', 'Wrong: do not drill. The line is 9 too high.'],
]);

test('every reading of a proof is kept, the last one counts', function () {
    foreach (['2170', '2179'] as $read) {
        $this->post("{$this->url}/marks/line", ['way' => 'laid-out', 'read' => $read]);
    }

    expect(
        LogEntry::query()
            ->where('doorway_id', $this->doorway->id)
            ->orderBy('id')
            ->get()
            ->map(fn (LogEntry $entry) => [$entry->data['read'], $entry->data['verdict']])
            ->all(),
    )
        ->toBe([['2170', 'wrong'], ['2179', 'agrees']])
        ->and($this->get("{$this->url}/marks/line")->getContent())
        ->toContain('Agrees.');
});

test('a proof that does not read keeps its text, says why, and logs nothing', function () {
    $this->post("{$this->url}/marks/line", ['way' => 'packing', 'read' => 'about six'])
        ->assertSee('“about six” is not a length')
        ->assertSee('value="about six"', escape: false);

    expect(LogEntry::query()->where('doorway_id', $this->doorway->id)->count())->toBe(0);
});

test('the log is never changed and never shrinks', function (Closure $harm) {
    $entry = (new Log($this->doorway))->add('mark', 'wall/rail-l', ['made' => true, 'place' => '730.5'], 'Ada');

    expect(fn () => $harm($entry))->toThrow(LogicException::class);
})->with([
    'changed' => [fn (LogEntry $entry) => $entry->update(['who' => 'Someone else'])],
    'taken out' => [fn (LogEntry $entry) => $entry->delete()],
]);

test('an entry sent twice stands once', function () {
    $log = new Log($this->doorway);
    $log->add('mark', 'wall/rail-l', ['made' => true, 'place' => '730.5'], 'Ada', 'a-phone-1');
    $log->add('mark', 'wall/rail-l', ['made' => true, 'place' => '730.5'], 'Ada', 'a-phone-1');

    expect(LogEntry::query()->where('doorway_id', $this->doorway->id)->count())->toBe(1);
});

test('the order of work tells why a step comes after another', function () {
    $this->get("{$this->url}/site/order")
        ->assertOk()
        ->assertSee('38 steps')
        ->assertSee(StepWords::why(new Step('prove-line', 1, 0, 'wall', [])));
});

test('leaf and parts show every leaf, the bits in steps, and what is held which way round', function () {
    $this->get("{$this->url}/marks/door")
        ->assertOk()
        ->assertSee('3 → 7 → 10')
        ->assertSee('Standoff: wide foot to the board.')
        ->assertSee('Stop: buffer towards the door.')
        ->assertSee('face 157 from the left end of the rail');
});

test('each leaf of a pair has its card, and each stop its drawing', function () {
    $page = $this->get('/doorways/'.Doorway::query()->where('name', 'Map archive')->value('id').'/marks/door')
        ->assertOk()
        ->assertSee('Left door, opens to the left')
        ->assertSee('Right door, opens to the right')
        ->getContent();

    expect(substr_count($page, 'At the stop: the rail seen from the front'))->toBe(4);
});

test('a hole outside the solid members is a finding, with a cure that takes it away', function () {
    $this->post("{$this->url}/size-card/changes", [
        'place' => 'brief.leaf.solid[0][0]',
        'value' => '0',
        'base' => $this->doorway->refresh()->revision_id,
    ]);
    $this->post("{$this->url}/size-card/changes", [
        'place' => 'brief.leaf.solid[0][1]',
        'value' => '80',
        'base' => $this->doorway->refresh()->revision_id,
    ]);

    $this->get("{$this->url}/marks/door")->assertSee('Outside every solid member:');
    $this->get("{$this->url}/door/size")->assertSee('holes are outside the solid parts of the door');
});

test('the size card nudges a length instead of losing it', function () {
    $this->post("{$this->url}/size-card/changes", [
        'place' => 'brief.in_hand.width',
        'value' => '968',
        'base' => $this->doorway->revision_id,
    ]);
    $this->post("{$this->url}/size-card/changes", [
        'place' => 'brief.in_hand.width',
        'nudge' => -2,
        'base' => $this->doorway->refresh()->revision_id,
    ]);

    expect($this->doorway->refresh()->revision->document->get('brief.in_hand.width'))->toBe('966');
});

test('one who changes a list that another has changed is told on the marks page', function () {
    $before = $this->doorway->revision_id;
    $this->post("{$this->url}/leaf/changes", ['place' => 'brief.leaf.thickness', 'value' => '42', 'base' => $before]);
    $this->flushSession();

    $this->post("{$this->url}/marks/changes", [
        'place' => 'marking.tape',
        'value' => '3000',
        'base' => $before,
    ])->assertSee('changed '.lcfirst(FieldWords::label('brief.leaf.thickness')).' in the meantime');
});
