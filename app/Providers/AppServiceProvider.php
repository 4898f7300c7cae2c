<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\LockingConnector;
use App\Firm\Ability;
use App\Firm\Here;
use App\Http\Session\FileSession;
use App\Http\Session\TableSession;
use App\Http\State;
use App\Meter\DistanceMeter;
use App\Meter\SimulatedMeter;
use App\Shelf;
use App\Words\Books;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\View as ViewFactory;
use Illuminate\Support\ServiceProvider;
use YokeLine\Format\SchemaCheck;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', LockingConnector::class);
        $this->app->scoped(Here::class, fn () => new Here(app('auth'), ! config('app.sign_in')));
        $this->app->scoped(\App\Shop\Prices::class);
        $this->app->bind(\App\Supply\Supplier::class, \App\Supply\SimulatedSupplier::class);
        $this->app->singleton(
            SchemaCheck::class,
            fn () => new SchemaCheck((string) file_get_contents(public_path('schema/doorway-v1.schema.json'))),
        );
        $this->app->singleton(Books::class, fn () => new Books(app('translation.loader')));
        $this->app->scoped(Shelf::class, fn () => new Shelf());
        $this->app->singleton(DistanceMeter::class, fn () => new SimulatedMeter(resource_path('meter/larder.txt')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        TrustProxies::at((array) config('app.proxies'));
        $this->callAfterResolving('session', $this->keepSessions(...));
        Blade::if('may', fn (string $ability) => app(Here::class)->may(Ability::from($ability)));
        ViewFactory::composer('components.page', fn (View $page) => $page->with('state', State::shownOn(request())));
    }

    private function keepSessions(SessionManager $sessions): void
    {
        /** @var array{files: string, connection: string, table: string, lifetime: int} $set */
        $set = config('session');
        $sessions->extend(
            'file',
            fn (Application $app) => new FileSession($app->make('files'), $set['files'], $set['lifetime']),
        );
        $sessions->extend('database', fn (Application $app) => new TableSession(
            $app->make('db')->connection($set['connection']),
            $set['table'],
            $set['lifetime'],
            $app,
        ));
    }
}
