<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** Old leaves beside each other, the leading one first; one hollow leaf that is trimmed is one of them. */
final readonly class Joined
{
    /**
     * @param  list<OldLeaf>  $from
     * @param  ?Length  $plane  off every edge
     * @param  bool  $isLetIn  whether plates lie flush
     * @param  list<Panel>  $panels
     */
    public function __construct(
        public array $from,
        public ?Length $plane,
        public Join $join,
        public bool $isLetIn,
        public array $panels,
    ) {}

    /** @return list<OldLeaf> those of one leaf; all where the leaves are alike */
    public function of(string $leaf): array
    {
        $its = array_filter($this->from, fn (OldLeaf $old) => $old->of === $leaf || $old->of === '');

        return array_values($this->tellsTwo() ? $its : $this->from);
    }

    public function tellsTwo(): bool
    {
        return array_filter($this->from, fn (OldLeaf $old) => $old->of !== '') !== [];
    }
}
