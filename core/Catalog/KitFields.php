<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use YokeLine\Doorway\CatchSides;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\HeightDatum;
use YokeLine\Doorway\RailEnd;
use YokeLine\Doorway\RailMaterial;
use YokeLine\Doorway\StopStyle;
use YokeLine\Doorway\Unsure;
use YokeLine\Measure\Unit;

/** What the sheet of a kit tells. */
final class KitFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [...self::whole(), ...self::rail(), ...self::hanger(), ...self::parts()];
    }

    /** @return list<Field> */
    private static function whole(): array
    {
        return [
            Field::enum('kit.units', Unit::Millimetre),
            Field::text('kit.id'),
            Field::text('kit.name'),
            Field::enums('kit.hang', Hang::Single),
            Field::amount('kit.capacity_kg', 60.0),
            Field::amount('kit.capacity_lb'),
            Field::span('kit.leaf_thickness'),
            Field::amount('kit.price'),
            Field::size('kit.rise')->unsure(Unsure::Kit),
            Field::size('kit.height.value'),
            Field::enum('kit.height.datum', HeightDatum::Hole),
            Field::size('kit.top_gap.min')->usually(5, '5 mm'),
            Field::size('kit.top_gap.max')->usually(30, '30 mm'),
            Field::size('kit.standoff')->unsure(Unsure::Kit),
            Field::positive('kit.standoff_base')->usually(26, '1'),
            Field::positive('kit.bolt.diameter')->usually(8, '5/16'),
            Field::positive('kit.bolt.length')->usually(75, '3'),
        ];
    }

    /** @return list<Field> */
    private static function rail(): array
    {
        return [
            Field::positive('kit.rail.height')->unsure(Unsure::Kit),
            Field::positive('kit.rail.thickness')->unsure(Unsure::Kit),
            Field::enum('kit.rail.material', RailMaterial::Steel),
            Field::lengths('kit.rail.lengths'),
            Field::items('kit.rail.pieces', 20),
            Field::positive('kit.rail.pieces[].length'),
            Field::enum('kit.rail.pieces[].left', RailEnd::Plain),
            Field::enum('kit.rail.pieces[].right', RailEnd::Plain),
            Field::flag('kit.rail.cuttable'),
            Field::positive('kit.rail.splice_over'),
            Field::size('kit.rail.end_margin')->usually(12, '1/2'),
            Field::size('kit.rail.holes.first'),
            Field::positive('kit.rail.holes.max_spacing'),
            Field::lengths('kit.rail.holes.at'),
            Field::flag('kit.rail.holes.free'),
            Field::positive('kit.rail.holes.diameter'),
            Field::positive('kit.rail.first_fixing_within')->usually(250, '10'),
            Field::positive('kit.rail.max_fixing_spacing')->usually(820, '32'),
        ];
    }

    /** @return list<Field> */
    private static function hanger(): array
    {
        return [
            Field::enum('kit.hanger.style', HangerStyle::FaceStrap),
            Field::size('kit.hanger.inset'),
            Field::size('kit.hanger.strap_width')->usually(38, '1 1/2'),
            Field::positive('kit.hanger.plate_length'),
            Field::size('kit.hanger.strap_plane')->usually(19, '3/4')->unsure(Unsure::Kit),
            Field::size('kit.hanger.strap_thickness')->usually(5, '3/16')->unsure(Unsure::Kit),
            Field::size('kit.hanger.bolt_head')->usually(4, '3/16'),
            Field::positive('kit.hanger.hole_to_tread'),
            Field::sizes('kit.hanger.hole_offsets'),
            Field::size('kit.hanger.hole_diameter')->usually(10, '3/8'),
            Field::size('kit.hanger.above')->usually(44, '1 3/4')->unsure(Unsure::Kit),
            Field::size('kit.hanger.lift_on')->usually(14, '9/16')->unsure(Unsure::Kit),
            Field::choice('kit.hangers', '2', '3', '4'),
            Field::text('kit.wheel.material'),
            Field::amount('kit.wheel.capacity_kg'),
            Field::amount('kit.wheel.capacity_lb'),
            Field::items('kit.wheels', 10),
            Field::text('kit.wheels[].material'),
            Field::amount('kit.wheels[].capacity_kg'),
            Field::amount('kit.wheels[].capacity_lb'),
            Field::amount('kit.wheels[].price'),
        ];
    }

    /** @return list<Field> */
    private static function parts(): array
    {
        return [
            Field::enum('kit.stop.style', StopStyle::ClampOn),
            Field::size('kit.stop.reach')->usually(42, '1 5/8'),
            Field::size('kit.stop.body')->usually(36, '1 7/16')->unsure(Unsure::Kit),
            Field::flag('kit.stop.passes_standoffs'),
            Field::enum('kit.guide.style', GuideStyle::TFin),
            Field::size('kit.guide.length')->usually(38, '1 1/2')->unsure(Unsure::Kit),
            Field::size('kit.guide.blade_height')->usually(22, '7/8')->unsure(Unsure::Kit),
            Field::size('kit.guide.blade_thickness')->usually(5, '3/16'),
            Field::positive('kit.guide.cheek')->usually(30, '30 mm'),
            Field::size('kit.guide.min_engagement')->usually(6, '1/4'),
            Field::items('kit.guides', 10),
            Field::enum('kit.guides[].style', GuideStyle::TFin),
            Field::size('kit.guides[].length')->usually(38, '1 1/2'),
            Field::size('kit.guides[].blade_height')->usually(22, '7/8'),
            Field::size('kit.guides[].blade_thickness')->usually(5, '3/16'),
            Field::positive('kit.guides[].cheek')->usually(30, '30 mm'),
            Field::size('kit.guides[].min_engagement')->usually(6, '1/4'),
            Field::size('kit.jump_disc.inset'),
            Field::size('kit.jump_disc.diameter'),
            Field::size('kit.jump_disc.gap'),
            Field::size('kit.soft_close.stroke'),
            Field::size('kit.soft_close.catch_length'),
            Field::size('kit.soft_close.min_leaf_width'),
            Field::enum('kit.soft_close.sides', CatchSides::Both),
            Field::positive('kit.soft_close.screws.short'),
            Field::positive('kit.soft_close.screws.long'),
            Field::positive('kit.catch_depth'),
            Field::positive('kit.track_pitch')->unsure(Unsure::Kit),
            Field::sizes('kit.bracket.rows'),
            Field::size('kit.bracket.depth'),
            Field::items('kit.contents', 500),
            Field::text('kit.contents[].part'),
            Field::amount('kit.contents[].count', 1.0),
            Field::text('kit.contents[].into'),
        ];
    }
}
