<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PHPUnit\Framework\TestCase;

abstract class BrowserTestCase extends TestCase
{
    protected Browser $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser = Browser::fresh();
    }
}
