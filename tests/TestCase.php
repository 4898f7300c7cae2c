<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Cache\CacheManager;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Foundation\Testing\WithCachedConfig;
use Illuminate\Foundation\Testing\WithCachedRoutes;
use Illuminate\Support\Sleep;

abstract class TestCase extends BaseTestCase
{
    use WithCachedConfig;
    use WithCachedRoutes;

    protected function setUp(): void
    {
        parent::setUp();
        // Whoever waits says so, and a test goes on.
        Sleep::fake();
    }

    public function createApplication(): Application
    {
        $application = parent::createApplication();
        $caches = $application->make(CacheManager::class);
        $caches->extend('array', fn () => $caches->repository(new KeptByContent()));

        return $application;
    }
}
