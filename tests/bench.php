<?php

declare(strict_types=1);

/*
 * ./yoke bench: how fast it is, as medians and ratios of one run on one machine.
 * Pages are asked of a server of their own, in turn, so that a drift of the machine falls on all alike.
 */

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Bench\Growth;
use Tests\Bench\Processor;
use Tests\Bench\Report;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\ServedFirm;
use Tests\Core\Support\Doorways;
use Tests\Load;
use YokeLine\Format\DoorwayReader;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Scan\FoundStud;
use YokeLine\Holding\Scan\Scan;
use YokeLine\Holding\Scan\SimulatedWall;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Planner\Planner;
use YokeLine\Setout;
use YokeLine\Stock\Cutting;
use YokeLine\Stock\Piece;
use YokeLine\Tolerance\Clearance;
use YokeLine\Ways\Ranking;
use YokeLine\Ways\Search;
use YokeLine\Ways\Weights;

require __DIR__.'/../vendor/autoload.php';

const ROUNDS = 60;

/** @param  list<float>  $times */
function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

/**
 * @template T
 *
 * @param  callable(): T  $work
 * @return array{T, float} what came of it, and the seconds it took
 */
function timed(callable $work): array
{
    $from = hrtime(true);
    $made = $work();

    return [$made, (hrtime(true) - $from) / 1e9];
}

/**
 * Runs each in turn, ROUNDS times after a warm-up.
 *
 * @param  array<string, callable(): mixed>  $works
 * @param  ?Processor  $of  whose processor time is asked instead of the clock
 * @return array<string, float> medians in milliseconds
 */
function inTurn(array $works, int $rounds = ROUNDS, ?Processor $of = null): array
{
    $times = [];
    $now = fn (): float => $of === null ? hrtime(true) / 1e6 : $of->ms();
    for ($round = -8; $round < $rounds; $round++) {
        foreach ($works as $name => $work) {
            $from = $now();
            $work();
            $took = $now() - $from;
            if ($round >= 0) {
                $times[$name][] = $took;
            }
        }
    }

    return array_map(median(...), $times);
}

$report = new Report(dirname(__DIR__).'/.yoke/bench.json');
$row = $report->row(...);
echo Report::machine()."\n";

/** The core. */
foreach (['kiln-room', 'glaze-store'] as $name) {
    $doorway = DoorwayReader::read(Doorways::document($name));
    $kit = Doorways::kits()[$doorway->brief->kit];
    $ms = inTurn(['plan' => fn () => Planner::plan($doorway, $kit)], 400)['plan'];
    $row("plan of one doorway, {$name}", sprintf('%.2f ms', $ms), 'under 3 ms', $ms < 3);
}

foreach (['kiln-room', 'reclaim-bay', 'slip-store'] as $name) {
    $doorway = DoorwayReader::read(Doorways::document($name));
    $kit = Doorways::kits()[$doorway->brief->kit];
    $ms = inTurn(
        [
            'anchoring' => function () use ($doorway, $kit) {
                $anchoring = Anchoring::of(Planner::plan($doorway, $kit));

                return [$anchoring->worst(), $anchoring->sags()];
            },
        ],
        120,
    )['anchoring'];
    $row("plan and whole anchoring, {$name}", sprintf('%.2f ms', $ms), 'under 25 ms', $ms < 25);
}

