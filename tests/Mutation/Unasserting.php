<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** Assertions that assert nothing: with them no fault may be caught by one. */
final class Unasserting
{
    private const EMPTIED = [
        'vendor/phpunit/phpunit/src/Framework/Assert.php' => [
            [
                '/(final public static function assertThat\([^)]*\): void)\s*\{.*?\n    \}/s',
                '/(final public static function fail\([^)]*\)): never\s*\{.*?\n    \}/s',
            ],
            ['$1 { self::\$count += count(\$constraint); }', '$1: void { self::\$count++; }'],
        ],
        // Where nothing is thrown that should be.
        'vendor/pestphp/pest/src/Mixins/Expectation.php' => [
            '/throw new ExpectationFailedException\("Exception [^;]*;/', 'return $this;',
        ],
        // What is not so fails by itself where nothing is thrown.
        'vendor/pestphp/pest/src/Expectations/OppositeExpectation.php' => [
            [
                '/(function throwExpectationFailedException\([^)]*\)): never\s*\{.*?\n    \}/s',
                '/^( +)\$this->throwExpectationFailedException\([^;]*\);(?=\n    \})/m',
            ],
            ['$1: void { }', '$1return $this->original;'],
        ],
    ];

    /** @param  string  $folder  where they may be written */
    public static function load(string $folder): void
    {
        foreach (self::EMPTIED as $path => [$body, $instead]) {
            $code = preg_replace($body, $instead, (string) file_get_contents($path), count: $times);
            $times >= count((array) $body) || exit("Assertions cannot be taken out of {$path}.\n");
            file_put_contents($file = "{$folder}/without-".basename($path), $code);
            require $file;
        }
    }
}
