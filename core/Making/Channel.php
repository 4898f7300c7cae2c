<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** What the fin of the guide runs in. */
final readonly class Channel
{
    /**
     * @param  bool  $isBuilt  left by the raised bottom strip; else a groove
     * @param  Length  $fromBack  its middle from the leaf's back
     * @param  Length  $cheek  what is left beside it, at the thinner side
     */
    public function __construct(
        public bool $isBuilt,
        public Length $width,
        public Length $depth,
        public Length $fromBack,
        public Length $cheek,
        public Length $bite,
    ) {}

    /**
     * In the middle of the wood.
     *
     * @param  Length  $wood  that is grooved
     * @param  Length  $behind  what lies behind it
     */
    public static function grooved(Fin $fin, Length $wood, Length $behind): self
    {
        return new self(
            false,
            $fin->grooveWidth,
            $fin->grooveDepth,
            $behind->plus($wood->half()),
            $wood->minus($fin->grooveWidth)->half(),
            $fin->bite,
        );
    }
}
