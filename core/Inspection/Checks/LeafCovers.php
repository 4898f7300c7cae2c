<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Sum;

/** A leaf that was given must reach as far as it must cover. */
final class LeafCovers implements Check
{
    public function look(Sight $sight): iterable
    {
        $width = $sight->plan->layout->width;
        $height = $sight->plan->heights->leaf;
        if ($sight->isShort($width->size->total, $width->needed->total)) {
            $open = $width->needed->total->minus($width->size->total);
            yield new Finding(
                FindingCode::LeafNarrow,
                Severity::Settle,
                'brief.leaf.width',
                ['open' => $open, 'needed' => $width->needed->total],
                [
                    ...$sight->widerLeaf($width->needed->total),
                    $sight->cure('width-auto', ['brief.leaf.width' => 'auto']),
                ],
            );
        }
        if ($sight->isShort($height->size->total, $height->needed->total)) {
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
                    ...$sight->higherLeaf($height->needed->total),
                    $sight->cure('height-auto', ['brief.leaf.height' => 'auto']),
                ],
            );
        }
    }
}
