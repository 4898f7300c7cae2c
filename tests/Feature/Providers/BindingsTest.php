<?php

declare(strict_types=1);

use App\Database\LockingPdo;
use App\Models\Doorway;
use App\Shelf;
use App\Shop\Prices;
use App\Supply\SimulatedSupplier;
use App\Supply\Supplier;
use Illuminate\Database\Eloquent\MissingAttributeException;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Tests\Begun;
use YokeLine\Format\SchemaCheck;

/* What the application is put together of. */

test('its books are opened by a connection that begins with the lock', function () {
    config(['database.connections.another' => ['driver' => 'sqlite', 'database' => ':memory:']]);

    expect(DB::connection('another')->getPdo())->toBeInstanceOf(LockingPdo::class);
});

test('what is read once is read once a request, and the schema once a process', function (
    string $class,
    bool $isForOneRequest,
) {
    $first = app($class);

    expect(app($class))->toBe($first);
    app()->forgetScopedInstances();
    expect(app($class) === $first)->toBe(! $isForOneRequest);
})->with([[Shelf::class, true], [Prices::class, true], [SchemaCheck::class, false]]);

test('orders go to the supplier that is simulated', function () {
    expect(app(Supplier::class))->toBeInstanceOf(SimulatedSupplier::class);
});

test('a column that was not asked for is a fault', function () {
    $id = Begun::doorway('kiln-room')->id;
    $doorway = Doorway::query()->select('id')->findOrFail($id);

    expect(fn () => $doorway->name)->toThrow(MissingAttributeException::class);
});

test('who asks is told by the proxies that are trusted, and by nobody else', function (array $proxies, string $ip) {
    config(['app.proxies' => $proxies]);
    (new App\Providers\AppServiceProvider(app()))->boot();
    $request = Request::create('/', server: ['REMOTE_ADDR' => '10.0.0.2', 'HTTP_X_FORWARDED_FOR' => '192.168.7.7']);
    $seen = app(TrustProxies::class)->handle($request, fn (Request $passed) => $passed->ip());

    expect($seen)->toBe($ip);
})->with(['trusted' => [['10.0.0.2'], '192.168.7.7'], 'another' => [['10.0.0.3'], '10.0.0.2']]);
