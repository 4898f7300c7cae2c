<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\FloorReading;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;

/** The wall as it was found, face on: floor, studs, opening with its casing, baseboard. */
final readonly class WallFace
{
    /** What is drawn of it where it is not measured whole. */
    public Span $wall;

    public Length $ceiling;

    public function __construct(private Doorway $doorway, private ?Plan $plan)
    {
        $survey = $doorway->survey;
        $guess = $survey->opening?->span()->widened(Length::mm(900)) ?? new Span(Length::zero(), Length::mm(3600));
        $this->wall =
            $survey->wall() ??
            new Span(
                $survey->wallFrom ?? Length::least($guess->low, $survey->wallTo ?? $guess->low),
                $survey->wallTo ?? $guess->high,
            );
        $this->ceiling = $survey->ceiling ?? Length::mm(2500);
    }

    /**
     * @param  float  $deep  how deep the floor is drawn, mm
     * @return list<Shape>
     */
    public function wallAndFloor(float $deep): array
    {
        $survey = $this->doorway->survey;
        $known = $survey->wall() !== null && $survey->ceiling !== null;
        $floor = [[$this->wall->low->toMm(), 0.0]];
        $levels =
            $this->plan === null
                ? []
                : array_map(
                    fn (FloorReading $at) => [$at->x->toMm(), -$this->plan->floor->at($at->x)->toMm()],
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
                $known ? 'wall' : 'wall unmeasured',
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
                'casing',
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
        foreach ($this->doorway->survey->studs as $stud) {
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
        $opening = $this->doorway->survey->opening;
        $baseboard = $this->doorway->survey->baseboard;
        if ($opening === null) {
            return [];
        }
        $jambs = $opening->span();
        $head = $opening->heights === [] ? Length::mm(2000) : Length::greatest(...$opening->heights);
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
            $opening->heights === [] ? 'opening unmeasured' : 'opening',
            $jambs,
            new Span(Length::zero(), $head),
        );

        return $shapes;
    }
}
