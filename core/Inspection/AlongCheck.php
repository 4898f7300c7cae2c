<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

/**
 * A check that looks at the survey, the kit and what stands along the wall: plans that share those share its findings.
 */
interface AlongCheck extends Check {}
