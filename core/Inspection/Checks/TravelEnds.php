<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\Ends;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Message;
use YokeLine\Planning\Buffer;
use YokeLine\Planning\PlannedLeaf;

/** Something ends each leaf's travel at either end, and a buffer has something to be fixed to. */
final class TravelEnds implements Check
{
    public function look(CheckContext $context): iterable
    {
        $buffers = array_filter(Buffer::of($context->plan), fn (Buffer $buffer) => $buffer->carrier === null);

        return $context->ofEachLeaf(fn (PlannedLeaf $leaf) => [
            ...$this->runsOff($context, $leaf),
            ...array_map(
                fn (Buffer $buffer) => $this->hasNoCarrier($context, $buffer),
                array_values(array_filter($buffers, fn (Buffer $buffer) => $buffer->leaf === $leaf->name)),
            ),
        ]);
    }

    /** @return list<Finding> */
    private function runsOff(CheckContext $context, PlannedLeaf $leaf): array
    {
        $ends = $context->brief->ends;

        return array_map(
            fn (string $way) => new Finding(
                FindingCode::RunsOff,
                Severity::Stop,
                $ends->place($leaf->name, $way),
                ['way' => Message::word('ways', $way)],
                [$context->cure('end-stop', [$ends->place($leaf->name, $way) => EndBy::Stop->value])],
            ),
            array_values(
                array_filter(Ends::WAYS, fn (string $way) => $ends->by($leaf->name, $way) === EndBy::None),
            ),
        );
    }

    private function hasNoCarrier(CheckContext $context, Buffer $buffer): Finding
    {
        $place = $context->brief->ends->place($buffer->leaf, $buffer->way);

        return new Finding(
            FindingCode::BufferFar,
            Severity::Settle,
            $place,
            [
                'way' => Message::word('ways', $buffer->way),
                'edge' => $buffer->edge,
                'reach' => Buffer::reach(),
                'up' => $buffer->heights[count($buffer->heights) - 1],
            ],
            [$context->cure('end-stop', [$place => EndBy::Stop->value])],
        );
    }
}