/** Walls with a hidden inside, swept both ways at three heights. */
$all = $right = $found = $false = $cables = $inside = 0;
for ($seed = 1; $seed <= 500; $seed++) {
    $wall = SimulatedWall::seeded($seed);
    $scan = Scan::of($wall->trace(), $wall->opening, $wall->wall);
    $all += count($wall->studs);
    $found += count($scan->studs);
    $right += count(
        array_filter(
            $wall->studs,
            fn (array $stud) => array_filter($scan->studs, fn (FoundStud $one) => abs($one->x - $stud['x']) <= 4) !== [],
        ),
    );
    $false += count(
        array_filter(
            $scan->studs,
            fn (FoundStud $one) => array_filter($wall->studs, fn (array $stud) => abs($one->x - $stud['x']) <= 15) === [],
        ),
    );
    $cables += count($wall->cables);
    $inside += count(
        array_filter(
            $wall->cables,
            fn (array $cable) => array_filter(
                $scan->zones,
                fn (array $zone) => $cable['x'] >= $zone[0] && $cable['x'] <= $zone[1],
            ) !== [],
        ),
    );
}
$row(
    "studs of 500 simulated walls within 4 mm, of {$all}",
    sprintf('%.2f %%', (100 * $right) / $all),
    'at least 99 %',
    $right >= 0.99 * $all,
);
$row('studs that are none', sprintf('%.2f %%', (100 * $false) / $found), 'at most 0.5 %', $false <= 0.005 * $found);
$row("live cables inside a zone, of {$cables}", (string) $inside, 'all', $inside === $cables);

$write = new LengthWriter(Unit::Millimetre);
$kiln = DoorwayReader::read(Doorways::document('kiln-room'));
$kiln = DoorwayReader::read(
    Doorways::document('kiln-room', [
        'brief.leaf.stock_widths' => range(760, 1510, 50),
        'brief.leaf.stock_heights' => range(2080, 2230, 25),
    ]),
);
$times = $first = [];
for ($run = 0; $run < 5; $run++) {
    $from = hrtime(true);
    $search = Search::of($kiln, Doorways::kits());
    [$ranking, $judge] = [new Ranking(), $search->judge()];
    foreach ($search->ways(5500) as $i => $way) {
        $ranking->add($way);
        if (! isset($first[$run]) && (hrtime(true) - $from) / 1e9 > 0.12) {
            $ranking->arrangements(Weights::from([]), $judge);
            $first[$run] = (hrtime(true) - $from) / 1e9;
        }
    }
    $ranking->judge($judge);
    $times[] = (hrtime(true) - $from) / 1e9;
}
$row(
    "ways of the kiln room, 5 500 of {$search->count()} combinations, held",
    sprintf('%.2f s', median($times)),
    'under 1.5 s',
    median($times) < 1.5,
);
$row(
    'the first of them, held',
    sprintf('%.2f s', median(array_values($first))),
    'under 0.3 s',
    median(array_values($first)) < 0.3,
);

/** Pages, over the wire. */
Browser::$isInUse = true;
$browser = Browser::fresh();
$jar = tempnam(sys_get_temp_dir(), 'jar');
$ask = function (string $path, ?array $post = null, array $headers = []) use ($browser, $jar): string {
    $curl = curl_init($browser->url.$path);
    curl_setopt_array($curl, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_COOKIEJAR => $jar,
        CURLOPT_COOKIEFILE => $jar,
        CURLOPT_HTTPHEADER => $headers,
        CURLOPT_ENCODING => 'gzip',
        CURLOPT_FOLLOWLOCATION => true,
    ]);
    if ($post !== null) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($post));
    }
    $body = (string) curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    curl_close($curl);

    return $status === 200 ? $body : throw new RuntimeException("{$path} answered {$status}");
};
preg_match('/name="csrf-token" content="([^"]+)"/', $ask('/doorways/1/door/size'), $token);
$base = fn (string $page) => preg_match('/id="base" name="base" value="(\d+)"/', $page, $found) === 1 ? $found[1] : '';
$at = [];
$change = function (int $doorway, string $place, string $value) use ($ask, $token, &$at, $base): void {
    $at[$doorway] ??= $base($ask("/doorways/{$doorway}/door/size"));
    $at[$doorway] = $base(
        $ask(
            "/doorways/{$doorway}/leaf/changes",
            ['place' => $place, 'value' => $value, 'base' => $at[$doorway]],
            ["X-CSRF-TOKEN: {$token[1]}", 'HX-Request: true'],
        ),
    );
};
$turn = 0;
$pages = [
    'empty' => fn () => $ask('/empty'),
    'bench, glaze store' => fn () => $ask('/doorways/2/rail/stops'),
    'bench, map archive' => fn () => $ask('/doorways/4/wall/measure'),
    'one field, there and back' => fn () => $change(1, 'brief.rules.gap', ++$turn % 2 === 0 ? '11' : '12'),
    'its cures' => fn () => $ask('/doorways/1/leaf/findings'),
    'bench, the first look after a change' => fn () => $ask('/doorways/1/door/size'),
    'one field, as it never was' => fn () => $change(3, 'survey.wall.ceiling', (string) (2600 + ++$turn)),
    'cures that were never proved' => fn () => $ask('/doorways/3/leaf/findings'),
];
$most = [
    'bench, glaze store' => 1.5, 'bench, map archive' => 1.5, 'one field, there and back' => 1.6, 'its cures' => 1.5,
];
foreach (['by the clock' => null, 'of processor' => new Processor($browser->server())] as $how => $processor) {
    $medians = inTurn($pages, of: $processor);
    $row("an empty page, {$how}", sprintf('%.1f ms', $medians['empty']), '', true, $medians['empty']);
    foreach (array_slice($medians, 1) as $name => $ms) {
        $ratio = $ms / $medians['empty'];
        $row(
            "{$name}, {$how}, against it",
            sprintf('%.1f ms = %.2f x', $ms, $ratio),
            isset($most[$name]) ? "at most {$most[$name]} x" : '',
            ! isset($most[$name]) || $ratio <= $most[$name],
            $ratio,
        );
    }
}

