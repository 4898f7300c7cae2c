<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\FloorReading;
use YokeLine\Doorway\Survey;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Floor;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;

/** The wall as it was found, face on: floor, studs, opening with its casing, baseboard. */
final readonly class WallFace
{
    public function __construct(private Survey $survey, public Span $wall, public Length $ceiling) {}

    /** Of a plan the wall is measured whole. */
    public static function of(Plan $plan): self
    {
        $survey = $plan->doorway->survey;

        return new self(
            $survey,
            $survey->wall() ?? throw new NotYetMeasured($survey->missing()),
            $survey->ceiling ?? throw new NotYetMeasured($survey->missing()),
        );
    }

    /**
     * @param  float  $deep  how deep the floor is drawn, mm
     * @return list<Shape>
     */
    public function wallAndFloor(Floor $line, float $deep): array
    {
        $survey = $this->survey;
        $floor = [[$this->wall->low->toMm(), 0.0]];
        $levels = array_map(
            fn (FloorReading $at) => [$at->x->toMm(), -$line->at($at->x)->toMm()],
            $survey->floor,
        );
        usort($levels, fn (array $a, array $b) => $a[0] <=> $b[0]);
        if ($levels !== []) {
            $floor = [
                [$this->wall->low->toMm(), $levels[0][1]],
                ...$levels,
                [$this->wall->high->toMm(), $levels[count($levels) - 1][1]],
            ];
        } else {
            $floor[] = [$this->wall->high->toMm(), 0.0];
        }
        $shapes = [
            Shape::box(
                'wall',
                $this->wall->low->toMm(),
                -$this->ceiling->toMm(),
                $this->wall->length()->toMm(),
                $this->ceiling->toMm(),
            ),
            Shape::area('floor', [
                ...$floor,
                [$this->wall->high->toMm(), $floor[count($floor) - 1][1] + $deep],
                [$this->wall->low->toMm(), $floor[0][1] + $deep],
            ]),
        ];
        if ($survey->crown !== null) {
            $shapes[] = Shape::box(
                'crown',
                $this->wall->low->toMm(),
                -$this->ceiling->toMm(),
                $this->wall->length()->toMm(),
                $survey->crown->drop->toMm(),
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    public function studs(): array
    {
        $shapes = [];
        foreach ($this->survey->studs as $stud) {
            $shapes[] = Shape::spanned(
                'stud',
                Span::from($stud->x->minus($stud->width->half()), $stud->width),
                new Span(Length::zero(), $this->ceiling),
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    public function opening(): array
    {
        $opening = $this->survey->opening;
        $baseboard = $this->survey->baseboard;
        if ($opening === null) {
            return [];
        }
        $jambs = $opening->span();
        $head = Length::greatest(Length::zero(), ...$opening->heights);
        $casing = $opening->casing;
        $shapes = [];
        if ($baseboard !== null) {
            $high = new Span(Length::zero(), $baseboard->height);
            $shapes[] = Shape::spanned('baseboard', new Span($this->wall->low, $jambs->low), $high);
            $shapes[] = Shape::spanned('baseboard', new Span($jambs->high, $this->wall->high), $high);
        }
        $shapes[] = Shape::spanned(
            'casing',
            new Span($jambs->low->minus($casing->left), $jambs->high->plus($casing->right)),
            new Span(Length::zero(), $head->plus($casing->head)),
        );
        $shapes[] = Shape::spanned(
            'opening',
            $jambs,
            new Span(Length::zero(), $head),
        );

        return $shapes;
    }

    /**
     * What stands and runs there, to be moved by hand.
     *
     * @param  float  $px  millimetres to one pixel
     * @return list<Shape>
     */
    public function things(Wording $wording, float $px): array
    {
        $survey = $this->survey;
        $shapes = [];
        foreach ($survey->obstacles as $obstacle) {
            $name = Shape::text(
                'caption',
                $obstacle->x->middle()->toMm(),
                -$obstacle->y->high->toMm() - 3 * $px,
                9.5 * $px,
                $wording->say($obstacle->called()),
                'middle',
            );
            $shapes[] = self::thing($wording, $obstacle->place, $obstacle->called(), [
                Shape::spanned(
                    $obstacle->moved ? 'obstacle moved' : ($obstacle->isOnWall() ? 'obstacle' : 'obstacle before'),
                    $obstacle->x,
                    $obstacle->y,
                ),
                $name,
            ]);
        }
        foreach ($survey->hazardsThatStay() as $hazard) {
            $shapes[] = self::thing($wording, $hazard->place, $hazard->called(), [
                Shape::spanned('hazard', $hazard->x, $hazard->y),
            ]);
        }
        foreach ($survey->solids as $solid) {
            $shapes[] = Shape::spanned('solid', $solid->x, $solid->y);
        }

        return $shapes;
    }

    /**
     * Something that can be moved by hand.
     *
     * @param  list<Shape>  $shapes
     */
    private static function thing(Wording $wording, string $place, Message $what, array $shapes): Shape
    {
        return Shape::group('thing', $shapes, [
            'data-place' => $place,
            'tabindex' => '0',
            'role' => 'button',
            'aria-label' => $wording->say(Caption::of('move-thing', ['what' => $what])),
        ]);
    }
}
