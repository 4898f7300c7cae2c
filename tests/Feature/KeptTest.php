<?php

declare(strict_types=1);

use App\Bench\Station;
use App\Editing\Change;
use App\Editing\Notices;
use App\Firm\Role;
use App\Frame\Present;
use App\Http\Editor;
use App\Keeping\CacheFolder;
use App\Keeping\Kept;
use App\Models\Doorway;
use App\Models\Firm;
use App\Models\ShelfKit;
use App\Models\ShelfPart;
use App\Models\User;
use App\Record\Log;
use App\Words\StoredMessage;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\View;
use Tests\Demo;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\Document;

/** What was worked for a page is kept, and nobody is shown what no longer stands. */
beforeEach(function () {
    Demo::load();
    $this->withSession(['browser' => 'ana-1']);
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->page = fn (Station $station) => '/doorways/'.$this->doorway->id.'/'.strtr($station->page(), '.', '/');
    $this->worked = 0;
    View::composer('bench.body', fn () => $this->worked++);
});

test('what is kept is worked once for each thing that it hangs on', function () {
    $worked = 0;
    $of = function (int|string $by) use (&$worked): string {
        return Kept::of('test', [$by], function () use (&$worked): string {
            return 'worked '.(++$worked);
        });
    };

    expect([$of(1), $of(1), $of('1'), $of(2)])->toBe(['worked 1', 'worked 1', 'worked 2', 'worked 3']);
});

test('a fault is not kept', function () {
    $fails = fn () => Kept::of('test', [1], fn () => throw new DomainException('no plan'));

    expect($fails)->toThrow(DomainException::class)
        ->and(Kept::of('test', [1], fn () => 'worked'))->toBe('worked');
});

test('what is kept takes no more of the disk than it may, and the oldest goes first', function () {
    $folder = sys_get_temp_dir().'/yoke-kept-'.bin2hex(random_bytes(4));
    File::ensureDirectoryExists("{$folder}/ab");
    foreach (range(1, 5) as $n) {
        File::put("{$folder}/ab/{$n}", str_repeat('x', 1000));
        touch("{$folder}/ab/{$n}", 1_700_000_000 + $n);
    }
    (new CacheFolder($folder, 5000))->thin();
    $untouched = count(File::allFiles($folder));
    (new CacheFolder($folder, 4000))->thin();
    $left = array_map(fn ($file) => $file->getFilename(), File::allFiles($folder));
    File::deleteDirectory($folder);

    expect($untouched)->toBe(5)->and($left)->toBe(['3', '4', '5']);
});

test('a station is worked once for whoever comes back to it', function (Station $station) {
    $first = $this->get(($this->page)($station))->assertOk()->getContent();
    $again = $this->get(($this->page)($station))->assertOk()->getContent();

    expect($again)->toBe($first)->and($this->worked)->toBe(1);
})->with(array_values(array_filter(Station::cases(), fn (Station $station) => $station !== Station::Made)));

test('what is kept of a station is what is worked anew', function (Station $station) {
    $this->get(($this->page)($station));
    $kept = $this->get(($this->page)($station))->getContent();
    Cache::flush();

    expect($this->get(($this->page)($station))->getContent())->toBe($kept);
})->with(Station::cases());

test('a change is shown at once, and what stood before it when it is taken back', function () {
    $url = ($this->page)(Station::Leaf);
    $this->get($url)->assertSee('value="12"', false);
    $this->post("/doorways/{$this->doorway->id}/leaf/changes", ['place' => 'brief.rules.gap', 'value' => '14']);
    $changed = $this->get($url)->assertSee('value="14"', false);
    $this->post("/doorways/{$this->doorway->id}/undo");
    $this->get($url)->assertSee('value="12"', false);

    expect($changed->getContent())->not->toContain('value="12"');
});

test('each sees it in the language and the unit they look in', function () {
    $url = ($this->page)(Station::Leaf);
    $english = $this->get($url)->getContent();
    $this->post('/editor', ['language' => 'es']);
    $spanish = $this->get($url)->getContent();
    $this->post('/editor', ['units' => 'in', 'own' => 'mm', 'at' => "job-{$this->doorway->job_id}"]);
    $inches = $this->get($url)->getContent();

    expect($spanish)->not->toBe($english)
        ->and($inches)->not->toBe($spanish)
        ->and($this->worked)->toBe(3);
});

test('a kit that is changed on the shelf is changed on the page', function () {
    $url = ($this->page)(Station::Rail);
    $this->get($url)->assertSee('Round bar 25, face strap')->assertDontSee('Barn bar');
    $kit = ShelfKit::called('round-25-strap');
    $kit?->update(['document' => $kit->document->with('name', 'Barn bar'), 'name' => 'Barn bar']);
    app()->forgetScopedInstances();

    $this->get($url)->assertSee('Barn bar');
});