$paper = inTurn(
    [
        'sheet' => fn () => $ask('/doorways/1/give-out/sheet.pdf'),
        'templates' => fn () => $ask('/doorways/1/give-out/templates.pdf'),
        'marks' => fn () => $ask('/doorways/6/marks/runs'),
        'parts' => fn () => $ask('/doorways/6/marks/door'),
    ],
    10,
);
$row(
    'set-out sheet of the kiln room, as PDF',
    sprintf('%.0f ms', $paper['sheet']),
    'under 1500 ms',
    $paper['sheet'] < 1500,
);
$row(
    'templates of the kiln room, as PDF',
    sprintf('%.0f ms', $paper['templates']),
    'under 1500 ms',
    $paper['templates'] < 1500,
);
$row('marks, leaf and parts of two leaves', sprintf('%.0f and %.0f ms', $paper['marks'], $paper['parts']), '', true);

/** A job to give out, asked for as the browser does, doorway by doorway. @return array{int, float} doorways, seconds */
$give = function (string $kind) use ($ask, $token): array {
    [$count, $seconds] = timed(function () use ($ask, $token, $kind): int {
        $said = $ask('/jobs/1/parcels', ['kind' => $kind, '_token' => $token[1]]);
        preg_match('#/parcels/([0-9a-z]{26})/next#', $said, $parcel);
        preg_match('/of (\d+) doorways/', $said, $count);
        while (! str_contains($said, 'Ready.')) {
            $said = $ask("/parcels/{$parcel[1]}/next", ['_token' => $token[1]]);
        }
        $ask("/parcels/{$parcel[1]}/file");

        return (int) $count[1];
    });

    return [$count, $seconds];
};
[$few, $fewSeconds] = $give('archive');
for ($copy = 1; $copy <= 8; $copy++) {
    $ask("/doorways/{$copy}/copy", ['_token' => $token[1]]);
}
foreach (['archive' => 'as ZIP', 'sheets' => 'as one PDF'] as $kind => $says) {
    [$many, $seconds] = $give($kind);
    $row("{$many} doorways {$says}, with progress", sprintf('%.1f s', $seconds), 'under 20 s', $seconds < 20);
    if ($kind === 'archive') {
        $ratio = $seconds / $many / ($fewSeconds / $few);
        $row(
            "a doorway of a ZIP of {$many}, against one of {$few}",
            sprintf('%.2f x', $ratio),
            'at most 1.3 x',
            $ratio <= 1.3,
            $ratio,
        );
    }
}

