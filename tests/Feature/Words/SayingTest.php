<?php

declare(strict_types=1);

use App\Words\ClearanceWords;
use App\Words\FieldWords;
use App\Words\Places;
use App\Words\Speaker;
use App\Words\StoredMessage;
use App\Words\Terms;
use Tests\Core\Support\Doorways;
use YokeLine\Format\Document;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Unit;

/* How a value, a change, a list and a sentence are said. */

test('a value of a document is said as what it is', function (
    mixed $value,
    string $place,
    string $units,
    string $says,
) {
    $document = Document::of(['units' => $units]);

    expect(LengthWriter::inPlainBlanks(Places::value($value, $place, $document)))->toBe($says);
})->with([
    'nothing' => [null, 'brief.rules.gap', 'mm', 'nothing'],
    'yes' => [true, 'brief.rules.parked', 'mm', 'yes'], 'no' => [false, 'brief.rules.parked', 'mm', 'no'],
    'an answer' => ['opening', 'brief.rules.cover', 'mm', 'past jambs'],
    'words that are no answer' => ['opening', 'name', 'mm', 'opening'],
    'a bare length' => ['12', 'brief.rules.gap', 'mm', '12 mm'],
    'a bare length in inches' => ['1/2', 'brief.rules.gap', 'in', '1/2"'],
    'a length with its unit' => ['12 mm', 'brief.rules.gap', 'in', '12 mm'],
    'a count' => [3, 'brief.rules.hangers', 'mm', '3'],
    'a list of numbers' => [[861, 862, 860], 'survey.opening.width', 'mm', '861, 862, 860'],
    'a list of things' => [[(object) [], (object) []], 'survey.studs', 'mm', '2 entries'],
    'a thing' => [(object) ['kind' => 'gas', 'x' => [1, 2]], 'survey.hazards[0]', 'mm', 'gas pipe'],
    'a thing that has no name' => [(object) ['x' => 4], 'survey.studs[0]', 'mm', 'something else'],
]);

test('without a document nobody knows in which unit a bare length is', function () {
    expect(Places::value('12', 'brief.rules.gap', null))->toBe('12');
});

test('one change is called by itself, several by all of them', function (array $changes, string $says) {
    $summary = Places::summary($changes, Doorways::document());

    expect(LengthWriter::inPlainBlanks($summary->says()))->toBe($says);
})->with([
    'one' => [['brief.rules.gap' => '14'], 'Floor gap at the high spot: 14 mm'],
    'one that is taken out' => [['brief.rules.gap' => null], 'Floor gap at the high spot removed'],
    'two' => [
        ['brief.rules.gap' => '14', 'brief.rules.parked' => true],
        'Floor gap at the high spot: 14 mm and Movement: yes',
    ],
]);

test('several are said in one sentence', function (array $several, string $says) {
    expect(Speaker::in(Unit::Millimetre)->list($several))->toBe($says);
})->with([
    'none' => [[], ''], 'one' => [['a'], 'a'], 'two' => [['a', 'b'], 'a and b'],
    'three, one a length' => [['a', Length::mm(40), 'c'], 'a, 40 and c'],
]);

test('a sentence ends once', function (string $typed, string $says) {
    expect(Speaker::in(Unit::Millimetre)->sentence(new Message('changes', ['what' => $typed], 'typed')))->toBe($says);
})->with([['It fits', 'It fits.'], ['It fits.', 'It fits.'], ['Does it fit?', 'Does it fit?'], ['', '']]);

test('an amount is said in what one works in', function (Quantity $amount, string $mm, string $inches) {
    $said = fn (Unit $unit) => str_replace("\u{a0}", ' ', Speaker::in($unit)->amount($amount));

    expect([$said(Unit::Millimetre), $said(Unit::Inch)])->toBe([$mm, $inches]);
})->with([
    'mass' => [Quantity::kilograms(31.37), '31.4 kg', '69 lb'],
    'bend' => [Quantity::bend(2.54), '2.5 mm', '0.1 in'],
    'area' => [Quantity::squareMetres(1.5), '1.5 m²', '16.1 sq ft'],
]);

test('what is kept of a message says the same when it is read again', function () {
    $message = new Message('changes', ['all' => [
        Places::called('brief.rules.gap'), Length::mm(14), Quantity::kilograms(31.4), 'typed', 3,
    ]], 'several');
    $kept = StoredMessage::of($message, Unit::Inch)->write();

    expect(StoredMessage::read($kept)->message())->toEqual($message)
        ->and(StoredMessage::read($kept)->saysWithUnits())
        ->toBe(StoredMessage::of($message, Unit::Inch)->saysWithUnits())
        ->and(StoredMessage::read($kept)->says())->toContain('69');
});

test('what cannot be said of a kept row is said as nothing', function () {
    $kept = '{"say":"changes","with":{"what":{"odd":1}},"how":"typed","in":"mm"}';

    expect(StoredMessage::read($kept)->says())->toBe('');
});

test('a word of the trade leads to what it is the first time it stands there', function () {
    $html = Terms::linked('The rail line is over the rail; the rail <b> and the rail line.');

    expect(substr_count($html, '<a class="term"'))->toBe(2)
        ->and($html)->toMatch('~^The <a class="term" href="/words#[\w-]+" data-term="[^"]+">rail line</a> is ~')
        ->and($html)->toContain('&lt;b&gt;')
        ->and(strip_tags($html))->toBe('The rail line is over the rail; the rail &lt;b&gt; and the rail line.');
});

test('a word within another word is none of the trade', function () {
    expect(Terms::linked('A handrail, a railing'))->toBe('A handrail, a railing');
});

test('a place that no book names is said by its path', function () {
    expect(FieldWords::label('survey.studs[3].odd_thing'))->toBe('survey studs odd thing');
});

test('answers of a list are those of its items', function () {
    expect(FieldWords::answers('kit.hang[]'))->toBe(FieldWords::answers('kit.hang'))->not->toBe([]);
});

test('a clearance is called by what it is of', function (string $row, string $says) {
    expect(ClearanceWords::row($row))->toBe($says);
})->with([
    ['headroom', 'room to lift the door on'], ['back-casing', 'door clear of the casing'],
    ['hole-left-2', 'bolt in its stud, left, 2'], ['right-headroom', 'right door, room to lift the door on'],
    ['floor-gap@1770', 'gap under the door at 1770'], ['header-casing[1]', 'header over the casing (2)'],
    ['odd-one', 'odd one'],
]);