test('somebody else adds under an id of their own', function () {
    $url = ($this->page)(Station::Wall);
    $mine = $this->get($url)->getContent();
    $theirs = $this->withSession(['browser' => 'ben-2'])->get($url)->getContent();
    preg_match('/e[0-9a-f]{4}n\w*/', (string) $mine, $my);
    preg_match('/e[0-9a-f]{4}n\w*/', (string) $theirs, $their);

    expect($my)->not->toBe([])->and($their)->not->toBe([])->and($my)->not->toBe($their);
});

test('once cures are proved the page shows them, and asks for them no more', function () {
    $this->doorway = Doorway::query()->where('name', 'Glaze store')->firstOrFail();
    $url = ($this->page)(Station::Rail);
    $this->get($url)->assertSee('data-cures', false);
    $this->get("/doorways/{$this->doorway->id}/rail/findings")->assertOk();

    $this->get($url)->assertDontSee('data-cures', false)->assertSee('class="cure"', false);
});

test('a refusal is told once and is not kept', function () {
    $refuse = fn () => $this->post(
        "/doorways/{$this->doorway->id}/leaf/changes",
        ['place' => 'brief.rules.gap', 'value' => 'wide'],
        ['HX-Request' => 'true'],
    );
    $refuse()->assertSee('value="wide"', false);

    $this->get(($this->page)(Station::Leaf))->assertDontSee('value="wide"', false);
});

test('the rail of stations follows what a doorway waits for', function () {
    $url = ($this->page)(Station::Leaf);
    $this->doorway->forceFill(['waits_for' => 'us'])->save();
    $before = substr_count((string) $this->get($url)->getContent(), 'is-done');
    $this->doorway->forceFill(['waits_for' => 'done'])->save();

    expect(substr_count((string) $this->get($url)->getContent(), 'is-done'))->toBeGreaterThan($before);
});

test('a part that is put on the shelf is offered at once', function (LooseKind $kind, Station $station, array $sheet) {
    $url = ($this->page)($station);
    $this->get($url)->assertDontSee('Rope of hemp');
    ShelfPart::place('Rope of hemp', $kind, Document::fromJson((string) json_encode($sheet)));
    app()->forgetScopedInstances();

    $this->get($url)->assertSee('Rope of hemp');
})->with([
    'a handle' => [LooseKind::Handle, Station::Leaf, ['units' => 'mm', 'pull' => [
        'kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45,
    ]]],
    'a board' => [LooseKind::Board, Station::Rail, ['units' => 'mm', 'board' => ['width' => 140, 'thickness' => 38]]],
]);

test('what a station is worked of is all in what it is kept by', function (Station $station) {
    $asked = [];
    $isWorking = false;
    View::composer('bench.body', function () use (&$isWorking): void {
        $isWorking = true;
    });
    View::composer('components.page', function () use (&$isWorking): void {
        $isWorking = false;
    });
    DB::listen(function ($query) use (&$asked, &$isWorking): void {
        preg_match('/from "(\w+)"/', $query->sql, $of);
        $isWorking && ($asked[] = $of[1] ?? $query->sql);
    });
    $this->get(($this->page)($station))->assertOk();

    // The shelf is in its stamp, a trace in its own number; what lies behind a drawing is no part of it.
    expect(array_values(array_diff(array_unique($asked), ['parts', 'kits', 'traces', 'log_entries'])))->toBe([]);
})->with(array_values(array_filter(Station::cases(), fn (Station $station) => $station !== Station::Made)));

test('only who leads the firm is led to it, also at the foot of a page that an owner has looked at', function () {
    config(['app.sign_in' => true]);
    app()->forgetScopedInstances();
    $as = fn (Role $role) => User::create([
        'firm_id' => Firm::FIRST, 'name' => $role->value, 'email' => "{$role->value}@example.com",
        'password' => 'a long password', 'role' => $role,
    ]);
    [$owner, $planner] = [$as(Role::Owner), $as(Role::Planner)];
    $links = fn (User $who): int => substr_count(
        (string) $this->actingAs($who)->get('/')->assertOk()->getContent(),
        'href="'.route('firm').'"',
    );

    expect([$links($owner), $links($planner), $links($owner)])->toBe([2, 0, 2]);
});

test('a page that is looked at again is not made again', function () {
    $made = 0;
    View::composer('bench.page', function () use (&$made): void {
        $made++;
    });
    $url = ($this->page)(Station::Leaf);
    $first = $this->get($url)->assertOk()->getContent();

    expect($this->get($url)->getContent())->toBe($first)->and($made)->toBe(1);
});

