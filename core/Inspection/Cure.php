<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

/** One change to survey or brief that takes a finding away. */
final readonly class Cure
{
    /**
     * @param  string  $says  what to do, with its number
     * @param  array<string, mixed>  $changes  place => value as the document has it, null to take it out
     * @param  string  $effect  what else changes with it, or ''
     */
    public function __construct(public string $says, public array $changes, public string $effect = '') {}
}
