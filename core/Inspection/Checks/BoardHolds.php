<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\BoardPieces;
use YokeLine\Holding\Holding;
use YokeLine\Holding\Layers;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** A board thick enough for its bolts, held often enough. */
final class BoardHolds implements AnchorCheck
{
    private const SPANS_MM = 1220;

    public function look(Sight $sight): iterable
    {
        $header = $sight->plan->header;
        $layers = Layers::of($sight->plan);
        if ($header === null) {
            return;
        }
        $least = Holding::leastWood($sight->kit->boltDiameter);
        if ($layers->isThin() && StudsKnown::isKnown($sight)) {
            $thicker = $sight->up($header->thickness->plus($least->minus($layers->boardWood())));
            yield new Finding(
                FindingCode::HeaderThin,
                Severity::Settle,
                "The board gives a bolt {$sight->say($layers->boardWood())} of wood",
                "{$sight->say($least)} is wanted. Bolts on studs go through it into the stud; the others are worked as they are. A denser board helps, or a washer 40 × 3 under each standoff, or a bolt with a nut and a 30 washer behind the board, put in before it goes up.",
                'brief.header.thickness',
                ['wood' => $layers->boardWood(), 'least' => $least],
                [
                    $sight->cure("Board {$sight->say($thicker)} thick", ['brief.header.thickness' => $thicker]),
                    $sight->cure("Board {$sight->say(Length::mm(38))} thick", [
                        'brief.header.thickness' => Length::mm(38),
                    ]),
                ],
            );
        }
        $pieces = BoardPieces::of($sight->plan, $header);
        if (! $pieces->canBeHad) {
            yield new Finding(
                FindingCode::BoardJoint,
                Severity::Settle,
                'No board reaches from stud to stud',
                "The header is {$sight->say($header->span->length())} long; a joint stands on the centre of a stud, 30 clear of rail bolts, and none is within reach of the longest board.",
                'brief.header.lengths',
                ['length' => $header->span->length()],
                [$sight->cure('The board as long as the rail', ['brief.header.reach' => 'rail'])],
            );
        } elseif ($pieces->joints !== []) {
            yield new Finding(
                FindingCode::BoardJointed,
                Severity::Note,
                'The board comes in '.(count($pieces->joints) + 1).' pieces',
                'Jointed at '.
                    implode(', ', array_map($sight->say(...), $pieces->joints)).
                    ', on studs; there each piece takes two screws 10 from its end, in pilot holes: they keep the ends flush and carry nothing.',
                'brief.header.lengths',
            );
        }
        $gap = $sight->anchoring()->header?->greatestGap();
        if ($gap !== null && $gap->isOver(Length::mm(self::SPANS_MM))) {
            yield new Finding(
                FindingCode::HeaderSpan,
                Severity::Note,
                "The board spans {$sight->say($gap)} between studs",
                'Over an opening its lintel may hold it too: record it, if it is wood.',
                'survey.solids',
                ['gap' => $gap],
            );
        }
    }
}
