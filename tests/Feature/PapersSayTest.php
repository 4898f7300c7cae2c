<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Demo;
use Tests\PageSays;
use YokeLine\Recovery\Problems;

/* What is given out of the demo, and what comes by itself into a page, as it was approved. */

const GIVEN_OF = [1, 2, 4, 6, 10, 16];

/** @return list<string> what a paper says, and page by page a mark that hangs on every line that is drawn */
function paperSays(string $pdf): array
{
    preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
    $drawn = [];
    foreach ($streams[1] as $stream) {
        preg_match_all('/^[-\d. ]+ (?:re|l|m|c|cm|w|rg|RG)\b.*$/m', (string) @gzuncompress($stream), $lines);
        $lines[0] === [] || ($drawn[] = count($lines[0]).' '.substr(sha1(implode("\n", $lines[0])), 0, 12));
    }

    return [...PageSays::timeless(explode("\n", shownOn($pdf))), ...$drawn];
}

beforeEach(fn () => Demo::load());

foreach (['sheet.pdf', 'templates.pdf', 'shop.pdf'] as $paper) {
    test("{$paper} says and draws what was approved", function (int $doorway) use ($paper) {
        $given = $this->get("/doorways/{$doorway}/give-out/{$paper}");

        Approved::holds("Papers/{$paper} of {$doorway}", $given->isOk()
            ? paperSays((string) $given->getContent())
            : [$given->getStatusCode()]);
    })->with($paper === 'shop.pdf' ? [16, 17] : GIVEN_OF);
}

foreach (['offer.pdf', 'hand-over.pdf'] as $paper) {
    test("{$paper} says and draws what was approved", function (int $doorway) use ($paper) {
        Approved::holds(
            "Papers/{$paper} of {$doorway}",
            paperSays((string) $this->get("/doorways/{$doorway}/{$paper}")->assertOk()->getContent()),
        );
    })->with([1, 2, 6]);
}

foreach (['give-out/wall.dxf', 'give-out/wall.svg', 'give-out/marks.csv', 'file', 'log.csv'] as $file) {
    test("{$file} is written as it was approved", function (int $doorway) use ($file) {
        $given = $this->get("/doorways/{$doorway}/{$file}");
        $text = $given->baseResponse instanceof Symfony\Component\HttpFoundation\StreamedResponse
            ? $given->streamedContent()
            : (string) $given->getContent();

        Approved::holds('Papers/'.strtr($file, '/', ' ')." of {$doorway}", PageSays::timeless(
            preg_split('/\r?\n|(?<=,)(?=")/', $text) ?: [],
        ));
    })->with($file === 'file' ? [1, 6] : [1, 2, 6]);
}

test('what comes by itself into the bench is as it was approved', function (int $doorway) {
    $said = [];
    foreach (['wall', 'leaf', 'rail', 'anchors'] as $station) {
        $answer = $this->get("/doorways/{$doorway}/{$station}/findings");
        $said[$station] = $answer->isOk() ? PageSays::of((string) $answer->getContent()) : $answer->getStatusCode();
    }
    $said['numbers'] = PageSays::of((string) $this->get("/doorways/{$doorway}/numbers")->getContent());
    $said['verdict'] = PageSays::of((string) $this->get("/doorways/{$doorway}/wall/verdict")->getContent());

    Approved::holds("Papers/bench of {$doorway}", $said);
})->with([1, 2, 4, 6, 11]);

test('where each number comes from is told as it was approved', function (int $doorway) {
    $page = (string) $this->get("/doorways/{$doorway}/rail/stops")->getContent();
    preg_match_all('#/why/([\w.-]+)"#', $page.$this->get("/doorways/{$doorway}/door/size")->getContent(), $keys);
    $told = [];
    foreach (array_unique($keys[1]) as $key) {
        $told[$key] = PageSays::of((string) $this->get("/doorways/{$doorway}/why/{$key}")->assertOk()->getContent());
    }

    expect($told)->not->toBe([]);
    Approved::holds("Papers/why of {$doorway}", $told);
})->with([1, 2, 6]);

foreach (Problems::ROWS as $row) {
    test("what is asked of {$row} on site is as it was approved", function () use ($row) {
        $said = [];
        foreach ([1, 6] as $doorway) {
            $page = $this->get("/doorways/{$doorway}/found/{$row}")->assertOk();
            $said[$doorway] = PageSays::of((string) $page->getContent());
        }

        Approved::holds("Papers/found {$row}", $said);
    });
}

test('what is given out of a job is as it was approved', function () {
    $said = [];
    foreach ([
        '/jobs/1/materials.csv', '/jobs/1/schedule/plan', '/prices.csv', '/shelf/kits.json', '/jobs/1/orders',
    ] as $path) {
        $given = $this->get($path);
        $text = $given->baseResponse instanceof Symfony\Component\HttpFoundation\StreamedResponse
            ? $given->streamedContent()
            : (string) $given->getContent();
        $said[$path] = str_contains((string) $given->headers->get('Content-Type'), 'html')
            ? PageSays::of($text)
            : PageSays::timeless(explode("\n", $text));
    }

    Approved::holds('Papers/job', $said);
});

test('the words of the trade come as they were approved', function () {
    Approved::holds('Papers/words', array_map(
        fn (string $word) => PageSays::of((string) $this->get("/words/{$word}")->assertOk()->getContent()),
        YokeLine\Drawing\Glossary::words(),
    ));
});