/** Buying and time. */
$lists = json_decode((string) file_get_contents(__DIR__.'/Core/Support/work/cutting-exact.json'), true)['instances'];
$took = $proved = [];
foreach ($lists as $list) {
    $from = hrtime(true);
    $plan = Cutting::of(
        array_map(fn (int $mm) => new Piece(Length::mm($mm), (string) $mm), $list['pieces']),
        array_map(Length::mm(...), $list['stock']),
        Length::mm(3),
        Length::mm(10),
    );
    $took[] = (hrtime(true) - $from) / 1e9;
    $proved[] = $plan->isProved && [count($plan->bars), $plan->bought()->toMm()] == [$list['bars'], $list['bought']];
}
$row(
    count($lists).' lists of 40 to 72 pieces, cut as an exact solver does',
    count(array_filter($proved)).' proved',
    'all',
    ! in_array(false, $proved, true),
);
$row('the slowest of them', sprintf('%.2f s', max($took)), 'under 1 s', max($took) < 1);
foreach ([false, true] as $twoSites) {
    $tasks = Growth::steps(8, $twoSites, [
        'kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay', 'kiln-room', 'glaze-store', 'reclaim-bay', 'glaze-store',
    ]);
    [$plan, $seconds] = timed(fn () => Growth::days($tasks, $twoSites));
    $most = $twoSites ? 12 : 3;
    $row(
        count($tasks).' steps of 8 doorways, crew of 2, '.($twoSites ? 'two sites' : 'one site'),
        sprintf('%.2f s, %.1f %%', $seconds, 100 * $plan->gap()),
        "2 s, {$most} % over bound",
        $seconds < 2 && 100 * $plan->gap() <= $most,
        $seconds,
    );
}
foreach ([64 => 3, 300 => 20] as $doorways => $most) {
    $tasks = Growth::steps($doorways);
    [, $seconds] = timed(fn () => Growth::days($tasks));
    $row(
        'days of '.count($tasks)." steps of {$doorways} doorways",
        sprintf('%.1f s', $seconds),
        "under {$most} s",
        $seconds < $most,
        $seconds,
    );
}

/** Where there is much of it: four times as much takes no more than about four times as long. */
foreach (['readings' => Growth::withReadings(...), 'things' => Growth::withThings(...), 'studs' => Growth::withStuds(...)] as $of => $make) {
    $took = [];
    foreach ([50, 200] as $many) {
        if ($of === 'studs') {
            $many /= 2;
        }
        $document = $make($many);
        [$setout, $took[$many]['findings']] = timed(fn () => Setout::quick($document, Doorways::kits()));
        [, $took[$many]['cures']] = timed(fn () => $setout->withProvedCures(Doorways::kits()));
        [, $took[$many]['tolerance']] = timed(
            fn () => $setout->plan === null ? null : Clearance::of($setout->plan, $setout->plan->doorway->marking->plusMinus),
        );
    }
    [$few, $many] = array_keys($took);
    foreach ($took[$many] as $what => $seconds) {
        // What takes next to no time is not told apart from the machine's own noise.
        $ratio = $seconds / max(0.02, $took[$few][$what]);
        // Cures of a wall full of things come after the page, as many as are tried in one go.
        $most = $what === 'cures' && $of === 'things' ? INF : 1;
        $row(
            "{$what} of {$many} {$of}, against {$few}",
            sprintf('%.2f s = %.1f x', $seconds, $ratio),
            $most === INF ? '5 x' : "under {$most} s, 5 x",
            $seconds < $most && $ratio <= 5,
            $seconds,
        );
    }
}

/** What goes over the wire, as it is sent: of the first page that somebody opens, and of the next. */
$browser->driver->executeScript('location.replace("about:blank")');
(new ChromeDevToolsDriver($browser->driver))->execute('Network.clearBrowserCache');
$sent = fn (): int => (int) $browser->js(
    'return performance.getEntries().reduce((all, one) => all + (one.transferSize ?? 0), 0)',
);
foreach (['/doorways/1/wall/measure' => ['first load', 200], '/doorways/1/door/size' => ['second', 30]] as $path => $of) {
    $kilobytes = $browser->visit($path)->until($sent, 'something that was sent') / 1000;
    $row("{$of[0]}, as sent", sprintf('%.0f kB', $kilobytes), "under {$of[1]} kB", $kilobytes < $of[1]);
}

