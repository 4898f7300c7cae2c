<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use YokeLine\Doorway\Datum;
use YokeLine\Doorway\KitPart;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\OldDoor;
use YokeLine\Doorway\Spanned;
use YokeLine\Doorway\Unsure;
use YokeLine\Doorway\WallEnd;

/** What is measured on the wall, in walking order. */
final class SurveyFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [...self::wall(), ...self::opening(), ...self::floor(), ...self::found()];
    }

    /** @return list<Field> */
    private static function wall(): array
    {
        return [
            Field::text('survey.zero')->alone(),
            Field::text('survey.site')->alone(),
            Field::length('survey.wall.from')->needed()->unsure(Unsure::Tape)->csv('wall from'),
            Field::length('survey.wall.to')->needed()->unsure(Unsure::Tape)->csv('wall to'),
            Field::enum('survey.wall.ends.left', WallEnd::Corner),
            Field::enum('survey.wall.ends.right', WallEnd::Corner),
            Field::positive('survey.wall.ceiling')->needed()->unsure(Unsure::Tape)->csv('ceiling'),
            Field::sizeOrNone('survey.wall.crown.drop')->csv('crown drop'),
            Field::sizeOrNone('survey.wall.crown.projection')->csv('crown proud'),
            Field::sizeOrNone('survey.wall.picture_rail.height')->alone()->in('wall', 'wall'),
            Field::sizeOrNone('survey.wall.picture_rail.projection')->alone()->in('wall', 'wall'),
            Field::enum('survey.wall.lining.kind', LiningKind::Gypsum)->decidesOrder(),
            Field::sizeOrNone('survey.wall.lining.thickness')->decidesOrder()->csv('lining'),
            Field::text('survey.wall.lining.wood')->at('anchors'),
            Field::text('survey.lining.wood')->at('anchors'),
            Field::positive('survey.wall.walkway')->csv('across'),
            Field::text('survey.wood')->at('anchors'),
        ];
    }

    /** @return list<Field> */
    private static function opening(): array
    {
        return [
            Field::enum('survey.opening.is', Spanned::Doorway),
            Field::length('survey.opening.left')->needed()->unsure(Unsure::Tape)->csv('left jamb'),
            Field::lengths('survey.opening.width', 12)->needed()->unsure(Unsure::Tape)->csv('width'),
            Field::lengths('survey.opening.height', 12)->needed()->unsure(Unsure::Tape)->csv('height'),
            Field::sizeOrNone('survey.opening.casing.left')->decidesOrder()->csv('casing left'),
            Field::sizeOrNone('survey.opening.casing.right')->decidesOrder()->csv('casing right'),
            Field::sizeOrNone('survey.opening.casing.head')->decidesOrder()->unsure(Unsure::Tape)->csv('casing head'),
            Field::sizeOrNone('survey.opening.casing.thickness')
                ->decidesOrder()
                ->unsure(Unsure::Tape)
                ->csv('casing proud'),
            Field::enum('survey.opening.was', OldDoor::None)->decidesOrder(),
        ];
    }

    /** @return list<Field> */
    private static function floor(): array
    {
        return [
            Field::sizeOrNone('survey.baseboard.height')->decidesOrder()->csv('baseboard height'),
            Field::sizeOrNone('survey.baseboard.thickness')
                ->decidesOrder()
                ->unsure(Unsure::Tape)
                ->csv('baseboard proud'),
            Field::text('survey.floor.finish')->decidesOrder(),
            Field::flag('survey.floor.drillable', usual: true)->alone(),
            Field::size('survey.floor.pile'),
            Field::size('survey.floor.plate'),
            Field::enum('survey.floor.datum', Datum::Floor),
            Field::items('survey.floor.readings', 400),
            Field::length('survey.floor.readings[].x'),
            Field::length('survey.floor.readings[].level')->unsure(Unsure::Level),
        ];
    }

    /** @return list<Field> */
    private static function found(): array
    {
        return [
            Field::flag('survey.eased')->alone(),
            Field::items('survey.parts', 20, 'part')->at('rail'),
            Field::enum('survey.parts[].part', KitPart::Rail)->at('rail'),
            Field::count('survey.parts[].count', 1)->at('rail'),
            Field::choice('survey.parts[].how', 'missing', 'wrong')->at('rail'),
            Field::items('survey.studs', 200),
            Field::length('survey.studs[].x')->unsure(Unsure::Tape)->csv('stud'),
            Field::positive('survey.studs[].width')->usually(38, '1 1/2')->unsure(Unsure::Tape),
            Field::text('survey.studs[].source'),
            Field::amountOrNone('survey.studs[].confidence', 0.0),
            Field::items('survey.hazards', 60, 'x', 'y'),
            Field::text('survey.hazards[].kind'),
            Field::span('survey.hazards[].x'),
            Field::span('survey.hazards[].y'),
            Field::flag('survey.hazards[].moved'),
            Field::text('survey.hazards[].source'),
            Field::items('survey.obstacles', 200, 'x', 'y'),
            Field::text('survey.obstacles[].name'),
            Field::text('survey.obstacles[].kind'),
            Field::span('survey.obstacles[].x'),
            Field::span('survey.obstacles[].y'),
            Field::sizeOrNone('survey.obstacles[].projection')->unsure(Unsure::Tape),
            Field::sizeOrNone('survey.obstacles[].stands_off'),
            Field::flag('survey.obstacles[].moved'),
            Field::items('survey.solids', 60, 'x', 'y')->at('anchors'),
            Field::choice('survey.solids[].kind', 'blocking', 'lintel')->at('anchors'),
            Field::span('survey.solids[].x')->at('anchors'),
            Field::span('survey.solids[].y')->at('anchors'),
        ];
    }
}
