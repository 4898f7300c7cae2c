<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Sum;

/** A leaf that was given must reach as far as it must cover. */
final class LeafCovers implements Check
{
    public function look(CheckContext $context): iterable
    {
        $width = $context->plan->layout->width;
        $height = $context->plan->heights->leaf;
        if ($context->isShort($width->size->total, $width->needed->total)) {
            $open = $width->needed->total->minus($width->size->total);
            yield new Finding(
                FindingCode::LeafNarrow,
                Severity::Settle,
                'brief.leaf.width',
                ['open' => $open, 'needed' => $width->needed->total],
                [
                    ...$context->widerLeaf($width->needed->total),
                    $context->cure('width-auto', ['brief.leaf.width' => 'auto']),
                ],
            );
        }
        if ($context->isShort($height->size->total, $height->needed->total)) {
            $open = $height->needed->total->minus($height->size->total);
            yield new Finding(
                FindingCode::LeafShort,
                Severity::Settle,
                'brief.leaf.height',
                [
                    'open' => $open,
                    'needed' => $height->needed->total,
                    'rule' => Sum::called($height->needed->ruledBy() ?? ''),
                ],
                [
                    ...$context->higherLeaf($height->needed->total),
                    $context->cure('height-auto', ['brief.leaf.height' => 'auto']),
                ],
            );
        }
    }
}
