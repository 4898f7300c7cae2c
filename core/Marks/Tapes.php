<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Doorway\HolesFound;
use YokeLine\Holding\Holding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Grid;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/**
 * Every mark of a plan, by the tape that it is read on: along the wall, up it, on the board, on the rail, on the leaf,
 * on the floor.
 */
final readonly class Tapes
{
    private function __construct(private Plan $plan) {}

    /** @return list<TapeMark> along the wall, in room x, ascending */
    public static function wall(Plan $plan): array
    {
        $tapes = new self($plan);
        $grid = Grid::of($plan->doorway);
        $marks = [
            ...$plan->header === null
                ? []
                : [
                    ...$tapes->ends('board', 'wall', $plan->header->span, $grid->endsAsRail($plan->header->span)),
                ],
            // Where the board is bored by itself, the rail's ends stand on it alone.
            ...$plan->header !== null && $tapes->found() === HolesFound::Bench
                ? []
                : [
                    ...$tapes->ends('rail', 'wall', $plan->rail->span, $grid->endsAsRail($plan->rail->span)),
                ],
        ];
        foreach ($tapes->studs() as $i => $stud) {
            $marks[] = $tapes->mark('stud-'.($i + 1), 'wall', $stud, 'mark-wall');
        }
        foreach ($plan->header === null ? $tapes->holesRead() : [] as $i => $hole) {
            $marks[] = new TapeMark('hole-'.($i + 1), 'wall', $hole, 'mark-wall', $tapes->onStud($hole));
        }
        foreach ($plan->layout->runs as $leaf => $run) {
            array_push($marks, ...$tapes->edges($leaf === 'leaf' ? '' : "{$leaf}-", $run));
        }

        return self::ascending($marks);
    }

    /** @return list<TapeMark> on the board, from its left end */
    public static function board(Plan $plan): array
    {
        $header = $plan->header;
        $tapes = new self($plan);
        if ($header === null || $tapes->found() === HolesFound::HeldUp) {
            return [];
        }
        $at = fn (Length $x) => $x->minus($header->span->low);
        $marks = [
            $tapes->mark('rail-l', 'board', $at($plan->rail->span->low), 'mark-board'),
            $tapes->mark('rail-r', 'board', $at($plan->rail->span->high), 'mark-board'),
        ];
        foreach ($tapes->studs() as $i => $stud) {
            $marks[] = $tapes->mark('stud-'.($i + 1), 'board', $at($stud), 'mark-board');
        }
        foreach ($tapes->holesRead() as $i => $hole) {
            $marks[] = new TapeMark('hole-'.($i + 1), 'board', $at($hole), 'mark-board', $tapes->onStud($hole));
        }
        foreach ($plan->joints() as $i => $joint) {
            $marks[] = $tapes->mark('joint-'.($i + 1), 'board', $at($joint), 'mark-board');
        }

        return self::ascending($marks);
    }

    /** @return list<TapeMark> on the rail, from its left end */
    public static function rail(Plan $plan): array
    {
        $tapes = new self($plan);
        $at = fn (Length $x) => $x->minus($plan->rail->span->low);
        $names = [
            'closed' => 'stop-shut',
            'open' => 'stop-open',
            'left_open' => 'stop-left-open',
            'left_closed' => 'stop-left-shut',
            'right_closed' => 'stop-right-shut',
            'right_open' => 'stop-right-open',
            'left' => 'stop-left',
            'right' => 'stop-right',
        ];
        $marks = [];
        foreach ($plan->layout->stopsOnRail() as $end => $face) {
            $marks[] = $tapes->mark($names[$end] ?? "stop-{$end}", 'rail', $at($face->total), 'set-stops');
        }
        foreach ($plan->joints() as $i => $joint) {
            $marks[] = $tapes->mark('joint-'.($i + 1), 'rail', $at($joint), 'set-stops');
        }
        if ($plan->backing()->isSiteDrilled() || $plan->kit->rail->freeHoles) {
            foreach ($plan->place->new ?? [] as $i => $hole) {
                $marks[] = $tapes->mark('bored-'.($i + 1), 'rail', $at($hole), 'bore-rail');
            }
        }

        return self::ascending($marks);
    }

    /** @return list<TapeMark> across every leaf; what is alike on both of a pair once */
    public static function acrossAll(Plan $plan): array
    {
        $across = [];
        foreach ($plan->leaves() as $leaf) {
            foreach (self::across($plan, $leaf) as $mark) {
                $across["{$mark->id} {$mark->place->nm}"] = $mark;
            }
        }

        return array_values($across);
    }

    /** @return list<TapeMark> across a leaf, from its leading edge */
    public static function across(Plan $plan, PlannedLeaf $leaf): array
    {
        $run = $leaf->run;
        $tapes = new self($plan);
        $disc = $plan->kit->jumpDisc;
        $marks = [
            $tapes->mark('hanger-lead', 'leaf', $run->hangerInset, 'mark-leaf'),
            $tapes->fromTrailing('hanger-trail', $run, $run->hangerInset),
            ...array_map(
                fn (int $i, Length $at) => $tapes->mark('hanger-'.($i + 2), 'leaf', $at, 'mark-leaf'),
                array_keys($plan->hangers()->inner()),
                $plan->hangers()->inner(),
            ),
            $tapes->mark('pull', 'leaf', $plan->doorway->brief->leaf->stile->half(), 'mark-leaf'),
        ];
        if ($disc !== null) {
            $marks[] = $tapes->fromTrailing('disc-trail', $run, $disc->inset);
            if (! $plan->doorway->brief->rules->oneDisc) {
                $marks[] = $tapes->mark('disc-lead', 'leaf', $disc->inset, 'mark-leaf');
            }
        }
        if ($leaf->softClose && $plan->triggerInset() !== null) {
            $inset = $plan->triggerInset()->total;
            // Shut, the catch takes the leading edge's trigger; open, the trailing edge's.
            if ($plan->kit->softClose?->sides->has('shut') === true) {
                $marks[] = $tapes->mark('trigger-lead', 'leaf', $inset, 'mark-leaf');
            }
            if ($plan->kit->softClose?->sides->has('open') === true) {
                $marks[] = $tapes->fromTrailing('trigger-trail', $run, $inset);
            }
        }

        return self::ascending($marks);
    }

    /** @return list<TapeMark> down from the leaf's top */
    public static function down(Plan $plan): array
    {
        return array_map(
            fn (Length $hole, int $i) => new TapeMark('hole-'.($i + 1), 'leaf-top', $hole, 'mark-leaf'),
            $plan->heights->hangerHoles,
            array_keys($plan->heights->hangerHoles),
        );
    }

    /** @return list<TapeMark> up from the leaf's foot: the pull, which is measured from the high spot */
    public static function up(Plan $plan): array
    {
        return [
            new TapeMark(
                'pull',
                'leaf-foot',
                $plan->doorway->brief->rules->pullHeight->minus($plan->heights->gap->low),
                'mark-leaf',
            ),
        ];
    }

    /** @return list<TapeMark> on the floor, in room x, each with the room it has in its window */
    public static function floor(Plan $plan): array
    {
        $marks = [];
        foreach ($plan->guides as $guide => $place) {
            if ($place->at !== null) {
                $marks[] = new TapeMark(
                    $guide === 'guide' ? 'guide' : "{$guide}-guide",
                    'floor',
                    $place->at,
                    'mark-guide',
                    $place->window->length()->minus($plan->kit->guide->length)->half(),
                );
            }
        }

        return $marks;
    }

    private function found(): HolesFound
    {
        return $this->plan->doorway->brief->rules->schedule->holesFound;
    }

    /** @return array<int, Length> the rail's holes that are found by a reading: the others through the rail */
    private function holesRead(): array
    {
        $holes = $this->plan->rail->holes;
        $first = $this->plan->doorway->brief->rules->schedule->firstBolt->of(count($holes));

        return match ($this->found()) {
            HolesFound::HeldUp => [],
            HolesFound::FromFirst => [$first => $holes[$first]],
            default => $holes,
        };
    }

    /**
     * The centres of the studs under the board, or under the rail where there is none.
     *
     * @return list<Length>
     */
    public function studs(): array
    {
        $under = $this->plan->header->span ?? $this->plan->rail->span;
        $studs = array_values(
            array_filter(array_map(fn ($stud) => $stud->x, $this->plan->doorway->survey->studs), $under->contains(...)),
        );
        usort($studs, fn (Length $a, Length $b) => $a->nm <=> $b->nm);

        return $studs;
    }

    public static function of(Plan $plan): self
    {
        return new self($plan);
    }

    /** @return list<TapeMark> */
    private function edges(string $leaf, LeafRun $run): array
    {
        $grid = Grid::of($this->plan->doorway);
        $of = fn (string $is, Span $edges) => $this->ends(
            "{$leaf}{$is}",
            'wall',
            $edges,
            $grid->ends($edges, $run->direction === -1),
        );

        return [
            ...$of('shut', $run->closed()),
            ...$this->plan->hang()->hasOpenPlaces() ? $of('open', $run->open()) : [],
        ];
    }

    /**
     * @param  array{Length, Length}  $marked  where its ends are marked
     * @return list<TapeMark> both ends of a thing
     */
    private function ends(string $id, string $tape, Span $thing, array $marked): array
    {
        return [
            new TapeMark("{$id}-l", $tape, $thing->low, 'mark-wall', marked: $marked[0]),
            new TapeMark("{$id}-r", $tape, $thing->high, 'mark-wall', marked: $marked[1]),
        ];
    }

    /** How far a hole on a stud may be off: half the stud less one and a half bolts less what it is off already. */
    private function onStud(Length $hole): ?Length
    {
        $spares = [];
        foreach (Holding::studs($this->plan->doorway->survey) as [$centre, $width]) {
            $spare = $width
                ->half()
                ->minus($this->plan->kit->boltDiameter->scaled(3, 2), $hole->minus($centre)->absolute());
            if (! $spare->isNegative()) {
                $spares[] = $spare;
            }
        }

        return $spares === [] ? null : Length::greatest(...$spares);
    }

    /** On the leaf, in from its trailing edge: the leaf less that, both as they are said. */
    private function fromTrailing(string $id, LeafRun $run, Length $in): TapeMark
    {
        $step = $this->plan->doorway->step();
        $marked =
            Grid::of($this->plan->doorway)->isFree()
                ? null
                : $run->width->roundedTo($step)->minus($in->roundedTo($step));

        return new TapeMark($id, 'leaf', $run->width->minus($in), 'mark-leaf', marked: $marked);
    }

    private function mark(string $id, string $tape, Length $place, string $step): TapeMark
    {
        return new TapeMark($id, $tape, $place, $step);
    }

    /**
     * @param  list<TapeMark>  $marks
     * @return list<TapeMark>
     */
    private static function ascending(array $marks): array
    {
        usort($marks, fn (TapeMark $a, TapeMark $b) => $a->place->nm <=> $b->place->nm);

        return $marks;
    }
}
