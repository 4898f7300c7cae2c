<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

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
                "Leaf {$sight->sayShort($open)} too narrow",
                "It needs {$sight->sayShort($width->needed->total)} to cover what the rule asks; {$sight->sayShort($open)} of it stays open.",
                'brief.leaf.width',
                ['open' => $open],
                [
                    ...$sight->widerLeaf($width->needed->total),
                    $sight->cure('Work the width out', ['brief.leaf.width' => 'auto']),
                ],
            );
        }
        if ($sight->isShort($height->size->total, $height->needed->total)) {
            $open = $height->needed->total->minus($height->size->total);
            yield new Finding(
                FindingCode::LeafShort,
                Severity::Settle,
                "Leaf {$sight->sayShort($open)} too low",
                "It needs {$sight->sayShort($height->needed->total)} {$height->needed->ruledBy()}.",
                'brief.leaf.height',
                ['open' => $open],
                [
                    ...$sight->higherLeaf($height->needed->total),
                    $sight->cure('Work the height out', ['brief.leaf.height' => 'auto']),
                ],
            );
        }
    }
}
