<?php

declare(strict_types=1);

namespace App\Survey;

use App\Models\LogEntry;
use App\Record\Log;
use App\Words\Speaker;
use YokeLine\Doorway\Survey;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Survey\KnownPoint;
use YokeLine\Survey\Photo;
use YokeLine\Survey\PhotoPoint;
use YokeLine\Survey\UnusablePhoto;

/** A photograph of a wall, with what is known in it. */
final readonly class WallPhoto
{
    /**
     * @param  float  $high  in widths of the picture
     * @param  array<string, array{float, float}>  $tapped  where in the picture each point was shown, by its key
     * @param  ?Photo  $fitted  null until its points tell where the wall is
     * @param  ?Message  $refused  why they do not
     */
    private function __construct(
        public string $uid,
        public string $src,
        public float $high,
        public array $tapped,
        public ?Photo $fitted,
        public ?Message $refused,
    ) {}

    public static function of(LogEntry $photo, ?LogEntry $points, Survey $survey): self
    {
        [$tapped, $known] = [self::tapped($points), self::known($points, $survey)];
        $pairs = [];
        foreach ($tapped as $key => [$across, $down]) {
            if (isset($known[$key])) {
                $pairs[] = new PhotoPoint($across, $down, $known[$key][0], $known[$key][1]);
            }
        }
        [$fitted, $refused] = [null, null];
        try {
            $fitted = count($pairs) < 4 ? null : Photo::of($pairs);
        } catch (UnusablePhoto $problem) {
            $refused = $problem->says();
        }
        [$wide, $high] = [$photo->data['width'] ?? 0, $photo->data['height'] ?? 0];

        return new self(
            $photo->uid,
            "/doorways/{$photo->doorway_id}/photos/".(is_string($photo->data['file']) ? $photo->data['file'] : ''),
            is_int($wide) && is_int($high) && $wide > 0 ? $high / $wide : 0.75,
            $tapped,
            $fitted,
            $refused,
        );
    }

    /** How far its points are off, and from how many it was found. */
    public function says(Speaker $speak): string
    {
        return $this->fitted === null
            ? ''
            : $speak->say(
                new Message(
                    'survey.photo',
                    ['off' => $this->fitted->offBy(), 'count' => $this->fitted->points],
                    $this->fitted->points === 4 ? 'true-of-four' : 'true',
                ),
            );
    }

    /** @return array<string, array{float, float}> */
    private static function tapped(?LogEntry $points): array
    {
        $tapped = [];
        foreach (self::points($points) as $key => $point) {
            $at = is_array($point) ? $point : [];
            if (is_numeric($at['across'] ?? null) && is_numeric($at['down'] ?? null)) {
                $tapped[(string) $key] = [(float) $at['across'], (float) $at['down']];
            }
        }

        return $tapped;
    }

    /** @return array<string, array{Length, Length}> where the survey has each, and where those are that were typed */
    private static function known(?LogEntry $points, Survey $survey): array
    {
        $known = array_map(fn (KnownPoint $point) => [$point->x, $point->y], KnownPoint::of($survey));
        foreach (self::points($points) as $key => $point) {
            try {
                if (is_array($point) && isset($point['x'], $point['y'])) {
                    $known[(string) $key] = [Log::read($point['x']), Log::read($point['y'])];
                }
            } catch (UnreadableLength) {
                // It was read when it was typed.
            }
        }

        return $known;
    }

    /** @return array<array-key, mixed> */
    private static function points(?LogEntry $entry): array
    {
        $points = $entry->data['points'] ?? [];

        return is_array($points) ? $points : [];
    }
}
