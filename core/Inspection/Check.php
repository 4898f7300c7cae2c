<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

/** Looks at one thing of a plan. */
interface Check
{
    /** @return iterable<Finding> */
    public function look(CheckContext $context): iterable;
}
