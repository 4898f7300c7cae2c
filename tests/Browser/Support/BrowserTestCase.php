<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PHPUnit\Framework\TestCase;

/** @property-read Browser $browser  with the demo as it was, for the tests that ask for one */
abstract class BrowserTestCase extends TestCase
{
    private ?Browser $fresh = null;

    public function __get(string $name): Browser
    {
        assert($name === 'browser');

        return $this->fresh ??= Browser::fresh();
    }
}
