<?php

declare(strict_types=1);

use App\Frame\Place;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Revision;
use Tests\Demo;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Counter room')->firstOrFail();
    $this->answer = function (array $answers): Doorway {
        $this->doorway->rewrite(
            fn (Revision $head) => array_reduce(
                array_keys($answers),
                fn ($document, string $place) => $document->with($place, $answers[$place]),
                $head->document,
            ),
            'as asked',
            Editor::named('Ines'),
        );

        return $this->doorway->refresh();
    };
});

/** A doorway whose sizes are none of a tape's: in thirty-seconds, or in millimetres. @return array<string, string> */
function oddSizes(int $seed): array
{
    mt_srand($seed);
    $odd = fn (int $from, int $to) => $seed % 2 === 0
        ? mt_rand((int) ($from * 25.4), (int) ($to * 25.4)).' mm'
        : mt_rand($from, $to - 1).' '.(2 * mt_rand(0, 15) + 1).'/32';

    return [
        'brief.opens' => $seed % 3 === 0 ? 'left' : 'right',
        'brief.kit' => $seed % 4 < 2 ? 'bar-1-1-2-strap' : 'flat-40-strap',
        'survey.opening.left' => $odd(48, 50),
        'brief.leaf.width' => $odd(40, 43),
        'brief.leaf.height' => $odd(83, 85),
    ];
}

/**
 * What a page shows, as its reader reads it.
 *
 * @return array<string, int> nm by what it is called; of what is called alike, the first
 */
function rowsOf(string $html): array
{
    preg_match_all('~<td class="number">([^<]+)</td><th scope="row">([^<]+)</th>~', $html, $found, PREG_SET_ORDER);
    $rows = [];
    foreach ($found as [, $value, $name]) {
        $rows[html_entity_decode($name)] ??= html_entity_decode($value);
    }

    return $rows;
}

function nmOf(string $shown): int
{
    return LengthReader::read($shown, Unit::Inch)->nm;
}

/** @return array<string, string> the table of numbers beside the wall, by the keys of their sums */
function numbersOf(string $html): array
{
    preg_match_all('~data-why="[^"]*/why/([^"]+)">([^<]+)</button></td>~', $html, $found);

    return array_combine($found[1], array_map(html_entity_decode(...), $found[2]));
}

test('on a sheet, numbers that belong together add up as they are shown', function (int $seed) {
    $doorway = ($this->answer)(oddSizes($seed));
    $rows = rowsOf((string) $this->get(route('papers.sheet', $doorway))->assertOk()->getContent());
    [$wide, $high] = explode(' × ', $rows['Door']);
    [$long, $board] = explode(' × ', $rows['Header board']);
    $apart = fn (string $one, string $other) => abs(nmOf($rows[$one]) - nmOf($rows[$other]));
    preg_match('/travel (.+)$/', $rows['Opens'], $travel);

    expect([
        'rail' => $apart('rail, right end', 'rail, left end'),
        'board' => $apart('header board, right end', 'header board, left end'),
        'board, upright' => $apart('board top', 'board bottom'),
        'shut' => $apart('door shut, right', 'door shut, left'),
        'open' => $apart('door open, right', 'door open, left'),
        'way' => $apart('door open, left', 'door shut, left'),
    ])->toBe([
        'rail' => nmOf((string) preg_replace('/ in \d+$/', '', $rows['Rail'])),
        'board' => nmOf($long),
        'board, upright' => nmOf($board),
        'shut' => nmOf($wide),
        'open' => nmOf($wide),
        'way' => nmOf($travel[1]),
    ]);
})->with(range(1, 8));

test('the bench, the sheet and the printed sheet say the same number of the same thing', function (int $seed) {
    $doorway = ($this->answer)(oddSizes($seed));
    $said = numbersOf((string) $this->get(route('numbers', $doorway))->assertOk()->getContent());
    $rows = rowsOf((string) $this->get(route('papers.sheet', $doorway))->getContent());
    $paper = (string) $this->get(route('give-out', [$doorway, 'sheet.pdf']))->getContent();
    $printed = LengthWriter::inPlainBlanks(shownOn($paper));
    $names = [
        'yoke_line' => 'rail line',
        'leaf.top' => 'door top',
        'header.top' => 'board top',
        'header.bottom' => 'board bottom',
        'line.top' => 'top of the rail',
    ];
    $wall = nmOf("11' 9 1/2");
    $ends = [
        'rail.left' => 'rail, left end',
        'rail.right' => 'rail, right end',
        'leaf.left' => 'door shut, left',
        'leaf.right' => 'door shut, right',
        'leaf.open_left' => 'door open, left',
        'leaf.open_right' => 'door open, right',
        'header.left' => 'header board, left end',
        'header.right' => 'header board, right end',
    ];
    foreach ($names as $sum => $name) {
        expect($rows[$name])
            ->toBe($said[$sum], $name)
            ->and($printed)
            ->toContain(LengthWriter::inPlainBlanks("{$said[$sum]} {$name}"));
    }
    foreach ($ends as $sum => $name) {
        // Hooked at one corner or at the other.
        expect(nmOf($rows[$name]))
            ->toBeIn([nmOf($said[$sum]), $wall - nmOf($said[$sum])], $name)
            ->and($printed)
            ->toContain(LengthWriter::inPlainBlanks("{$rows[$name]} {$name}"));
    }
})->with(range(1, 6));

