<?php

namespace App\Providers;

use App\Shelf;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Shelf::class, fn () => new Shelf(resource_path('kits/kits.json')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
    }
}
