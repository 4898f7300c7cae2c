<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Yard;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\UnreadableLength;

/** Whether a cure stays inside what can be bought and done: the trade's rules page 9, section 8. */
final readonly class Buildable
{
    private const SPACERS_MM = 40;

    private const BUILT_OUT_MM = 76;

    private const LEAST_GAP_MM = 5;

    private const MOST_GAP_MM = 30;

    public function __construct(private Doorway $doorway) {}

    public function is(Cure $cure): bool
    {
        foreach ($cure->changes as $place => $value) {
            if (
                is_string($value) &&
                preg_match('/^brief\.(rules|header|leaf)\./', $place) === 1 &&
                preg_match('/\d/', $value) === 1 &&
                ! $this->isTaken($place, $value)
            ) {
                return false;
            }
        }

        // Where no stud is known there is none to screw a board to.
        return $cure->code !== 'header-on-studs' || $this->doorway->survey->studs !== [];
    }

    private function isTaken(string $place, string $value): bool
    {
        try {
            return $this->takes($place, LengthReader::read($value, $this->doorway->units));
        } catch (UnreadableLength) {
            return false;
        }
    }

    private function takes(string $place, Length $value): bool
    {
        return match ($place) {
            'brief.rules.spacer' => ! $value->isOver(Length::mm(self::SPACERS_MM)),
            'brief.rules.gap' => ! $value->isUnder(Length::mm(self::LEAST_GAP_MM)) &&
                ! $value->isOver(Length::mm(self::MOST_GAP_MM)),
            'brief.header.build_out' => ! $value->isOver(Length::mm(self::BUILT_OUT_MM)),
            'brief.header.thickness' => Yard::thickness($value, $this->doorway->units)?->equals($value) === true,
            'brief.header.width' => Yard::width($value, $this->doorway->units)?->equals($value) === true,
            default => true,
        };
    }
}
