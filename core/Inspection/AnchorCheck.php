<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

/**
 * A check that asks how the rail is held: it works every fixing, so it is asked of one plan at a time and not of
 * thousands.
 */
interface AnchorCheck extends Check {}
