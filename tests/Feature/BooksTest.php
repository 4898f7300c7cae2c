<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
use Symfony\Component\Finder\Finder;

/** @return array<string, array{string}> the views, by the name that they go by */
function views(): array
{
    $views = [];
    foreach (Finder::create()->files()->in(__DIR__.'/../../resources/views') as $file) {
        $views[$file->getRelativePathname()] = [$file->getPathname()];
    }

    return $views;
}

/** What a view writes by itself: its markup with a mark where PHP speaks. */
function markupOf(string $file): string
{
    $markup = '';
    foreach (token_get_all(Blade::compileString((string) file_get_contents($file))) as $token) {
        $markup .= is_array($token) && $token[0] === T_INLINE_HTML ? $token[1] : '§';
    }

    return (string) preg_replace('/<(script|style|symbol|path)\b.*?<\/\1>/s', '', $markup);
}

/** @return list<string> the sentences among the texts of a view's or a class's PHP */
function sentencesIn(string $php): array
{
    $texts = array_filter(
        token_get_all($php),
        fn (array|string $token) => is_array($token) &&
            in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true),
    );

    return array_values(
        array_filter(array_column($texts, 1), fn (string $text) => preg_match('/\pL{2,} \pL{2,} \pL{2,}/u', $text) === 1),
    );
}

test('a view has no words of its own', function (string $file) {
    $markup = markupOf($file);
    preg_match_all('/(?:aria-label|placeholder|title|alt)="([^"]*)"/', $markup, $attributes);
    // A doorway's name stands before its file's; units are no words.
    $texts = preg_replace('/\b(mm|in|kg|PDF|Yoke Line)\b/', '', [
        html_entity_decode(strip_tags($markup)),
        ...$attributes[1],
    ]);
    preg_match_all('/\pL{3,}[^§\n]*/u', implode("\n", $texts), $own);

    expect($own[0])->toBe([]);
})->with(views());

test('no sentence stands in the PHP of a view', function (string $file) {
    expect(sentencesIn(Blade::compileString((string) file_get_contents($file))))->toBe([]);
})->with(views());

test('no sentence stands in the core', function () {
    // What a programmer is told is no sentence for a reader.
    $told = ['Catalog', 'Doorway/Told.php', 'Format/Fields.php', 'Format/SchemaCheck.php', 'Planning/CannotPlan.php'];
    $found = [];
    foreach (File::allFiles(base_path('core')) as $file) {
        if (! Str::startsWith($file->getRelativePathname(), $told)) {
            $found = [...$found, ...sentencesIn($file->getContents())];
        }
    }

    expect($found)->toBe([]);
});

test('no sentence stands in the PHP of the application', function () {
    // What a terminal is told, what a header is made of, and what a database is asked.
    $told = ['Console', 'Http/Middleware/SendsGuarded.php', 'Rules/Level.php'];
    $found = [];
    foreach (File::allFiles(app_path()) as $file) {
        $php = (string) preg_replace('/throw new \\w+\\([^;]*;/', '', $file->getContents());
        if (! Str::startsWith($file->getRelativePathname(), $told)) {
            $found = [...$found, ...sentencesIn($php)];
        }
    }

    expect($found)->toBe([]);
});

test('no word of a language stands beside a number in the PHP of the application', function () {
    // Places in files, the name of what is kept, and what a supplier calls a thing.
    $told = ['Files', 'Words/Books.php', 'Supply'];
    $found = [];
    foreach (File::allFiles(app_path()) as $file) {
        $tokens = token_get_all(Str::startsWith($file->getRelativePathname(), $told) ? '' : $file->getContents());
        $beside = array_filter($tokens, fn (array|string $token) => $token[0] === T_ENCAPSED_AND_WHITESPACE);
        $found = [...$found, ...preg_grep('/^[,;]? \pL{3,}/u', array_column($beside, 1)) ?: []];
    }

    expect($found)->toBe([]);
});

test('every refusal that is named stands in the book of', function (string $language) {
    $missing = $named = [];
    $says = [
        '/(?:UnreadableFile::at|->problem)\(\s*[^,]+,\s*\'([a-z0-9-]+)\'/',
        '/NotTaken::because\(\s*\'([a-z-]+)\'/',
        '/new Message\(\'refusals\', [^;]+?, \'([a-z0-9-]+)\'\)/',
        '/\'((?:want|length|trace|readings|kit|too|no|zip)-[a-z0-9-]+)\'/',
    ];
    $readers = ['Format/Fields', 'Format/SchemaCheck', 'Measure/UnreadableLength'];
    foreach ([...File::allFiles(base_path('core')), ...File::allFiles(app_path())] as $file) {
        $in = Str::startsWith($file->getRelativePathname(), $readers) ? $says : array_slice($says, 0, 3);
        foreach ($in as $pattern) {
            preg_match_all($pattern, $file->getContents(), $keys);
            $named = [...$named, ...$keys[1]];
        }
    }
    foreach (array_unique($named) as $key) {
        Lang::has("refusals.{$key}", $language, false) ?: ($missing[] = $key);
    }

    expect(count(array_unique($named)))->toBeGreaterThan(70)->and($missing)->toBe([]);
})->with(['en', 'es']);

test('every key that is named stands in the book of', function (string $language) {
    $missing = [];
    foreach ([...File::allFiles(resource_path('views')), ...File::allFiles(app_path())] as $file) {
        $named = '/(?:__|trans_choice|Speaker::words|new Message|Message::of)\(\s*\'([a-z-]+(?:\.[\w-]+)+)\'/';
        preg_match_all($named, $file->getContents(), $keys);
        foreach ($keys[1] as $key) {
            Lang::has($key, $language, false) ?: ($missing[] = "{$file->getRelativePathname()}: {$key}");
        }
    }

    expect($missing)->toBe([]);
})->with(['en', 'es']);
