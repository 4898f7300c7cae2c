<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Framework\Test;
use PHPUnit\Framework\TestCase;
use PHPUnit\Framework\TestSuite;
use RecursiveFilterIterator;
use RecursiveIterator;

/** In place of the filter by name that comes with Pest, which cannot tell one set of data from another. */
final class ChosenOnly extends RecursiveFilterIterator
{
    /** @var array<string, int> as keys */
    private readonly array $chosen;

    /** @param  RecursiveIterator<int, Test>  $tests */
    public function __construct(RecursiveIterator $tests, string $chosen)
    {
        parent::__construct($tests);
        $this->chosen = array_flip(explode("\n", $chosen));
    }

    /**
     * What is given as `--filter`.
     *
     * @param  list<string>  $tests
     */
    public static function these(array $tests): string
    {
        return implode("\n", $tests);
    }

    /** A test with its set of data. */
    public static function name(TestMethod $test): string
    {
        $data = $test->testData();

        return self::named($test->className(), $test->methodName(), $data->hasDataFromDataProvider()
            ? (string) $data->dataFromDataProvider()->dataSetName()
            : '');
    }

    public function accept(): bool
    {
        $test = $this->getInnerIterator()->current();

        return $test instanceof TestSuite || ($test instanceof TestCase
            && isset($this->chosen[self::named($test::class, $test->name(), (string) $test->dataName())]));
    }

    private static function named(string $class, string $method, string $data): string
    {
        return str_replace("\n", ' ', "{$class}::{$method}#{$data}");
    }
}