test('a house that says long lengths in feet says sizes so, and marks as its tapes run', function () {
    $inFeet = rowsOf((string) $this->get(
        route('papers.sheet', ($this->answer)(['brief.rules.feet_over' => '36'])),
    )->getContent());
    $onFeet = rowsOf((string) $this->get(
        route('papers.sheet', ($this->answer)(['brief.rules.tape_feet' => true])),
    )->getContent());

    expect($inFeet['Door'])
        ->toStartWith("3'\u{a0}6 × 7'\u{a0}2 × 1\u{a0}1/2")
        ->and($inFeet['rail, left end'])
        ->not->toContain("'")
        ->and($onFeet['rail, left end'])
        ->toContain("'\u{a0}")
        ->and(nmOf($onFeet['rail, left end']))
        ->toBe(nmOf($inFeet['rail, left end']));
});

test('a mass that is typed in the other unit is kept as typed, and shown converted with that beside it', function () {
    $say = fn (string $typed) => $this->post(route('changes', [$this->doorway, 'leaf']), [
        'place' => 'brief.leaf.mass_lb',
        'value' => $typed,
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertOk();
    $leaf = fn () => $this->doorway->refresh()->revision->document->get('brief.leaf');

    $say('20.5 kg')->assertSee('value="45"', false)->assertSee('(20.5 kg)');
    expect($leaf()->mass_kg)
        ->toBe('20.5')
        ->and(isset($leaf()->mass_lb))
        ->toBeFalse()
        ->and($this->doorway->setout(null)->plan->mass->kg)
        ->toBe(20.5);

    $say('78')->assertDontSee(' kg)');
    expect($leaf()->mass_lb)
        ->toBe('78')
        ->and(isset($leaf()->mass_kg))
        ->toBeFalse();
});

test('a mass of no known unit is refused at its field, with what was typed', function () {
    $this->post(route('changes', [$this->doorway, 'leaf']), [
        'place' => 'brief.leaf.mass_lb',
        'value' => '20 stones',
        'base' => $this->doorway->revision_id,
    ])
        ->assertSee('value="20 stones"', false)
        ->assertSee('aria-invalid="true"', false);
});

test('whoever looks in millimetres is asked for kilograms', function () {
    lookIn('mm', $this->doorway->job, 'in');

    $this->get(route('door.size', $this->doorway))
        ->assertSee('Mass in kg')
        ->assertDontSee('Mass in lb')
        ->assertSee('value="35.4"', false)
        ->assertSee('(78 lb)');
});

test('a door in hand is weighed in the pounds of its doorway', function () {
    $this->get(route('door.in-hand', $this->doorway))->assertSee('Measured mass in lb')->assertDontSee('mass in kg');
    $this->post("/doorways/{$this->doorway->id}/size-card/changes", [
        'place' => 'brief.in_hand.mass_lb',
        'value' => '85',
        'base' => $this->doorway->revision_id,
    ])->assertOk();

    expect($this->doorway->refresh()->setout(null)->doorway->brief->inHand?->massKg)
        ->toEqualWithDelta(85 * 0.45359237, 1e-9);
});

test('heads of columns of lengths name their unit', function (string $page, array $heads) {
    $this->get(route($page, $this->doorway))->assertOk()->assertSeeInOrder($heads);
})->with([
    ['marks.runs', ['At, in']],
    ['marks.line', ['Expect, in', 'Read, in']],
    ['marks.door', ['Bits, in steps, in']],
    ['anchors.fixings', ['Fixing, in', 'Bits, in', 'Depth, in']],
    ['anchors.loads', ['At, in', 'Up, in', 'Size, in']],
    ['record.tolerance', ['Is, in', 'Usually ±, in']],
    ['door.in-hand', ['minimum, in', 'maximum, in', 'trimmed, in']],
]);

test('forces, masses and areas of a doorway in inches are in pounds and feet on every page', function (string $page) {
    $says = strip_tags((string) $this->get(route($page, $this->doorway))->assertOk()->getContent());

    preg_match_all('/.{0,40}\d[\x{a0} ](?:kg|N|MPa|m²|mm|l)\b/u', $says, $found);

    expect($found[0])->toBe([]);
})->with(fn () => array_merge(...array_map(fn (Place $place) => $place->pages(), Place::cases())));

test('so are they on every page of a job in inches', function (string $page) {
    $says = strip_tags((string) $this->get(route($page, $this->doorway->job_id))->assertOk()->getContent());

    preg_match_all('/.{0,40}\d[\x{a0} ](?:kg|N|MPa|m²|mm|l)\b/u', $says, $found);

    expect($found[0])->toBe([]);
})->with(['jobs.show', 'cutting', 'supply', 'day-plan', 'documents']);

test('the printed papers of a doorway in inches say no metric unit', function (string $what) {
    $says = shownOn((string) $this->get("/doorways/{$this->doorway->id}/{$what}")->assertOk()->getContent());

    preg_match_all('/.{0,40}\d[\x{a0} ](?:kg|N|MPa|m²|mm)\b/u', $says, $found);

    expect($found[0])->toBe([]);
})->with(['give-out/sheet.pdf', 'offer.pdf', 'hand-over.pdf']);

test('of the bars to check a printer by, that of one’s own rule is the first', function () {
    $first = fn (Doorway $doorway) => array_values(
        array_filter(
            explode("\n", shownOn((string) $this->get(route('give-out', [$doorway, 'templates.pdf']))->getContent())),
            fn (string $line) => preg_match('/^(100 mm|4 in)$/', trim($line)) === 1,
        ),
    )[0];

    expect($first($this->doorway))
        ->toBe('4 in')
        ->and($first(Doorway::query()->where('name', 'Kiln room')->firstOrFail()))
        ->toBe('100 mm');
});
