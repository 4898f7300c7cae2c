<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Models\Revision;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route as Way;
use Illuminate\Support\Facades\Route;
use Tests\Demo;

/*
 * Every address of the application, asked for with what nobody should send: it is answered, never broken,
 * and what was typed before is still there.
 */

const FIELDS = [
    'place',
    'value',
    'changes',
    'base',
    'station',
    'name',
    'why',
    'method_key',
    'job',
    'doorway',
    'doorways',
    'crew',
    'hours',
    'from',
    'travel',
    'task',
    'start',
    'now',
    'mark',
    'made',
    'kind',
    'about',
    'says',
    'comes',
    'told',
    'typed',
    'entries',
    'strokes',
    'text',
    'csv',
    'file',
    'way',
    'key',
    'price',
    'receipt',
    'setting',
    'of',
    'read',
    'paper',
    'nudge',
    'up',
    'right',
    'height',
    'remove',
    'waits',
    'week',
    'snags',
    'simulated',
    'search',
    'page',
    'weights',
    'unit',
    'laser',
    'tape',
    'row',
    'tools',
    'seen',
    'at',
];

$junk = [
    'nothing' => [fn () => []],
    'words' => [fn () => array_fill_keys(FIELDS, 'twelve & a <half>')],
    'lists' => [fn () => array_fill_keys(FIELDS, ['a', ['b' => ['c']]])],
    'numbers out of all bounds' => [fn () => array_fill_keys(FIELDS, '-99999999999999999999')],
    'JSON of the wrong shape' => [
        fn () => array_fill_keys(FIELDS, '{"a": [1, null, {"b": "'.str_repeat('x', 300).'"}]}'),
    ],
    'bytes that are no text' => [fn () => array_fill_keys(FIELDS, "\xff\xfe\x00 1/0")],
];
dataset('junk', $junk);
dataset('junk and files', [
    ...$junk,
    'a file that is none' => [fn () => ['file' => UploadedFile::fake()->createWithContent('x.bin', "\x00\xff\x00")]],
]);

/**
 * @return list<array{string, string}> method and address, with what the demo has in its braces, and once with what is
 * not there
 */
function addresses(array $methods, bool $known): array
{
    $doorway = Doorway::query()->where('name', 'Meter room')->firstOrFail();
    $names = $known
        ? [
            'doorway' => $doorway->id,
            'job' => $doorway->job_id,
            'station' => 'leaf',
            'row' => 'line',
            'what' => 'wall.dxf',
            'revision' => $doorway->revision_id,
            'key' => 'rail-up',
            'kit' => 'flat-40-strap',
            'part' => 'floor-fin-40',
            'parcel' => 'none',
            'file' => 'none',
            'notice' => 1,
            'person' => 1,
            'invitation' => 1,
            'of' => 'everything',
            'word' => 'jamb',
            'uid' => 'photo-one-a',
            'old' => 'sheet',
        ]
        : array_fill_keys(
            ['station', 'row', 'what', 'key', 'kit', 'part', 'parcel', 'file', 'of', 'uid', 'old', 'word'],
            '..%2fnone',
        ) + [
            'doorway' => $doorway->id,
            'job' => $doorway->job_id,
            'revision' => 999_999,
            'notice' => 999_999,
            'person' => 999_999,
            'invitation' => 999_999,
        ];
    $ways = array_filter(
        iterator_to_array(Route::getRoutes()),
        fn (Way $way) => array_intersect($way->methods(), $methods) !== [] && ! str_starts_with($way->uri(), 'storage'),
    );

    return array_values(
        array_map(
            fn (Way $way) => [
                array_values(array_intersect($way->methods(), $methods))[0],
                '/'.
                ltrim(
                    (string) preg_replace_callback(
                        '/\{(\w+)\}/',
                        fn (array $name) => (string) ($names[$name[1]] ?? 'none'),
                        $way->uri(),
                    ),
                    '/',
                ),
            ],
            $ways,
        ),
    );
}

beforeEach(fn () => Demo::load());

// A file is not sent with what is only asked for.
test('no address breaks, whatever is asked of it', function (array $junk, bool $known) {
    $broken = [];
    // What is there is asked for with every junk; what is not there, where the address alone is what nobody has.
    $asked = $known ? addresses(['GET'], true) : array_udiff(
        addresses(['GET'], false),
        addresses(['GET'], true),
        fn (array $one, array $other) => $one <=> $other,
    );
    foreach ($asked as [$method, $address]) {
        $answer = $this->call($method, $address, $junk);
        if ($answer->getStatusCode() >= 500) {
            $broken[] =
                "{$address}: ".
                ((isset($answer->exception) ? $answer->exception->getMessage() : null) ?? $answer->getStatusCode());
        }
    }

    expect($broken)->toBe([]);
})
    ->with('junk')
    ->with(['what is there' => true, 'what is not' => false]);

test('nothing that is sent breaks an address, and no earlier revision or log entry is lost', function (
    array $junk,
    bool $known,
) {
    $revisions = Revision::query()->oldest('id')->pluck('document', 'id')->map(fn ($document) => $document->toJson());
    $entries = LogEntry::query()->pluck('data', 'uid');
    $broken = [];
    foreach (addresses(['POST', 'PATCH'], $known) as [$method, $address]) {
        $files = array_filter($junk, fn (mixed $value) => $value instanceof UploadedFile);
        $answer = $this->call($method, $address, array_diff_key($junk, $files), files: $files);
        if ($answer->getStatusCode() >= 500) {
            $broken[] =
                "{$address}: ".
                ((isset($answer->exception) ? $answer->exception->getMessage() : null) ?? $answer->getStatusCode());
        }
    }

    expect($broken)
        ->toBe([])
        ->and(
            Revision::query()
                ->whereIn('id', $revisions->keys())
                ->oldest('id')
                ->pluck('document', 'id')
                ->map(fn ($document) => $document->toJson())
                ->all(),
        )
        ->toBe($revisions->all())
        ->and(LogEntry::query()->whereIn('uid', $entries->keys())->count())
        ->toBe($entries->count());
})
    ->with('junk and files')
    ->with(['what is there' => true, 'what is not' => false]);
