<?php

declare(strict_types=1);

namespace YokeLine\Making\Framing;

use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Pattern;
use YokeLine\Making\Boards;
use YokeLine\Making\Course;
use YokeLine\Making\Courses;
use YokeLine\Making\Fault;
use YokeLine\Making\Movement;
use YokeLine\Making\Part;
use YokeLine\Making\Placed;
use YokeLine\Making\Timber;
use YokeLine\Making\UsualSize;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Span;

/** What fills the openings of the frame: boards upright, at 45 degrees, or as chevrons. */
final readonly class Infill
{
    /** @var list<Part> */
    public array $parts;

    /** @var list<list<Course>> by panel */
    public array $courses;

    /** @var list<Fault> */
    public array $faults;

    public function __construct(
        private Framed $build,
        private Wanted $wanted,
        private Frame $frame,
        private Movement $movement,
    ) {
        [$this->parts, $this->courses, $this->faults] = $this->laid();
    }

    public function boards(): int
    {
        return array_sum(array_map(fn (Part $part) => $part->count, $this->parts));
    }

    public function kg(): float
    {
        $panels = $this->frame->panels();
        $area = array_sum(array_map(fn (array $panel) => $panel[0]->toMm() * $panel[1]->toMm(), $panels));
        $board = $this->build->infill;

        return ($area * $board->thickness->toMm() * Timber::of($board->species)->density) / 1e9;
    }

    /** @return list<Fault> */
    public function proud(): array
    {
        $by = $this->build->infill->thickness->minus($this->build->thickness);

        return $by->isPositive() ? [Fault::settle('infill-proud', 'infill.thickness', ['by' => $by])] : [];
    }

    /** @return list<Placed> */
    public function placed(): array
    {
        $joint = $this->wanted->size(UsualSize::Joint);
        $u = $this->frame->betweenStiles()->widened($joint->negated());
        $half = $u->length()->minus($joint)->half();
        $halves = $this->build->pattern === Pattern::Chevron
            ? [Span::from($u->low, $half), Span::from($u->high->minus($half), $half)]
            : [$u];
        $placed = [];
        foreach ($this->frame->openings() as $opening) {
            $v = $opening->widened($joint->negated());
            foreach ($halves as $i => $across) {
                array_push($placed, ...$this->placedBoards($across, $v, $i === 0));
            }
        }

        return $placed;
    }

    /** @return list<Placed> */
    private function placedBoards(Span $u, Span $v, bool $rises): array
    {
        [$board, $gap, $unit] = [$this->build->infill, $this->movement->gap, $this->wanted->sizes];
        if ($this->build->pattern === Pattern::Straight) {
            $boards = Boards::over($u->length(), $board, $gap, $unit, 'infill');
            $last = count($boards->at) - 1;

            return array_map(
                fn (Span $at, int $i) => Placed::box(
                    ! $boards->isAlike && ($i === 0 || $i === $last) ? 'outer-infill' : 'infill',
                    $v->length(),
                    2,
                    $at->shifted($u->low),
                    $v,
                ),
                $boards->at,
                array_keys($boards->at),
            );
        }

        return array_map(
            fn (Course $course) => Placed::course($course->long, 2, $u, $v, $course->low, $course->high, $rises),
            Courses::over($u->length(), $v->length(), $board, $gap, $unit, 'infill')->courses,
        );
    }

    /** @return array{list<Part>, list<list<Course>>, list<Fault>} */
    private function laid(): array
    {
        $parts = $courses = $faults = [];
        $gap = $this->movement->gap;
        $unit = $this->wanted->sizes;
        $board = $this->build->infill;
        foreach ($this->frame->panels() as [$a, $b]) {
            if ($this->build->pattern === Pattern::Straight) {
                $boards = Boards::over($a, $board, $gap, $unit, 'infill');
                array_push($parts, ...$boards->parts('infill', $b));
                array_push($faults, ...$boards->faults);

                continue;
            }
            $isChevron = $this->build->pattern === Pattern::Chevron;
            $half = $isChevron ? $a->minus($this->wanted->size(UsualSize::Joint))->half() : $a;
            $panel = Courses::over($half, $b, $board, $gap, $unit, 'infill');
            array_push($faults, ...$panel->faults);
            for ($i = 0; $i < ($isChevron ? 2 : 1); $i++) {
                $courses[] = $panel->courses;
                array_push($parts, ...array_map(fn (Course $course) => $this->coursePart($course), $panel->courses));
            }
        }

        return [Part::alike(...$parts), $courses, self::once($faults)];
    }

    private function coursePart(Course $course): Part
    {
        $board = $this->build->infill;

        return new Part(
            'infill',
            1,
            $course->long,
            $course->width,
            $board->thickness,
            $board->species,
            $board->bought(),
            edges: $course->edges,
        );
    }

    /**
     * @param  list<Fault>  $faults  of panels that are alike
     * @return list<Fault>
     */
    private static function once(array $faults): array
    {
        return array_values(array_column(
            array_map(fn (Fault $fault) => [serialize($fault), $fault], $faults),
            1,
            0,
        ));
    }
}
