<?php

declare(strict_types=1);

/*
 * ./yoke soak [--minutes N] [--seed S]: a house at work for ten minutes, the same for the same seed. Two at desks change,
 * undo and look; a phone measures, loses its connection and comes back; doors are proved and handed over; now and then
 * a backup is made and brought back elsewhere. What was answered as kept is there, and memory stays as it was.
 */

use Tests\Browser\Support\Browser;
use Tests\Soak\Desk;
use Tests\Soak\House;
use YokeLine\Measure\SeededRandom;

require __DIR__.'/../vendor/autoload.php';

['minutes' => $minutes, 'seed' => $seed] = array_map(
    fn (mixed $value) => (float) $value,
    getopt('', ['minutes:', 'seed:']) + ['minutes' => 10, 'seed' => 1964],
);
$dice = new SeededRandom((int) $seed);
$of = fn (array $all): mixed => array_values($all)[(int) floor($dice->next() * count($all))];

Browser::$isInUse = true;
$phone = Browser::fresh()->size(390, 844);
$desks = ['Ana' => new Desk($phone->url), 'Ben' => new Desk($phone->url)];
foreach ($desks as $name => $desk) {
    $desk->post('/editor', ['who' => $name]);
}
const DOORWAYS = [1, 2, 3, 4, 8];
/** What each field must say: by doorway and place. */
$said = [];
$errors = $differences = [];
$done = array_fill_keys(['changed', 'undone', 'looked', 'stepped', 'offline', 'handed over', 'restored'], 0);

$kept = function (int $doorway, string $place) use ($phone): mixed {
    $book = new PDO("sqlite:{$phone->database()}");
    $row = $book->query("SELECT r.document FROM doorways d JOIN revisions r ON r.id = d.revision_id WHERE d.id = {$doorway}");
    $at = json_decode((string) ($row === false ? '' : $row->fetchColumn()), true);
    foreach (explode('.', $place) as $key) {
        $at = is_array($at) ? $at[$key] ?? null : null;
    }

    return $at;
};
$works = [
    'changed' => function () use ($desks, $of, $dice, &$said): void {
        [$doorway, $place] = [$of(DOORWAYS), $of(['brief.rules.gap', 'brief.rules.head_overlap', 'brief.leaf.mass_kg'])];
        $value = (string) (10 + (int) floor($dice->next() * 20));
        $of($desks)->set($doorway, $place, $value);
        $said[$doorway][$place] = $value;
    },
    'undone' => function () use ($desks, $of, $kept, &$said, &$differences): void {
        [$desk, $doorway] = [$of($desks), $of(DOORWAYS)];
        $before = $kept($doorway, 'brief.rules.gap');
        $desk->set($doorway, 'brief.rules.gap', '31');
        $desk->post("/doorways/{$doorway}/undo", []);
        (string) $kept($doorway, 'brief.rules.gap') === (string) $before
            || ($differences[] = "doorway {$doorway}: an undo did not bring the gap back");
    },
    'looked' => function () use ($desks, $of): void {
        $doorway = $of(DOORWAYS);
        $page = $of(['wall/measure', 'rail/stops', 'anchors/fixings', 'papers/sheet', 'site/steps', 'record/log', 'marks/runs']);
        $of($desks)->get("/doorways/{$doorway}/{$page}");
        $of($desks)->get($of(['/', '/progress', '/jobs/1/materials', '/practice']));
    },
    'stepped' => function () use ($desks, $of, $dice): void {
        $doorway = $of([1, 2, 8]);
        preg_match_all('/data-step="([\w.-]+)"/', $of($desks)->get("/doorways/{$doorway}/site/steps"), $steps);
        $of($desks)->post("/doorways/{$doorway}/site/entries", ['entries' => [[
            'uid' => 'soak-'.substr(sha1((string) $dice->next()), 0, 16),
            'kind' => 'step',
            'about' => $of($steps[1]),
            'data' => ['state' => $of(['done', 'done', 'open'])],
            'at' => date(DATE_ATOM),
        ]]], asJson: true);
    },
    'offline' => function () use ($phone, $of, $dice, &$differences): void {
        $doorway = $of([3, 4]);
        $phone->visit("/doorways/{$doorway}/site/steps");
        $phone->until(
            fn () => $phone->js('return navigator.serviceWorker?.controller !== null && caches.match(location.href).then((kept) => kept !== undefined)') ?: null,
            'the steps are kept',
        );
        $phone->disconnect();
        $note = 'Note '.substr(sha1((string) $dice->next()), 0, 8);
        $phone->js(<<<'JS'
            const step = document.querySelector('.site-step:not([hidden])');
            const note = step.querySelector('[data-note]');
            note.closest('details')?.setAttribute('open', '');
            note.value = arguments[0];
            step.querySelector('[data-keep-note]').click();
        JS, $note);
        $phone->see('waiting to be sent', '#link-state');
        $phone->connect();
        $phone->js('window.dispatchEvent(new Event("online"))');
        $phone->until(function () use ($phone, $doorway, $note) {
            $book = new PDO("sqlite:{$phone->database()}");
            $found = $book->prepare("SELECT count(*) FROM log_entries WHERE doorway_id = ? AND kind = 'note' AND data LIKE ?");
            $found->execute([$doorway, "%{$note}%"]);

            return (int) $found->fetchColumn() === 1 ?: null;
        }, "the note “{$note}” has arrived once");
    },
    'restored' => function () use ($phone, &$differences): void {
        $folder = dirname($phone->database());
        $before = House::sums($phone->database(), "{$folder}/photos");
        $phone->artisan('yoke:backup', "{$folder}/soak");
        $files = glob("{$folder}/soak/*.zip") ?: [];
        $elsewhere = "{$folder}/elsewhere-".bin2hex(random_bytes(3));
        mkdir($elsewhere);
        $phone->artisanAt(
            ['DB_DATABASE' => "{$elsewhere}/yoke.sqlite", 'PHOTOS_FOLDER' => "{$elsewhere}/photos"],
            'yoke:restore',
            (string) end($files),
        );
        $after = House::sums("{$elsewhere}/yoke.sqlite", "{$elsewhere}/photos");
        foreach (array_keys($before + $after) as $what) {
            ($before[$what] ?? '') === ($after[$what] ?? '') || ($differences[] = "{$what} is another in the restored house");
        }
        exec('rm -rf '.escapeshellarg($elsewhere).' '.escapeshellarg("{$folder}/soak"));
    },
    'handed over' => function () use ($desks, $of): void {
        $doorway = $of(DOORWAYS);
        $of($desks)->get("/doorways/{$doorway}/record/handover");
        $of($desks)->get("/doorways/{$doorway}/hand-over.pdf");
        $of($desks)->get("/doorways/{$doorway}/give-out/sheet.pdf");
    },
];
/** How often each comes. */
$often = ['changed' => 12, 'undone' => 4, 'looked' => 12, 'stepped' => 5, 'offline' => 1, 'restored' => 1, 'handed over' => 2];
$turns = array_merge(...array_map(fn (string $what, int $times) => array_fill(0, $times, $what), array_keys($often), $often));

