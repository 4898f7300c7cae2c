<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\LooseKind;
use YokeLine\Doorway\PullKind;
use YokeLine\Measure\Unit;

/** What is told of a part that belongs to no kit: each kind has its own, called as a doorway calls them. */
final class PartFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            Field::enum('part.units', Unit::Millimetre),
            Field::enum('part.kind', LooseKind::Guide),
            Field::text('part.name'),
            Field::amount('part.price'),
            Field::enum('part.guide.style', GuideStyle::TFin),
            Field::positive('part.guide.length')->usually(40, '1 1/2'),
            Field::size('part.guide.blade_height')->usually(20, '3/4'),
            Field::size('part.guide.blade_thickness')->usually(5, '3/16'),
            Field::size('part.guide.min_engagement')->usually(6, '1/4'),
            Field::positive('part.guide.cheek')->usually(30, '1 1/4'),
            Field::enum('part.handle.kind', PullKind::Bar),
            Field::sizeOrNone('part.handle.width'),
            Field::sizeOrNone('part.handle.height'),
            Field::sizeOrNone('part.handle.projection'),
            Field::text('part.anchor.kind', 'anchor'),
            Field::positive('part.anchor.diameter'),
            Field::positive('part.anchor.embedment'),
            Field::amount('part.anchor.tension_N'),
            Field::amount('part.anchor.shear_N'),
            Field::positive('part.board.width')->usually(140, '5 1/2'),
            Field::positive('part.board.thickness')->usually(38, '1 1/2'),
            Field::text('part.board.wood'),
        ];
    }
}
