<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\Yard;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Planning\Heights;

/** The board clears casing, ceiling and what is on the wall, and holds the rail line well inside its edges. */
final class HeaderPlace implements Check
{
    public function look(Sight $sight): iterable
    {
        $header = $sight->plan->header;
        if ($header === null) {
            return;
        }
        $casing = $sight->plan->heights->casingTop->total;
        $ceiling = $sight->plan->room->headroom;
        $yoke = $sight->plan->yokeLine();
        if ($sight->isShort($header->foot->total, $casing)) {
            $over = $casing->minus($header->foot->total);
            yield new Finding(
                FindingCode::HeaderCasing,
                Severity::Stop,
                'brief.header.width',
                ['over' => $over, 'foot' => $header->foot->total, 'casing' => $casing],
                [
                    ...$this->narrower($sight, $yoke->minus($casing)->times(2)),
                    ...$sight->higherLeaf($sight->plan->heights->leaf->needed->total),
                    ...$this->otherAligns($sight),
                ],
            );
        }
        if ($sight->isShort($ceiling, $header->top->total)) {
            $over = $header->top->total->minus($ceiling);
            yield new Finding(
                FindingCode::HeaderCeiling,
                Severity::Stop,
                'brief.header.width',
                ['over' => $over, 'top' => $header->top->total, 'ceiling' => $ceiling],
                [
                    ...$this->narrower($sight, $ceiling->minus($yoke)->times(2)),
                    ...LowerLine::cures($sight, $over),
                    ...$this->otherAligns($sight),
                ],
            );
        }
        $edge = Length::least($yoke->minus($header->foot->total), $header->top->total->minus($yoke));
        if ($sight->isShort($edge, Heights::boardEdge())) {
            $short = Heights::boardEdge()->minus($edge);
            $wider = $sight->brief->header->width->plus(
                $sight->up($short)->times($sight->brief->header->align === HeaderAlign::Centred ? 2 : 1),
            );
            yield new Finding(
                FindingCode::HeaderShort,
                Severity::Stop,
                'brief.header.width',
                ['edge' => $edge, 'wanted' => Heights::boardEdge()],
                [
                    ...$sight->boardWide($wider),
                    ...LowerLine::cures($sight, $short),
                    ...$this->otherAligns($sight),
                ],
            );
        }
    }

    /** @return list<Cure> */
    private function narrower(Sight $sight, Length $width): array
    {
        $narrower = Yard::narrower($width, $sight->plan->doorway->units);

        return $narrower !== null &&
            $sight->brief->header->align === HeaderAlign::Centred &&
            $width->isOver(Heights::boardEdge())
            ? [$sight->cure('board-wide', ['brief.header.width' => $narrower])]
            : [];
    }

    /** @return list<Cure> */
    private function otherAligns(Sight $sight): array
    {
        return array_map(
            fn (HeaderAlign $align) => $sight->cure("align-{$align->value}", ['brief.header.align' => $align->value]),
            array_values(
                array_filter(HeaderAlign::cases(), fn (HeaderAlign $align) => $align !== $sight->brief->header->align),
            ),
        );
    }
}