test('a page that was looked at before shows what has come since', function (Closure $come, string $shows) {
    $url = ($this->page)(Station::Leaf);
    $this->get($url)->assertDontSee($shows, false);
    $come($this->doorway);
    app()->forgetScopedInstances();

    $this->get($url)->assertSee($shows, false);
})->with([
    'the new name of its job' => [fn (Doorway $doorway) => $doorway->job->update(['name' => 'Lime works']), 'Lime works'],
    'another name of who looks' => [fn () => test()->post('/editor', ['who' => 'Ilse Brand']), 'Ilse Brand'],
    'another language' => [fn () => test()->post('/editor', ['language' => 'es']), '<html lang="es"'],
    'another unit' => [
        fn (Doorway $doorway) => lookIn('in', $doorway->job),
        'value="in" aria-pressed="true"',
    ],
    'what one is told' => [
        fn (Doorway $doorway) => Notices::leave('ana-1', $doorway->id, 'x', StoredMessage::kept('Told in the meantime')),
        'Told in the meantime',
    ],
    'who else is here' => [
        fn (Doorway $doorway) => Present::besides(Editor::named('Otto Kern', 'otto-1'), $doorway),
        'Otto Kern',
    ],
    'that something can be undone' => [
        fn (Doorway $doorway) => test()->post("/doorways/{$doorway->id}/leaf/changes", [
            'place' => 'brief.rules.gap', 'value' => '10', 'base' => $doorway->revision_id,
        ]),
        'change 2',
    ],
]);

test('what a page was drawn from is told anew with each entry of the log', function () {
    $state = function (): string {
        preg_match('/name="state" content="([^"]+)"/', (string) $this->get(($this->page)(Station::Leaf))->getContent(), $is);

        return $is[1];
    };
    $before = $state();
    (new Log($this->doorway))->add('note', '', ['says' => 'Made up'], 'Ana');

    expect($state())->not->toBe($before);
});

test('where a page asks for its bench, that comes alone', function () {
    $this->get(($this->page)(Station::Leaf), ['HX-Request' => 'true'])
        ->assertOk()
        ->assertSee('id="base"', false)
        ->assertDontSee('<html', false);
});

test('a kept page comes packed to who takes it packed, and plain to who does not', function () {
    $url = ($this->page)(Station::Leaf);
    $plain = (string) $this->get($url)->assertHeaderMissing('Content-Encoding')->getContent();
    $packed = $this->get($url, ['Accept-Encoding' => 'gzip'])
        ->assertHeader('Content-Encoding', 'gzip')
        ->assertHeader('Vary', 'Accept-Encoding');

    expect(gzdecode((string) $packed->getContent()))->toBe($plain)
        ->and((int) $packed->headers->get('Content-Length'))->toBe(strlen((string) $packed->getContent()));
});

test('a doorway is set out once for all pages that show it, and anew where it is changed', function () {
    $isKept = fn (): bool => Kept::has('setout', $this->doorway->refresh()->planHangsOn());
    $this->get("/doorways/{$this->doorway->id}/papers/sheet")->assertOk();
    $shown = $isKept();
    $this->post("/doorways/{$this->doorway->id}/leaf/changes", ['place' => 'brief.rules.gap', 'value' => '17']);
    $changed = $isKept();
    $this->get("/doorways/{$this->doorway->id}/papers/sheet")->assertOk();

    expect([$shown, $changed, $isKept()])->toBe([true, false, true]);
});

test('a doorway that moved on is set out as it is now, also where it was set out before', function () {
    $gap = fn (): ?float => $this->doorway->setout(null)->plan?->doorway->brief->rules->gap->toMm();
    $gaps = array_map(function (string $mm) use ($gap): ?float {
        (new Change(['brief.rules.gap' => $mm], StoredMessage::change('created'), Editor::named('Ana', 'ana-1')))
            ->applyTo($this->doorway, (int) $this->doorway->revision_id);

        return $gap();
    }, ['9', '11', '9']);

    expect($gaps)->toBe([9.0, 11.0, 9.0]);
});

test('what is kept of a page that takes long is what is worked anew', function (Closure $at, string $says) {
    $url = $at($this->doorway->id);
    $first = $this->get($url)->assertOk()->assertSee($says)->getContent();
    $kept = $this->get($url)->getContent();
    Cache::flush();

    expect($kept)->toBe($first)->and($this->get($url)->getContent())->toBe($first);
})->with([
    'how sure' => [fn (int $id) => "/doorways/{$id}/record/tolerance", 'plus-minus'],
    'sizes of a leaf' => [fn (int $id) => "/doorways/{$id}/door/in-hand", 'Thickness'],
    'the sheet' => [fn (int $id) => "/doorways/{$id}/papers/sheet", 'Rail'],
    'marks' => [fn (int $id) => "/doorways/{$id}/marks/runs", 'tape'],
]);
