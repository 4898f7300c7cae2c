<?php

declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use App\Bench\Station;
use App\Files\DoorwayFile;
use App\Models\Doorway;
use Tests\Demo;
use YokeLine\Format\DoorwayReader;

beforeEach(function () {
    Demo::load();
    request()->setLaravelSession(app('session')->driver());
});

/** @return list<string> what one could type or press there */
function answersOf(Field $field): array
{
    return match ($field->kind) {
        'length' => ['41'],
        'lengths' => ['2000, 2100'],
        'amount' => ['2.5'],
        'text' => ['oak'],
        default => array_map(strval(...), array_keys($field->options)),
    };
}

test('whatever is answered at a field of the bench, the doorway can be given out and taken back', function (
    Station $station,
    string $name,
) {
    $doorway = Doorway::query()->where('name', $name)->firstOrFail();
    $first = $doorway->revision;
    $said = 0;
    foreach ((new Bench($doorway, $station, null))->groups() as $group) {
        foreach (array_merge(...array_map(fn (Row $row) => $row->fields, $group->rows)) as $field) {
            // Every answer at one doorway, the last of each field at others.
            foreach (array_slice(answersOf($field), $name === 'Kiln room' ? 0 : -1) as $answer) {
                $this->post(
                    route('changes', [$doorway, $station]),
                    ['place' => $field->place, 'value' => $answer, 'base' => $doorway->refresh()->revision_id],
                    ['HX-Request' => 'true'],
                )->assertOk();
                $document = $doorway->refresh()->revision->document;
                expect(DoorwayFile::read($document->toJson())->equals($document))->toBeTrue(
                    "{$field->place}: {$answer}",
                );
                $said += $document->equals($first->document) ? 0 : 1;
                $doorway->moveTo($first, $doorway->outline($first->document));
            }
        }
    }

    expect($said)->toBeGreaterThan($name === 'Kiln room' ? 5 : 0);
})
    ->with(Station::cases())
    ->with(['Kiln room', 'Map archive', 'Throwing room']);

test('no field of the bench is refused by the format for what its own list offers', function (Station $station) {
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    foreach ((new Bench($doorway, $station, null))->groups() as $group) {
        foreach (array_merge(...array_map(fn (Row $row) => $row->fields, $group->rows)) as $field) {
            foreach ($field->options === [] ? [] : answersOf($field) as $answer) {
                $document = $doorway->revision->document->with(
                    $field->place,
                    $field->kind === 'words' ? explode(', ', $answer) : $answer,
                );
                $problem = null;
                try {
                    DoorwayFile::check($document);
                    DoorwayReader::read($document);
                } catch (YokeLine\Format\UnreadableFile $refused) {
                    $problem = $refused->problems[$field->place]->how ?? null;
                }
                expect($problem)->toBeNull("{$field->place}: {$answer}: {$problem}");
            }
        }
    }
    expect(Group::field('brief.kit', ...(new Bench($doorway, Station::Rail, null))->groups()))->not->toBeNull();
})->with(Station::cases());
