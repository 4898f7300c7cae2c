<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\BoardPieces;
use YokeLine\Holding\Fasteners;
use YokeLine\Holding\Holding;
use YokeLine\Holding\Layers;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;

/** A board thick enough for its bolts, held often enough. */
final class BoardHolds implements AnchorCheck
{
    private const SPANS_MM = 1220;

    public function look(CheckContext $context): iterable
    {
        $header = $context->plan->header;
        $layers = Layers::of($context->plan);
        if ($header === null) {
            return;
        }
        $least = Holding::leastWood($context->kit->boltDiameter);
        if ($layers->isThin() && StudsKnown::isKnown($context)) {
            $thicker = $context->up($header->thickness->plus($least->minus($layers->boardWood())));
            yield new Finding(
                FindingCode::HeaderThin,
                Severity::Settle,
                'brief.header.thickness',
                [
                    'wood' => $layers->boardWood(),
                    'least' => $least,
                    'washer' => Fasteners::of($context->plan->doorway->units)->washerWidth(),
                    'washer_thick' => Fasteners::of($context->plan->doorway->units)->washerThickness(),
                    'nut_washer' => Fasteners::of($context->plan->doorway->units)->washerBehindBoard(),
                ],
                [
                    ...$context->boardThick($thicker),
                    ...$context->boardThick(Length::mm(38)),
                ],
            );
        }
        $pieces = BoardPieces::of($context->plan, $header);
        if (! $pieces->canBeHad) {
            yield new Finding(
                FindingCode::BoardJoint,
                Severity::Settle,
                'brief.header.lengths',
                ['length' => $header->span->length()],
                [$context->cure('board-as-rail', ['brief.header.reach' => 'rail'])],
            );
        } elseif ($pieces->joints !== []) {
            yield new Finding(FindingCode::BoardJointed, Severity::Note, 'brief.header.lengths', [
                'count' => count($pieces->joints) + 1,
                'joints' => $pieces->joints,
                'clear' => Fasteners::of($context->plan->doorway->units)->jointScrew(),
            ]);
        }
        $gap = $context->anchoring()->header?->greatestGap();
        if ($gap !== null && $gap->isOver(Length::mm(self::SPANS_MM))) {
            yield new Finding(FindingCode::HeaderSpan, Severity::Note, 'survey.solids', ['gap' => $gap]);
        }
    }
}
