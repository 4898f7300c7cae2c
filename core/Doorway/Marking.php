<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** How one marks out here: what was chosen of it. Null is worked out, or as a tape comes. */
final readonly class Marking
{
    /**
     * @param  array<string, list<string>>  $pulls  by tape, those that were chosen: hook and way, `corner-l right`
     * @param  string  $heights  level, places or laser
     * @param  ?Length  $tape  how long it is
     * @param  ?Length  $line  a pencil line, in room x
     * @param  ?Length  $laser  what a tape reads up to its line at the high spot
     * @param  ?Length  $provedAt  where along the wall the rail line is proved
     * @param  ?Length  $packing  under the leaf, where the line is proved with it
     */
    public function __construct(
        public array $pulls,
        public string $heights,
        public ?Length $tape,
        public ?Length $line,
        public bool $railIsUp,
        public ?Length $laser,
        public ?Length $provedAt,
        public ?Length $packing,
        public PlusMinus $plusMinus,
    ) {}
}
