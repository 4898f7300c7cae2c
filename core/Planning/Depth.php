<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Obstacle;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** How far things stand out from the finished wall face. */
final readonly class Depth
{
    /** So much air is wanted between the leaf and what stands proudest behind it. */
    private const WANTED_MM = 6;

    /** @param  string  $proudest what stands proudest behind the sweep, '' where nothing does */
    private function __construct(
        public Sum $rail,
        public Sum $leafFront,
        public Sum $leafBack,
        public Sum $proud,
        public Sum $clearance,
        public string $proudest,
    ) {}

    public static function wanted(): Length
    {
        return Length::mm(self::WANTED_MM);
    }

    /**
     * @param  int  $track rails between the leaf's and the one nearest the wall
     * @param  ?Length  $backProud  what is screwed to the leaf's back
     */
    public static function of(
        Room $room,
        Floor $floor,
        Heights $heights,
        ?Header $header,
        Brief $brief,
        Kit $kit,
        Length $leafThickness,
        int $track = 0,
        ?Length $backProud = null,
    ): self {
        $rail = Sum::of('middle-rail')
            ->plus('header', $header->thickness ?? Length::zero())
            ->plus('built-out', $header->buildOut ?? Length::zero())
            ->plus('standoff', $kit->standoff)
            ->plus('spacer', $brief->rules->spacer)
            ->plus('half-rail', $kit->rail->thickness->half());
        if ($track > 0) {
            $rail = $rail->plus('to-front-rail', ($kit->trackPitch ?? Length::zero())->times($track));
        }
        $front = Sum::of('leaf-front')
            ->plus('middle-rail', $rail)
            ->plus('strap', $kit->hanger->strapPlane);
        $back = Sum::of('leaf-back')->plus('leaf-front', $front)->minus('leaf-thickness', $leafThickness);
        $clearance = Sum::of('leaf-clearance')->plus('leaf-back', $back);
        if ($backProud !== null) {
            $clearance = $clearance->minus('plates-on-back', $backProud);
        }
        $proud = Sum::greatest(
            'stands-proudest-behind-leaf',
            self::behind($room, $floor, $heights, $header, $brief),
        );

        return new self(
            $rail,
            $front,
            $back,
            $proud,
            $clearance->minus('stands-proudest', $proud),
            $proud->total->isZero() ? '' : (string) $proud->ruledBy(),
        );
    }

    /** The angle from the wall, in degrees, at which one can look past an edge that overlaps its jamb by $overlap. */
    public function sightLine(Length $overlap, Length $casingThickness): float
    {
        return rad2deg(atan2($this->leafBack->total->minus($casingThickness)->toMm(), $overlap->toMm()));
    }

    /** @return array<string, Length> */
    private static function behind(Room $room, Floor $floor, Heights $heights, ?Header $header, Brief $brief): array
    {
        $things = [
            'wall' => Length::zero(),
            'casing' => $room->opening->casing->thickness,
            'baseboard' => $room->baseboard?->standsBehind($heights->gap->low) === true
                ? $room->baseboard->thickness
                : Length::zero(),
        ];
        if ($header !== null && $header->foot->total->isUnder($heights->leafTop())) {
            $things['header'] = $header->thickness->plus($header->buildOut);
        }
        foreach (self::obstaclesBehind($room, $floor, $heights, $brief) as $obstacle) {
            $things["thing:{$obstacle->name}"] = Length::greatest(
                $obstacle->projection,
                $things["thing:{$obstacle->name}"] ?? Length::zero(),
            );
        }

        return $things;
    }

    /** @return list<Obstacle> what stands on the wall where the leaf slides */
    public static function obstaclesBehind(Room $room, Floor $floor, Heights $heights, Brief $brief): array
    {
        $leaf = new Span($heights->gap->low, $heights->leafTop());

        return array_values(
            array_filter(
                $room->obstacles,
                fn (Obstacle $obstacle) => $obstacle->isOnWall() &&
                    $obstacle->x->overlaps($floor->sweep) &&
                    $obstacle->y->shifted($floor->at($obstacle->x->middle()))->overlaps($leaf),
            ),
        );
    }
}
