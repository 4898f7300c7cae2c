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
        return [...self::wall(), ...self::floor(), ...self::found()];
    }

    /** @return list<Field> */
    private static function wall(): array
    {
        return [
            Field::text('survey.zero')->alone(),
            Field::text('survey.site')->alone(),
            Field::enum('survey.wall.ends.left', WallEnd::Corner)->walked(Stretch::Along),
            Field::length('survey.wall.from')
                ->needed()
                ->unsure(Unsure::Tape)
                ->csv('wall from')
                ->walked(Stretch::Along),
            ...self::opening(),
            Field::length('survey.wall.to')
                ->needed()
                ->unsure(Unsure::Tape)
                ->csv('wall to')
                ->walked(Stretch::Along),
            Field::enum('survey.wall.ends.right', WallEnd::Corner)->walked(Stretch::Along),
            Field::positive('survey.wall.ceiling')
                ->needed()
                ->unsure(Unsure::Tape)
                ->csv('ceiling')
                ->walked(Stretch::Up),
            Field::sizeOrNone('survey.wall.crown.drop')->csv('crown drop')->walked(Stretch::Up),
            Field::sizeOrNone('survey.wall.crown.projection')->csv('crown proud')->walked(Stretch::Out),
            Field::sizeOrNone('survey.wall.picture_rail.height')->alone()->in('wall', 'up'),
            Field::sizeOrNone('survey.wall.picture_rail.projection')->alone()->in('wall', 'out'),
            Field::enum('survey.wall.lining.kind', LiningKind::Gypsum)->decidesOrder()->walked(Stretch::Out),
            Field::sizeOrNone('survey.wall.lining.thickness')
                ->decidesOrder()
                ->csv('lining')
                ->walked(Stretch::Out),
            Field::text('survey.wall.lining.wood')->at('anchors'),
            Field::text('survey.lining.wood')->at('anchors'),
            Field::positive('survey.wall.walkway')->csv('across')->walked(Stretch::InTheWay),
            Field::text('survey.wood')->at('anchors'),
        ];
    }

    /** @return list<Field> */
    private static function opening(): array
    {
        return [
            Field::enum('survey.opening.is', Spanned::Doorway),
            Field::sizeOrNone('survey.opening.casing.left')
                ->decidesOrder()
                ->csv('casing left')
                ->walked(Stretch::Along),
            Field::length('survey.opening.left')
                ->needed()
                ->unsure(Unsure::Tape)
                ->csv('left jamb')
                ->walked(Stretch::Along),
            Field::lengths('survey.opening.width', 12)
                ->needed()
                ->unsure(Unsure::Tape)
                ->csv('width')
                ->walked(Stretch::Along, 3),
            Field::sizeOrNone('survey.opening.casing.right')
                ->decidesOrder()
                ->csv('casing right')
                ->walked(Stretch::Along),
            Field::lengths('survey.opening.height', 12)
                ->needed()
                ->unsure(Unsure::Tape)
                ->csv('height')
                ->walked(Stretch::Up, 2),
            Field::sizeOrNone('survey.opening.casing.head')
                ->decidesOrder()
                ->unsure(Unsure::Tape)
                ->csv('casing head')
                ->walked(Stretch::Up),
            Field::sizeOrNone('survey.opening.casing.thickness')
                ->decidesOrder()
                ->unsure(Unsure::Tape)
                ->csv('casing proud')
                ->walked(Stretch::Out),
            Field::enum('survey.opening.was', OldDoor::None)->decidesOrder()->walked(Stretch::InTheWay),
        ];
    }

    /** @return list<Field> */
    private static function floor(): array
    {
        return [
            Field::sizeOrNone('survey.baseboard.height')
                ->decidesOrder()
                ->csv('baseboard height')
                ->walked(Stretch::Up),
            Field::sizeOrNone('survey.baseboard.thickness')
                ->decidesOrder()
                ->unsure(Unsure::Tape)
                ->csv('baseboard proud')
                ->walked(Stretch::Out),
            Field::text('survey.floor.finish')->decidesOrder()->walked(Stretch::Floor),
            Field::flag('survey.floor.drillable', usual: true)->alone(),
            Field::size('survey.floor.pile'),
            Field::size('survey.floor.plate'),
            Field::enum('survey.floor.datum', Datum::Floor),
            Field::items('survey.floor.readings', 400)->walked(Stretch::Floor),
            Field::length('survey.floor.readings[].x')->walked(Stretch::Floor),
            Field::length('survey.floor.readings[].level')->unsure(Unsure::Level)->walked(Stretch::Floor),
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
            Field::items('survey.studs', 200)->walked(Stretch::InTheWay),
            Field::length('survey.studs[].x')->unsure(Unsure::Tape)->csv('stud')->walked(Stretch::InTheWay),
            Field::positive('survey.studs[].width')->usually(38, '1 1/2')->unsure(Unsure::Tape),
            Field::text('survey.studs[].source'),
            Field::amountOrNone('survey.studs[].confidence', 0.0),
            Field::items('survey.hazards', 60, 'x', 'y')->walked(Stretch::InTheWay),
            Field::text('survey.hazards[].kind')->walked(Stretch::InTheWay),
            Field::span('survey.hazards[].x')->walked(Stretch::InTheWay),
            Field::span('survey.hazards[].y')->walked(Stretch::InTheWay),
            Field::flag('survey.hazards[].moved'),
            Field::text('survey.hazards[].source'),
            Field::items('survey.obstacles', 200, 'x', 'y')->walked(Stretch::InTheWay),
            Field::text('survey.obstacles[].name'),
            Field::text('survey.obstacles[].kind')->walked(Stretch::InTheWay),
            Field::span('survey.obstacles[].x')->walked(Stretch::InTheWay),
            Field::span('survey.obstacles[].y')->walked(Stretch::InTheWay),
            Field::sizeOrNone('survey.obstacles[].projection')->unsure(Unsure::Tape)->walked(Stretch::InTheWay),
            Field::sizeOrNone('survey.obstacles[].stands_off'),
            Field::sizeOrNone('survey.obstacles[].plus_minus'),
            Field::flag('survey.obstacles[].moved'),
            Field::items('survey.solids', 60, 'x', 'y')->at('anchors'),
            Field::choice('survey.solids[].kind', 'blocking', 'lintel')->at('anchors'),
            Field::span('survey.solids[].x')->at('anchors'),
            Field::span('survey.solids[].y')->at('anchors'),
        ];
    }
}
