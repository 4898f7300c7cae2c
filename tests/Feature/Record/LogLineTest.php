<?php

declare(strict_types=1);

use App\Editing\Change;
use App\Http\Editor;
use App\Models\Doorway;
use App\Record\Comparison;
use App\Record\Log;
use App\Record\LogLine;
use Illuminate\Support\Carbon;
use Tests\Begun;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/* What happened at a doorway, line by line, and two of its changes beside each other. */

/** @return list<LogLine> the newest first */
function toldLines(Doorway $doorway, string $kind = ''): array
{
    return LogLine::of($doorway->refresh(), new LengthWriter(Unit::Millimetre), $kind);
}

function changed(Doorway $doorway, array $changes): Doorway
{
    (new Change($changes, 'Typed', Editor::named('Ana')))->applyTo($doorway, (int) $doorway->revision_id);

    return $doorway->refresh();
}

test('an entry is told with all that was entered', function (string $kind, string $about, array $data, string $says) {
    $doorway = Begun::doorway('kiln-room');
    (new Log($doorway))->add($kind, $about, $data, 'Ben');
    [$line] = toldLines($doorway, $kind);

    expect([LengthWriter::inPlainBlanks($line->says), $line->who, $line->change, $line->kind])
        ->toBe([$says, 'Ben', $doorway->revision->number, $kind]);
})->with([
    'done' => ['step', 'rail-up', ['state' => 'done'], 'Put the rail up, loose: done'],
    'skipped, with a reason' => [
        'step', 'rail-up', ['state' => 'skipped', 'reason' => 'not here'], 'Put the rail up, loose: skipped: not here',
    ],
    'measured' => [
        'measured', 'rail-left', ['label' => 'Rail', 'value' => '732', 'planned' => '731'],
        'Rail: 732 mm, planned 731 mm',
    ],
    'proved' => [
        'proof', 'tape', ['read' => '2190', 'expected' => '2191', 'verdict' => 'look again'],
        'Line checked, tape: read 2 190 mm, expected 2 191 mm, look again',
    ],
    'decided' => [
        'decision', 'line-low', ['says' => 'Slide the rail', 'harm' => 'Nothing shows', 'why' => 'It has room.'],
        'Slide the rail (nothing shows). It has room.',
    ],
    'noted' => ['note', '', ['says' => 'Ring the bell twice'], 'Ring the bell twice'],
    'a photograph' => ['photo', '', ['file' => 'one.jpg'], 'Photograph'],
    'a photograph with words' => ['photo', '', ['file' => 'one.jpg', 'says' => 'The left end'], 'The left end'],
    'points' => ['points', 'one', [], 'Points shown in a photograph'],
    'a check that holds' => ['run', 'quiet', ['label' => 'Runs quietly', 'holds' => true], 'Runs quietly: holds'],
    'a check that was read, with words' => [
        'run', 'gap', ['label' => 'Gap', 'value' => '14', 'planned' => '12', 'holds' => false, 'says' => 'Uneven'],
        'Gap: 14 mm, expected 12 mm, does not hold. Uneven',
    ],
    'a snag' => ['snag', 'one', ['says' => 'Scratch', 'state' => 'settled'], 'Scratch: resolved'],
    'a snag that is accepted, with a reason' => [
        'snag', 'one', ['says' => 'Scratch', 'state' => 'accepted', 'reason' => 'behind the door'],
        'Scratch: accepted: behind the door',
    ],
    'signed' => ['signature', '', ['name' => 'Cal'], 'Signed by Cal'],
    'of a kind that nobody knows' => ['else', 'what it was about', [], 'what it was about'],
]);

test('a photograph’s line has its file, and no other line has one', function () {
    $doorway = Begun::doorway('kiln-room');
    (new Log($doorway))->add('photo', '', ['file' => 'one.jpg'], 'Ben', at: Carbon::parse('2026-11-02 08:00'));
    (new Log($doorway))->add('note', '', ['says' => 'x', 'file' => 'two.jpg'], 'Ben');

    expect(array_column(toldLines($doorway), 'photo', 'kind'))
        ->toBe(['note' => null, 'plan' => null, 'photo' => 'one.jpg']);
});

test('lines stand as they happened, the newest first, each by the change that stood then', function () {
    $doorway = Begun::doorway('kiln-room');
    $this->travel(1)->minutes();
    (new Log($doorway))->add('note', '', ['says' => 'before'], 'Ben');
    $this->travel(1)->minutes();
    changed($doorway, ['brief.rules.gap' => 14]);
    $this->travel(1)->minutes();
    (new Log($doorway))->add('note', '', ['says' => 'after'], 'Ben');
    $last = $doorway->revision->number;

    expect(array_map(fn (LogLine $line) => [$line->kind, $line->change], array_slice(toldLines($doorway), 0, 3)))
        ->toBe([['note', $last], ['plan', $last], ['note', $last - 1]])
        ->and(array_column(toldLines($doorway, 'note'), 'says'))->toBe(['after', 'before'])
        ->and(array_unique(array_column(toldLines($doorway, 'plan'), 'kind')))->toBe(['plan']);
});

test('a page of the log keeps which kind is asked for', function () {
    $doorway = Begun::doorway('kiln-room');
    foreach (range(1, 5) as $i) {
        (new Log($doorway))->add('note', '', ['says' => "note {$i}"], 'Ben');
    }
    $page = LogLine::page($doorway, new LengthWriter(Unit::Millimetre), 'note', 2);

    expect(array_column($page->items(), 'says'))->toBe(['note 5', 'note 4'])
        ->and($page->nextPageUrl())->toContain('kind=note')->toContain('page=2')
        ->and(LogLine::page($doorway, new LengthWriter(Unit::Millimetre), '', 2)->nextPageUrl())
        ->not->toContain('kind');
});

test('two changes are compared by what was typed, and not by the kit and the house that they took along', function () {
    $doorway = Begun::doorway('kiln-room');
    $from = $doorway->revision->number;
    changed($doorway, ['brief.rules.gap' => 14]);
    changed($doorway, ['brief.kit' => 'round-25-strap', 'house.park' => (object) ['from' => 'company', 'why' => '']]);
    $to = $doorway->revision->number;
    $compared = Comparison::of($doorway, $from, $to, null);

    $rows = array_map(fn (array $row) => array_map(LengthWriter::inPlainBlanks(...), $row), $compared->changes());

    expect($rows)
        ->toBe([
            ['Hardware kit', 'flat-40-strap', 'round-25-strap'],
            ['Floor gap at the high spot', '12 mm', '14 mm'],
        ])
        ->and($compared->numbers())->not->toBe([]);
});

test('a change that there is none of is compared as the last one', function (int $asked) {
    $doorway = changed(Begun::doorway('kiln-room'), ['brief.rules.gap' => 14]);

    expect(Comparison::of($doorway, 1, $asked, null)->to->id)->toBe($doorway->revision_id);
})->with([99, -1]);
