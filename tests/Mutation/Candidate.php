<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Contracts\Mutator;

/** A fault that can be put in, not made yet: to make it is to print the whole file anew. */
final readonly class Candidate
{
    /**
     * @param  class-string<Mutator>  $mutator
     * @param  int  $order  of the node among all of its file, as they are left
     */
    public function __construct(public string $mutator, public int $order, public int $from, public int $to) {}
}
