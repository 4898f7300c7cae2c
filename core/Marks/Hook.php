<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** Where a tape can be hooked along the wall. Below the line it must be carried up with a plumb. */
final readonly class Hook
{
    /** @param  list<1|-1>  $ways  it can be pulled, right first */
    public function __construct(public string $id, public Length $at, public bool $carried, public array $ways) {}

    public function says(): Message
    {
        return new Message('marks.hooks', [], $this->id);
    }

    /** A pull from here as it is named: hook and way. */
    public function pull(int $way): string
    {
        return $this->id.($way === 1 ? ' right' : ' left');
    }
}
