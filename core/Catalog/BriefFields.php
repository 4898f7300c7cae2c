<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use YokeLine\Doorway\Backing;
use YokeLine\Doorway\BoardHeld;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\Ends;
use YokeLine\Doorway\Finished;
use YokeLine\Doorway\FirstBolt;
use YokeLine\Doorway\Groove;
use YokeLine\Doorway\GuideChoice;
use YokeLine\Doorway\GuideTouch;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HeaderReach;
use YokeLine\Doorway\HeightMeans;
use YokeLine\Doorway\HolesFound;
use YokeLine\Doorway\LeafHoles;
use YokeLine\Doorway\LineFound;
use YokeLine\Doorway\Looks;
use YokeLine\Doorway\Opens;
use YokeLine\Doorway\PullKind;
use YokeLine\Doorway\RailReach;
use YokeLine\Doorway\Reach;
use YokeLine\Doorway\Surplus;
use YokeLine\Doorway\Tightened;
use YokeLine\Doorway\Tread;
use YokeLine\Doorway\TrimmedFrom;
use YokeLine\Doorway\Unsure;

/** What is wanted: how it hangs, the leaf, what carries it, and the rules of the house that this doorway follows. */
final class BriefFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            ...self::leaf(),
            ...MadeFields::all(),
            ...self::carrying(),
            ...self::travelEnds(),
            ...self::sizes(),
            ...self::practice(),
        ];
    }

    /** @return array<string, string> where each end of each leaf's travel is told, by `shut` or `left.shut` */
    public static function ends(): array
    {
        $pairs = array_filter(Hang::cases(), fn (Hang $hang) => count($hang->leaves()) > 1);
        $leaves = array_merge(...array_map(fn (Hang $hang) => $hang->leaves(), array_values($pairs)));
        $ends = Ends::WAYS;
        foreach ($leaves as $leaf) {
            array_push($ends, ...array_map(fn (string $way) => "{$leaf}.{$way}", Ends::WAYS));
        }

        return array_combine($ends, array_map(fn (string $end) => "brief.ends.{$end}", $ends));
    }

    /** @return list<Field> */
    private static function travelEnds(): array
    {
        $fields = [];
        $by = array_map(fn (EndBy $by) => $by->value, EndBy::cases());
        foreach (self::ends() as $end => $place) {
            $isOwn = str_contains($end, '.');
            $at = Field::positive("{$place}.at")->at('rail');
            array_push(
                $fields,
                Field::choice("{$place}.by", ...$isOwn ? [Ends::AS_BOTH, ...$by] : $by)->at('rail'),
                $isOwn ? $at : $at->usually(150, '6'),
            );
        }

        return $fields;
    }

    /** @return list<Field> */
    private static function leaf(): array
    {
        return [
            Field::texts('brief.purpose', 20)->at('leaf'),
            Field::enum('brief.hang', Hang::Single)->at('leaf'),
            Field::enum('brief.opens', Opens::Right)->at('leaf'),
            Field::text('brief.kit')->decidesOrder()->at('rail'),
            Field::auto('brief.leaf.width')->at('leaf'),
            Field::auto('brief.leaf.height')->at('leaf'),
            Field::auto('brief.leaf.thickness')->decidesOrder()->unsure(Unsure::Kit)->at('leaf'),
            Field::positive('brief.leaf.stile')->usually(100, '4')->at('leaf'),
            Field::lengths('brief.leaf.stock_widths', 100)->at('leaf'),
            Field::lengths('brief.leaf.stock_heights', 100)->at('leaf'),
            Field::text('brief.leaf.construction.kind', 'softwood')->decidesOrder()->at('leaf'),
            Field::amountOrNone('brief.leaf.construction.glass_m2', 0.0)->at('leaf'),
            Field::amountOrNone('brief.leaf.construction.glass_sqft', 0.0)->at('leaf'),
            Field::positive('brief.leaf.construction.glass_thickness')->usually(4, '3/16')->at('leaf'),
            Field::amount('brief.leaf.mass_kg')->at('leaf'),
            Field::amount('brief.leaf.mass_lb')->at('leaf'),
            Field::amountOrNone('brief.leaf.hardware_kg', 3.0)->at('leaf'),
            Field::amountOrNone('brief.leaf.hardware_lb', 7.0)->at('leaf'),
            Field::sizeOrNone('brief.leaf.trim_limit')->at('leaf'),
            Field::spans('brief.leaf.solid', 20)->at('leaf'),
            Field::positive('brief.in_hand.width')->at('leaf'),
            Field::positive('brief.in_hand.height')->at('leaf'),
            Field::lengths('brief.in_hand.thickness', 4)->at('leaf'),
            Field::amount('brief.in_hand.mass_kg')->at('leaf'),
            Field::amount('brief.in_hand.mass_lb')->at('leaf'),
            Field::positive('brief.in_hand.second.width')->at('leaf'),
            Field::positive('brief.in_hand.second.height')->at('leaf'),
            Field::lengths('brief.in_hand.second.thickness', 4)->at('leaf'),
            Field::amount('brief.in_hand.second.mass_kg')->at('leaf'),
            Field::amount('brief.in_hand.second.mass_lb')->at('leaf'),
            ...self::handle('front'),
            ...self::handle('wall'),
        ];
    }

    /** @return list<Field> */
    private static function handle(string $side): array
    {
        return [
            Field::enum("brief.pulls.{$side}.kind", PullKind::None)->at('leaf'),
            Field::sizeOrNone("brief.pulls.{$side}.width")->at('leaf'),
            Field::sizeOrNone("brief.pulls.{$side}.height")->at('leaf'),
            Field::sizeOrNone("brief.pulls.{$side}.projection")->at('leaf'),
        ];
    }

    /** @return list<Field> */
    private static function carrying(): array
    {
        return [
            Field::choice('brief.rail_cut', 'site', 'maker')->alone()->at('rail'),
            Field::enum('brief.backing', Backing::Header)->rule('rail', 'backing')->at('anchors'),
            Field::text('brief.header.board')->at('rail'),
            Field::positive('brief.header.width')->usually(140, '5 1/2')->unsure(Unsure::Kit)->at('rail'),
            Field::positive('brief.header.thickness')->usually(38, '1 1/2')->unsure(Unsure::Kit)->at('rail'),
            Field::enum('brief.header.align', HeaderAlign::Centred)->rule('rail', 'header-align')->at('rail'),
            Field::length('brief.header.reveal')->usually(25, '1')->at('rail'),
            Field::size('brief.header.overrun')->usually(65, '2 1/2')->rule('rail', 'overrun')->at('rail'),
            Field::enum('brief.header.reach', HeaderReach::Overrun)->rule('rail', 'header-reach')->at('rail'),
            Field::sizeOrNone('brief.header.build_out')->at('rail'),
            Field::text('brief.header.wood')->at('anchors'),
            Field::lengths('brief.header.lengths')->at('anchors'),
            Field::text('brief.anchor.kind', 'anchor')->at('anchors'),
            Field::positive('brief.anchor.diameter')->at('anchors'),
            Field::positive('brief.anchor.embedment')->at('anchors'),
            Field::amount('brief.anchor.tension_N')->at('anchors'),
            Field::amount('brief.anchor.shear_N')->at('anchors'),
            Field::amount('brief.anchor.tension_lbf')->at('anchors'),
            Field::amount('brief.anchor.shear_lbf')->at('anchors'),
        ];
    }

    /** @return list<Field> */
    private static function sizes(): array
    {
        return [
            Field::enum('brief.rules.cover', Cover::Opening)->rule('door', 'cover')->at('leaf'),
            Field::length('brief.rules.side_overlap')->usually(50, '2')->rule('door', 'side-overlap')->at('leaf'),
            Field::length('brief.rules.casing_margin')->usually(12, '1/2')->rule('door', 'casing-margin')->at('leaf'),
            Field::enum('brief.rules.surplus', Surplus::Trailing)->rule('door', 'surplus')->at('leaf'),
            Field::length('brief.rules.park')->usually(0, '0')->rule('door', 'park')->at('leaf'),
            Field::enum('brief.rules.reach', Reach::Head)->rule('door', 'reach')->at('leaf'),
            Field::length('brief.rules.head_overlap')->usually(25, '1')->rule('door', 'head-overlap')->at('leaf'),
            Field::size('brief.rules.above_casing')->usually(40, '1 1/2')->at('leaf'),
            Field::choice('brief.rules.sizes', 'stock', 'made-to-order')->rule('door', 'sizes')->at('leaf'),
            Field::size('brief.rules.gap')->usually(12, '1/2')->rule('door', 'gap')->at('leaf'),
            Field::size('brief.rules.meeting_gap')->usually(3, '1/8')->at('leaf'),
            Field::positive('brief.rules.mid_overlap')->at('leaf'),
            Field::flag('brief.rules.parked')->at('leaf'),
            Field::positive('brief.rules.pull_height')->usually(965, '38')->rule('guide', 'pull-height')->at('leaf'),
            Field::positive('brief.rules.aisle')->rule('guide', 'aisle')->at('leaf'),
            Field::positive('brief.rules.hanger_inset')->rule('rail', 'hanger-inset')->at('rail'),
            Field::choice('brief.rules.fraction', '16', '8', '32')->at('leaf'),
            Field::size('brief.rules.feet_over')->alone()->rule('work', 'feet-over')->at('leaf'),
            Field::flag('brief.rules.tape_feet')->alone()->rule('work', 'tape-feet')->at('leaf'),
            Field::choice('brief.rules.hangers', 'auto', '2', '3', '4')->at('rail'),
            Field::enum('brief.rules.rail_reach', RailReach::Needed)->rule('rail', 'rail-reach')->at('rail'),
            Field::choice('brief.rules.jump_discs', 'two', 'one')->rule('rail', 'jump-discs')->at('rail'),
            Field::choice('brief.rules.soft_close', 'auto', 'shut', 'open', 'off')
                ->rule('rail', 'soft-close')
                ->at('rail'),
            Field::sizeOrNone('brief.rules.spacer')->at('rail'),
            Field::size('brief.rules.end_clearance')->usually(25, '1')->rule('rail', 'end-clearance')->at('rail'),
            Field::size('brief.rules.guide_margin')->usually(5, '3/16')->rule('guide', 'guide-margin')->at('rail'),
            Field::length('brief.rules.rail_left')->at('anchors'),
            Field::flag('brief.rules.washers')->at('anchors'),
            Field::amount('brief.rules.load_factor', 2.0)->at('anchors'),
        ];
    }

    /** @return list<Field> on which good installers differ, and what is used up by the work */
    private static function practice(): array
    {
        return [
            Field::enum('brief.rules.line_found', LineFound::WorkedOut)
                ->rule('line', 'line-found')
                ->at('leaf'),
            Field::enum('brief.rules.height_means', HeightMeans::Hole)
                ->rule('line', 'height-means')
                ->at('leaf'),
            Field::choice('brief.rules.heights', 'level', 'places', 'laser')->rule('line', 'line-drawn')->at('leaf'),
            Field::enum('brief.rules.wheels', Tread::Quiet)->rule('rail', 'wheels')->at('rail'),
            Field::enum('brief.rules.guide', GuideChoice::Kit)
                ->rule('guide', 'guide-kind')
                ->at('rail'),
            Field::enum('brief.rules.groove', Groove::Full)->rule('guide', 'groove')->at('leaf'),
            Field::enum('brief.rules.guide_touch', GuideTouch::Clear)
                ->rule('guide', 'guide-touch')
                ->at('rail'),
            Field::choice('brief.rules.wall_pull', 'flush', 'proud')->rule('guide', 'wall-pull')->at('leaf'),
            Field::enum('brief.rules.holes_found', HolesFound::Readings)
                ->rule('work', 'holes-found')
                ->at('rail'),
            Field::enum('brief.rules.first_bolt', FirstBolt::Ends)->rule('work', 'first-bolt')->at('rail'),
            Field::enum('brief.rules.tightened', Tightened::LevelThen)->rule('work', 'tightened')->at('rail'),
            Field::enum('brief.rules.board_held', BoardHeld::Helper)
                ->rule('work', 'held')
                ->at('rail'),
            Field::choice('brief.rules.old_leaf', 'auto', 'first', 'last')->rule('work', 'old-leaf')->at('leaf'),
            Field::enum('brief.rules.leaf_holes', LeafHoles::Play)->rule('work', 'leaf-holes')->at('leaf'),
            Field::enum('brief.rules.finish', Finished::Before)->rule('work', 'finish')->at('leaf'),
            Field::enum('brief.rules.looks', Looks::Unsaid)
                ->rule('work', 'looks')
                ->at('rail'),
            Field::enum('brief.rules.trim', TrimmedFrom::Shared)->rule('work', 'trim')->at('leaf'),
            Field::flag('brief.rules.props')->at('rail'),
            Field::flag('brief.rules.trial')->at('rail'),
            Field::count('brief.rules.coats_leaf', 2)->at('leaf'),
            Field::count('brief.rules.coats_board', 2)->at('rail'),
            Field::count('brief.rules.dry', 240)->at('leaf'),
            Field::count('brief.rules.cure', 960)->at('leaf'),
            Field::count('brief.rules.rest', 3 * 24 * 60)->at('made'),
            Field::count('brief.rules.clamp', 60)->at('made'),
        ];
    }
}