/** The slide, in the browser. */
$browser->visit('/doorways/1/door/size');
$browser->driver->manage()->timeouts()->setScriptTimeout(30);
$frames = $browser->driver->executeAsyncScript(
    <<<'JS'
        const done = arguments[arguments.length - 1];
        const range = document.querySelector('#slide');
        const travel = Number(range.max);
        const stamps = [];
        const step = (now) => {
            stamps.push(now);
            range.value = Math.abs(((now / 2) % (2 * travel)) - travel);
            range.dispatchEvent(new Event('input', { bubbles: true }));
            stamps.length < 180 ? requestAnimationFrame(step) : done(stamps.slice(1).map((t, i) => t - stamps[i]));
        };
        requestAnimationFrame(step);
    JS
    ,
);
$rate = 1000 / (array_sum($frames) / count($frames));
$slow = count(array_filter($frames, fn (float $ms) => $ms > 20.5));
$row('sliding, over 179 frames', sprintf('%.0f frames/s', $rate), 'at least 50', $rate >= 50);
$row('frames of it that took over 20 ms', (string) $slow, '', true);

/** What a phone four times as slow sees: when the largest thing is painted, and how long it answers no finger. */
$slow = new ChromeDevToolsDriver($browser->driver);
$slow->execute('Emulation.setCPUThrottlingRate', ['rate' => 4]);
foreach (['/' => [390, 844], '/doorways/1/wall/measure' => [390, 844], '/doorways/1/door/size' => [1280, 800]] as $path => $size) {
    $paints = $blocked = [];
    for ($run = 0; $run < 5; $run++) {
        $browser->size(...$size)->visit($path);
        [$paints[], $blocked[]] = $browser->driver->executeAsyncScript(
            <<<'JS'
                const done = arguments[arguments.length - 1];
                let [paint, blocked] = [0, 0];
                const see = (type, each) => new PerformanceObserver((list) => list.getEntries().forEach(each)).observe({ type, buffered: true });
                see('largest-contentful-paint', (one) => { paint = one.startTime; });
                see('longtask', (one) => { blocked += Math.max(0, one.duration - 50); });
                const idle = () => requestIdleCallback(() => requestAnimationFrame(() => done([paint, blocked])));
                // What answers is made ready after the page is painted: it blocks too.
                const isReady = () => 'answers' in document.documentElement.dataset;
                const answers = () => (isReady() ? setTimeout(idle, 200) : setTimeout(answers, 20));
                document.fonts.ready.then(answers);
            JS
            ,
        );
    }
    $report->row("{$path}, 4 x slower: largest paint", sprintf('%.2f s', median($paints) / 1000), 'under 0.8 s', median($paints) < 800);
    $report->row("{$path}, 4 x slower: blocked", sprintf('%.0f ms', median($blocked)), 'under 100 ms', median($blocked) < 100);
}
$slow->execute('Emulation.setCPUThrottlingRate', ['rate' => 1]);

/** Many who work at once: nobody gets an error, nothing that was answered as kept is lost. */
$book = new PDO("sqlite:{$browser->database()}");
$changes = fn () => (int) $book->query('select count(*) from revisions')->fetchColumn();
$load = new Load($browser->url, [1, 2, 3, 4, 5, 8, 9, 10]);
$before = $changes();
$said = '';
$load->work(50, 60, 0.2, function () use ($load, &$said): void {
    $said = $load->bringIn(Load::job(Doorways::document(), 500));
});
[$status, $seconds] = [...explode(' ', (string) file_get_contents($said)), '0'];
$came = (int) $book
    ->query("select count(*) from jobs where name = 'Load of 500' and arriving_since is null")
    ->fetchColumn();
$row(
    '50 at once for 60 s, a fifth writing: answers that are errors',
    $load->errors().' of '.array_sum($load->statuses),
    '0',
    $load->errors() === 0,
);
$row(
    'their changes that were answered as kept and are not there',
    (string) max(0, $load->kept - ($changes() - $before - 500 * $came)),
    '0',
    $load->kept <= $changes() - $before - 500 * $came,
);
$row('a job of 500 changes brought in beside them', sprintf('%s, %.1f s', $status, $seconds), 'it came', $came === 1);
$load->together(300);
$row('two who save one doorway at once, 300 times: errors', (string) $load->errors(), '0', $load->errors() === 0);

