<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\Yard;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Planning\Heights;

/** The board clears casing, ceiling and what is on the wall, and holds the rail line well inside its edges. */
final class HeaderPlace implements Check
{
    public function look(CheckContext $context): iterable
    {
        $header = $context->plan->header;
        if ($header === null) {
            return;
        }
        $casing = $context->plan->heights->casingTop->total;
        $ceiling = $context->plan->room->headroom;
        $yoke = $context->plan->yokeLine();
        if ($context->isShort($header->foot->total, $casing)) {
            $over = $casing->minus($header->foot->total);
            yield new Finding(
                FindingCode::HeaderCasing,
                Severity::Stop,
                'brief.header.width',
                ['over' => $over, 'foot' => $header->foot->total, 'casing' => $casing],
                [
                    ...$this->narrower($context, $yoke->minus($casing)->times(2)),
                    ...$context->higherLeaf($context->plan->heights->leaf->needed->total),
                    ...$this->otherAligns($context),
                ],
            );
        }
        if ($context->isShort($ceiling, $header->top->total)) {
            $over = $header->top->total->minus($ceiling);
            yield new Finding(
                FindingCode::HeaderCeiling,
                Severity::Stop,
                'brief.header.width',
                ['over' => $over, 'top' => $header->top->total, 'ceiling' => $ceiling],
                [
                    ...$this->narrower($context, $ceiling->minus($yoke)->times(2)),
                    ...LowerLine::cures($context, $over),
                    ...$this->otherAligns($context),
                ],
            );
        }
        $edge = Length::least($yoke->minus($header->foot->total), $header->top->total->minus($yoke));
        if ($context->isShort($edge, Heights::boardEdge())) {
            $short = Heights::boardEdge()->minus($edge);
            $wider = $context->brief->header->width->plus(
                $context->up($short)->times($context->brief->header->align === HeaderAlign::Centred ? 2 : 1),
            );
            yield new Finding(
                FindingCode::HeaderShort,
                Severity::Stop,
                'brief.header.width',
                ['edge' => $edge, 'wanted' => Heights::boardEdge()],
                [
                    ...$context->boardWide($wider),
                    ...LowerLine::cures($context, $short),
                    ...$this->otherAligns($context),
                ],
            );
        }
    }

    /** @return list<Cure> */
    private function narrower(CheckContext $context, Length $width): array
    {
        $narrower = Yard::narrower($width, $context->plan->doorway->units);

        return $narrower !== null &&
            $context->brief->header->align === HeaderAlign::Centred &&
            $width->isOver(Heights::boardEdge())
            ? [$context->cure('board-wide', ['brief.header.width' => $narrower])]
            : [];
    }

    /** @return list<Cure> */
    private function otherAligns(CheckContext $context): array
    {
        return array_map(
            fn (HeaderAlign $align) => $context->cure("align-{$align->value}", ['brief.header.align' => $align->value]),
            array_values(
                array_filter(
                    HeaderAlign::cases(),
                    fn (HeaderAlign $align) => $align !== $context->brief->header->align,
                ),
            ),
        );
    }
}
