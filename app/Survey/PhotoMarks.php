<?php

declare(strict_types=1);

namespace App\Survey;

use App\Bench\Things;
use App\Editing\Change;
use App\Editing\Notice;
use App\Http\Editor;
use App\Models\Doorway;
use App\Record\Log;
use App\Words\Places;
use Illuminate\Support\Str;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Survey\Photo;
use YokeLine\Survey\UnusablePhoto;

/** What is shown in a photograph of a wall: points whose place is known, and things that are to be measured by it. */
final readonly class PhotoMarks
{
    private const MOST_POINTS = 12;

    /** No wall goes on farther. */
    private const FARTHEST_MM = 1e7;

    public function __construct(private Doorway $doorway, private Editor $editor) {}

    /**
     * @param  array<array-key, mixed>  $points  by key: `across` and `down` in widths of the picture; of a point that
     *   the survey does not know also `x` and `y`, as typed
     *
     * @throws UnreadableFile where a place does not read
     */
    public function keep(WallPhoto $photo, array $points): void
    {
        $kept = [];
        $before = (array) ((new Log($this->doorway))->last('points')[$photo->uid]->data['points'] ?? []);
        foreach (array_slice($points, 0, self::MOST_POINTS) as $key => $point) {
            $at = is_array($point) ? $point : [];
            if (is_numeric($at['across'] ?? null) && is_numeric($at['down'] ?? null)) {
                $kept[mb_substr((string) $key, 0, 40)] = [
                    'across' => round((float) $at['across'], 5),
                    'down' => round((float) $at['down'], 5),
                    // What was typed of it before stands until it is typed anew.
                    ...array_intersect_key((array) ($before[$key] ?? []), ['x' => 1, 'y' => 1]),
                    ...$this->typed($at),
                ];
            }
        }
        (new Log($this->doorway))->add('points', $photo->uid, ['points' => $kept], $this->editor->name);
    }

    /**
     * Puts a thing on the wall where the photograph shows it, with how sure that is.
     *
     * @param  array{float, float}  $one  a corner of it, on the wall in mm
     * @param  array{float, float}  $other  the corner across
     * @return list<Notice>
     *
     * @throws UnusablePhoto where the photograph does not show the wall there
     * @throws UnreadableFile where it is no thing
     */
    public function place(Photo $photo, string $kind, array $one, array $other): array
    {
        isset(Things::SIZES[$kind]) || throw UnreadableFile::at('survey.obstacles', 'no-field');
        [$a, $b] = array_map(
            fn (array $at) => $photo->onWall(...$photo->inPicture(self::mm($at[0]), self::mm($at[1]))),
            [$one, $other],
        );
        $write = new LengthWriter($this->doorway->setout(null)->doorway->units);
        $exact = fn (Length $length) => $write->exact($length->roundedTo($write->step()));
        $between = fn (Length $a, Length $b) => [$exact(Length::least($a, $b)), $exact(Length::greatest($a, $b))];
        $changes = [
            'survey.obstacles[#f'.strtolower(Str::random(10)).']' => [
                'name' => $kind,
                'kind' => $kind,
                'x' => $between($a->x, $b->x),
                'y' => $between($a->y->orZeroIfNegative(), $b->y->orZeroIfNegative()),
                'projection' => $exact(Things::projection($kind)),
                'plus_minus' => $write->exact(
                    Length::greatest($a->plusMinus, $b->plusMinus)->roundedUpTo($write->step()),
                ),
            ],
        ];

        return (new Change(
            $changes,
            Places::summary($changes, $this->doorway->revision->document),
            $this->editor,
        ))->applyTo($this->doorway, (int) $this->doorway->revision_id);
    }

    /**
     * Of a point of one's own: where it is, in the screen's unit.
     *
     * @param  array<array-key, mixed>  $point
     * @return array<string, string>
     *
     * @throws UnreadableFile
     */
    private function typed(array $point): array
    {
        $typed = [];
        foreach (['x', 'y'] as $axis) {
            if (is_string($point[$axis] ?? null) && $point[$axis] !== '') {
                try {
                    $shown = $this->doorway->setout($this->editor->units)->write->unit;
                    $typed[$axis] = Log::write(LengthReader::read($point[$axis], $shown));
                } catch (UnreadableLength $problem) {
                    throw new UnreadableFile(["points.{$axis}" => $problem->why]);
                }
            }
        }

        return $typed;
    }

    private static function mm(float $mm): Length
    {
        return Length::nm((int) round(max(-self::FARTHEST_MM, min(self::FARTHEST_MM, $mm)) * 1_000_000));
    }
}