/** Lists with 2 000 jobs and 10 000 doorways behind them, against the same lists with one page of them. */
$book = new PDO("sqlite:{$browser->database()}");
$fill = function (int $jobs) use ($book): void {
    $at = "'2026-01-01 00:00:00', '2026-01-01 00:00:00'";
    $book->exec('BEGIN');
    $book->exec(
        "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < {$jobs})
            INSERT INTO jobs (name, created_at, updated_at) SELECT 'Made-up house ' || i, {$at} FROM n",
    );
    $book->exec(
        "INSERT INTO doorways
            (job_id, name, verdict, summary, revision_id, waits_for, next, created_at, updated_at)
            SELECT j.id, 'Room ' || m.k, 'fits', 'Made up', 1, 'us', 'Bring the leaf in', {$at}
            FROM jobs j, (SELECT 1 k UNION SELECT 2 UNION SELECT 3 UNION SELECT 4 UNION SELECT 5) m
            WHERE j.name LIKE 'Made-up house %' AND j.id NOT IN (SELECT job_id FROM doorways)",
    );
    $book->exec('COMMIT');
};
$lists = [
    'jobs' => fn () => $ask('/'),
    'search' => fn () => $ask('/?q=house'),
    'board' => fn () => $ask('/progress'),
];
$fill(13);
$few = inTurn($lists, 15);
$fill(2000);
$many = inTurn($lists, 15);
foreach ($few as $list => $ms) {
    $row(
        "{$list} with 10 000 doorways, against one full page",
        sprintf('%.1f ms = %.2f x', $many[$list], $many[$list] / $ms),
        'at most 1.3 x',
        $many[$list] <= 1.3 * $ms,
        $many[$list] / $ms,
    );
}

/** The two ways to serve: many at once, and a firm at work. */
$ways = [];
foreach (['up', 'serve'] as $way) {
    $firm = ServedFirm::start($way);
    $options = $firm->signedIn();
    $way === 'up' || $firm->bringInDemo();
    $load = new Load($firm->url(), [1, 3, 8], $options);
    $load->work(1, 3, 0.2);
    $load->work(50, 10, 0.2);
    $ways[$way] = ['rate' => count($load->took) / 10, 'crowd' => $load->p95(), 'errors' => $load->errors()];
    $load->work(1, 10, 0.2, looks: 0.2);
    $ways[$way]['alone'] = $load->p95();
    $load->work(50, 60, 0.2, looks: 4.0);
    $ways[$way] += ['firm' => $load->p95(), 'asked' => count($load->took), 'wrong' => $load->errors()];
    $firm->stop();
}
foreach ($ways as $way => $of) {
    $row(
        "./yoke {$way}, 50 at once without a pause",
        sprintf('%.0f a second', $of['rate']),
        'no error',
        $of['errors'] === 0,
    );
    $row(
        "./yoke {$way}, 50 people, 60 s, a fifth writes: errors",
        "{$of['wrong']} of {$of['asked']}",
        '0',
        $of['wrong'] === 0,
    );
}
$row(
    'slowest of 20 answers to 50 people, serve against up',
    sprintf('%.2f times', $ways['serve']['firm'] / $ways['up']['firm']),
    'at most 1',
    $ways['serve']['firm'] <= $ways['up']['firm'],
);
$ratio = $ways['serve']['firm'] / $ways['serve']['alone'];
$row('./yoke serve, slowest of 20 against alone', sprintf('%.2f times', $ratio), 'under 4 times', $ratio < 4);
$row(
    './yoke serve against ./yoke up, answers a second',
    sprintf('%.2f times', $ways['serve']['rate'] / $ways['up']['rate']),
    'at least 0.9',
    $ways['serve']['rate'] >= 0.9 * $ways['up']['rate'],
);

$report->againstYesterday();
