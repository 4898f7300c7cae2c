<?php

declare(strict_types=1);

use App\Database\Row;
use App\Http\Named;
use App\Models\LogEntry;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/* What comes from the database and from forms is read as what it holds. */

test('a column is read as text or as a number, whichever the database tells', function (
    mixed $kept,
    string $text,
    int $number,
) {
    $row = new Row((object) ['is' => $kept]);

    expect($row->text('is'))->toBe($text)->and($row->number('is'))->toBe($number);
})->with([
    'a number' => [7, '7', 7], 'a number as text' => ['7', '7', 7], 'words' => ['seven', 'seven', 0],
    'nothing' => [null, '', 0], 'a part' => [7.5, '7.5', 7], 'no text at all' => [['7'], '', 0],
]);

test('a column that was not asked for holds nothing', function () {
    $row = new Row((object) []);

    expect([$row->text('is'), $row->number('is'), $row->json('is')])->toBe(['', 0, null]);
});

test('what is kept as JSON is read as what was kept', function () {
    $row = new Row((object) ['is' => '{"a":[1,"2"]}', 'bad' => '{']);

    expect($row->json('is'))->toEqual((object) ['a' => [1, '2']])->and($row->json('bad'))->toBeNull();
});

test('the database’s own answers are read so', function () {
    $row = DB::query()->selectRaw("3 as many, 'three' as called, null as none")->first();

    expect((new Row($row))->number('many'))->toBe(3)
        ->and((new Row($row))->text('called'))->toBe('three')
        ->and((new Row($row))->text('none'))->toBe('');
});

test('what is entered as it is is told as it is, also where it looks like what is told in words', function () {
    $entry = new LogEntry(['data' => ['name' => '{"key":"x"}', 'state' => 'done', 'count' => 3]]);

    expect($entry->plain('name'))->toBe('{"key":"x"}')
        ->and($entry->plain('state'))->toBe('done')
        ->and($entry->plain('count'))->toBe('')
        ->and($entry->plain('none'))->toBe('');
});

test('words that may not be missing come in, or it is said what is missing', function (?string $said, ?string $why) {
    $request = Request::create('/', 'POST', ['name' => $said]);
    $in = fn () => Named::in($request, 'name', 5, ['name.required' => 'Write it.', 'name.max' => 'Shorter.']);
    if ($why === null) {
        expect($in())->toBe($said);

        return;
    }
    try {
        $in();
        $told = [];
    } catch (ValidationException $refused) {
        $told = $refused->errors();
    }

    expect($told)->toBe(['name' => [$why]]);
})->with([['Larder', 'Shorter.'], ['Barn', null], ['', 'Write it.'], [null, 'Write it.']]);
