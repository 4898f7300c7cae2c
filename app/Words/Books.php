<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Contracts\Translation\Loader;

/** The books of words that are asked for some hundred times on one page, each opened once for a language. */
final class Books
{
    /** @var array<string, array<array-key, mixed>> by language and book */
    private array $open = [];

    public function __construct(private readonly Loader $loader) {}

    /**
     * What is made of a book, made once for a language.
     *
     * @param  callable(): array<array-key, mixed>  $make
     * @return array<array-key, mixed>
     */
    public function made(string $name, callable $make): array
    {
        return $this->open[app()->getLocale()." made {$name}"] ??= $make();
    }

    /** @return array<array-key, mixed> */
    public function open(string $book): array
    {
        return $this->open[app()->getLocale()." {$book}"] ??= $this->loader->load(app()->getLocale(), $book, '*');
    }
}
