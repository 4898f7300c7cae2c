<?php

declare(strict_types=1);

/*
 * What the framework expects from four packages that are left out in composer.json (`replace`):
 * the PHP 8.5 polyfills and the Symfony clock. Delete this file, and the `replace` entries, the day
 * those packages can be installed.
 */

namespace Symfony\Component\Clock {
    if (! interface_exists(ClockInterface::class)) {
        interface ClockInterface extends \Psr\Clock\ClockInterface
        {
            public function sleep(float|int $seconds): void;

            public function withTimeZone(\DateTimeZone|string $timezone): static;
        }
    }
}

namespace {
    if (! function_exists('array_first')) {
        function array_first(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_first($array)];
        }
    }

    if (! function_exists('array_last')) {
        function array_last(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_last($array)];
        }
    }

    if (! function_exists('get_error_handler')) {
        function get_error_handler(): ?callable
        {
            $handler = set_error_handler(null);
            restore_error_handler();

            return $handler;
        }
    }

    if (! function_exists('get_exception_handler')) {
        function get_exception_handler(): ?callable
        {
            $handler = set_exception_handler(null);
            restore_exception_handler();

            return $handler;
        }
    }
}
