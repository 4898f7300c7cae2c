<?php

declare(strict_types=1);

namespace App\Survey;

use App\Bench\Things;
use App\Frame\DoorwayFrame;
use App\Models\Doorway;
use App\Words\FieldWords;
use App\Words\Speaker;
use YokeLine\Drawing\MeasuredWall;
use YokeLine\Drawing\Svg;
use YokeLine\Survey\KnownPoint;
use YokeLine\Survey\Readings;

/** What the page of a wall's photographs shows. */
final readonly class PhotoPage
{
    public DoorwayFrame $frame;

    public WallPhotos $photos;

    /** The one that is looked at. */
    public ?WallPhoto $photo;

    public function __construct(public Doorway $doorway, string $uid, public string $refused)
    {
        $this->frame = new DoorwayFrame($doorway, 'wall.photos');
        $this->photos = WallPhotos::of($doorway);
        $this->photo = $this->photos->find($uid) ?? ($this->photos->true() ?? ($this->photos->all[0] ?? null));
    }

    public function speak(): Speaker
    {
        return Speaker::in($this->frame->setout()->write);
    }

    /** @return array<string, string> the points that can be shown, by key */
    public function points(): array
    {
        $points = [];
        foreach (KnownPoint::of($this->frame->setout()->doorway->survey) as $key => $point) {
            $points[$key] = Speaker::words("survey.points.{$key}");
        }

        return $points;
    }

    /** @return array<string, string> what can be put on the wall */
    public function things(): array
    {
        return FieldWords::answers('survey.obstacles[].kind', array_keys(Things::SIZES));
    }

    public function drawing(): string
    {
        $setout = $this->frame->setout();
        $readings = Readings::in($setout->document, $setout->doorway->units);

        return Svg::write(MeasuredWall::of($setout->doorway, $setout->plan, $readings, $this->speak()));
    }
}
