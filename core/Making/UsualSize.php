<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Unit;

/**
 * What is usual where a leaf is made, in the doorway's own unit: rules of thumb, steps, and play of tools. The trade's
 * rules page 8.
 */
enum UsualSize: string
{
    case Sliver = 'sliver';
    case GapStep = 'gap_step';
    case GapLeast = 'gap_least';
    case DryMost = 'dry_most';
    case TongueKeep = 'tongue_keep';
    case Joint = 'joint';
    case Kerf = 'kerf';
    case EndTrim = 'end_trim';
    case TwoLedgesTo = 'two_ledges_to';
    case LedgeUp = 'ledge_up';
    case TwoFastenersFrom = 'two_fasteners_from';
    case Through = 'through';
    case Clinch = 'clinch';
    case Seat = 'seat';
    case Strip = 'strip';
    case Span = 'span';
    case RaiseStep = 'raise_step';
    case LiningStep = 'lining_step';
    case Cheek = 'cheek';
    case ScrewsFirst = 'screws_first';
    case ScrewsApart = 'screws_apart';
    case ScrewClear = 'screw_clear';
    case ScrewEdge = 'screw_edge';
    case PocketPer = 'pocket_per';
    case PocketBack = 'pocket_back';
    case EdgeScrew = 'edge_screw';
    case PullHalf = 'pull_half';
    case PullHeight = 'pull_height';
    case PullEnd = 'pull_end';
    case Plane = 'plane';
    case LipLeast = 'lip_least';
    case LipMost = 'lip_most';
    case FootLeast = 'foot_least';
    case FootKeep = 'foot_keep';
    case StileLeast = 'stile_least';
    case HollowStileLeast = 'hollow_stile_least';
    case HollowSolid = 'hollow_solid';
    case Skin = 'skin';
    case Plate = 'plate';
    case PlatesFirst = 'plates_first';
    case PlatesApart = 'plates_apart';
    case DowelsFirst = 'dowels_first';
    case DowelsApart = 'dowels_apart';
    case SplineStop = 'spline_stop';
    case Rebate = 'rebate';
    case GlassClear = 'glass_clear';
    case GlassStep = 'glass_step';
    case GlassKeep = 'glass_keep';
    case Bead = 'bead';
    case PinsFirst = 'pins_first';
    case PinsApart = 'pins_apart';
    case GlassThin = 'glass_thin';
    case TwoHangersTo = 'two_hangers_to';
    case ThreeHangersTo = 'three_hangers_to';

    /** Millimetres, and inches as one writes them: neither is the other converted. */
    private const SIZES = [
        'sliver' => [40, '1 1/2'],
        'gap_step' => [0.5, '1/32'],
        'gap_least' => [1, '1/32'],
        'dry_most' => [3, '1/8'],
        'tongue_keep' => [3, '1/8'],
        'joint' => [1, '1/32'],
        'kerf' => [3, '1/8'],
        'end_trim' => [10, '3/8'],
        'two_ledges_to' => [1500, '60'],
        'ledge_up' => [150, '6'],
        'two_fasteners_from' => [60, '2 1/2'],
        'through' => [3, '1/8'],
        'clinch' => [10, '3/8'],
        'seat' => [15, '5/8'],
        'strip' => [70, '2 3/4'],
        'span' => [500, '20'],
        'raise_step' => [1, '1/16'],
        'lining_step' => [0.5, '1/64'],
        'cheek' => [5, '3/16'],
        'screws_first' => [40, '1 1/2'],
        'screws_apart' => [200, '8'],
        'screw_clear' => [6, '1/4'],
        'screw_edge' => [12, '1/2'],
        'pocket_per' => [50, '2'],
        'pocket_back' => [38, '1 1/2'],
        'edge_screw' => [40, '1 1/2'],
        'pull_half' => [25, '1'],
        'pull_height' => [200, '8'],
        'pull_end' => [12, '1/2'],
        'plane' => [2, '1/16'],
        'lip_least' => [5, '3/16'],
        'lip_most' => [45, '1 3/4'],
        'foot_least' => [40, '1 1/2'],
        'foot_keep' => [15, '5/8'],
        'stile_least' => [60, '2 1/2'],
        'hollow_stile_least' => [15, '5/8'],
        'hollow_solid' => [30, '1 1/4'],
        'skin' => [3, '1/8'],
        'plate' => [3, '1/8'],
        'plates_first' => [150, '6'],
        'plates_apart' => [600, '24'],
        'dowels_first' => [75, '3'],
        'dowels_apart' => [200, '8'],
        'spline_stop' => [50, '2'],
        'rebate' => [12, '1/2'],
        'glass_clear' => [3, '1/8'],
        'glass_step' => [1, '1/16'],
        'glass_keep' => [15, '5/8'],
        'bead' => [12, '1/2'],
        'pins_first' => [40, '1 1/2'],
        'pins_apart' => [150, '6'],
        'glass_thin' => [6, '1/4'],
        'two_hangers_to' => [1200, '48'],
        'three_hangers_to' => [1800, '72'],
    ];

    /** Steps, play of tools and what comes in stock: all others are rules of thumb, which a house may change. */
    private const NO_THUMBS = [
        self::GapStep, self::GapLeast, self::TongueKeep, self::Joint, self::Kerf, self::EndTrim, self::Through,
        self::RaiseStep, self::LiningStep, self::ScrewEdge, self::PocketBack, self::Plate, self::Rebate,
        self::GlassClear, self::GlassStep, self::Bead,
    ];

    /** @return list<self> */
    public static function thumbs(): array
    {
        return array_values(
            array_filter(self::cases(), fn (self $size) => ! in_array($size, self::NO_THUMBS, true)),
        );
    }

    /** Where a document tells it. */
    public function path(): string
    {
        return "brief.rules.making.{$this->value}";
    }

    /** @return array{int|float, string} in millimetres and in inches */
    public function usual(): array
    {
        return self::SIZES[$this->value];
    }

    public function in(Unit $unit): Length
    {
        return LengthReader::read(self::SIZES[$this->value][$unit === Unit::Inch ? 1 : 0], $unit);
    }
}