$began = microtime(true);
$memory = [];
while (microtime(true) - $began < 60 * $minutes) {
    $what = $of($turns);
    try {
        $works[$what]();
        $done[$what]++;
    } catch (Throwable $fault) {
        $errors[] = "{$what}: {$fault->getMessage()}";
        $phone->connect();
    }
    $memory[] = House::memory($phone->server());
}
foreach ($said as $doorway => $places) {
    foreach ($places as $place => $value) {
        (string) $kept($doorway, $place) === $value
            || ($differences[] = "doorway {$doorway}, {$place}: {$value} was answered as kept, ".json_encode($kept($doorway, $place)).' is there');
    }
}
$book = new PDO("sqlite:{$phone->database()}");
$well = (string) $book->query('PRAGMA integrity_check')?->fetchColumn();
$well === 'ok' || ($differences[] = "the database: {$well}");
// Its workers have all answered by a third of it.
$third = array_slice($memory, intdiv(count($memory), 3), max(1, intdiv(count($memory), 10)));
$last = array_slice($memory, -max(1, intdiv(count($memory), 10)));
[$then, $now] = [array_sum($third) / count($third), array_sum($last) / count($last)];
$isSteady = $now <= 1.15 * $then;

printf("%s, %.1f minutes, seed %d\n", implode(', ', array_map(fn (string $what, int $times) => "{$times} {$what}", array_keys($done), $done)), (microtime(true) - $began) / 60, $seed);
printf("asked of the desks %d, errors %d, differences %d\n", array_sum(array_map(fn (Desk $desk) => $desk->asked, $desks)), count($errors), count($differences));
printf("memory of the server %.0f MB after a third, %.0f MB at the end: %s\n", $then / 1000, $now / 1000, $isSteady ? 'steady' : 'GROWS');
foreach ([...array_slice(array_unique($errors), 0, 12), ...array_slice($differences, 0, 12)] as $line) {
    echo "  {$line}\n";
}
exit($errors === [] && $differences === [] && $isSteady && min($done) > 0 ? 0 : 1);
