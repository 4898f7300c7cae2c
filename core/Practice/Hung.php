<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Heights;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/** What happens: the true wall, with the door hung as somebody answered, and what comes of each number. */
final readonly class Hung
{
    /** @param  list<Consequence>  $happens */
    private function __construct(public Setout $setout, public array $happens) {}

    public static function of(Attempt $attempt): self
    {
        $wall = $attempt->wall;
        $write = new LengthWriter($wall->unit);
        // The sizes it was set out with are hung, whatever the true wall would ask for.
        $decided = [
            'brief.leaf.width' => $write->exact($wall->plan->layout->width->size->total),
            'brief.leaf.height' => $write->exact($wall->plan->heights->leaf->size->total),
            ...$attempt->decided,
        ];
        $truth = Attempt::with($wall->truth, $decided);
        $setout = Setout::quick($truth, $attempt->kits);
        $plan = $setout->plan ?? $wall->plan;
        $line = $attempt->answers->length(Ask::YokeLine);
        $gap = $line === null
            ? $plan->doorway->brief->rules->gap
            : $plan->doorway->brief->rules->gap->plus($line)->minus($plan->yokeLine());
        $as = Setout::quick(
            $truth->with('brief.rules.gap', $write->exact($gap->orZeroIfNegative())),
            $attempt->kits,
        );

        return new self($as->plan === null ? $setout : $as, [
            ...$gap->isNegative()
                ? [Consequence::of(Ask::YokeLine, 'scrapes', [
                    'at' => $plan->floor->highSpot(),
                    'by' => $gap->negated(),
                ])]
                : [],
            ...self::ofBoard($attempt, $plan),
            ...self::ofStuds($attempt, $plan),
            ...self::ofStops($attempt, $plan),
        ]);
    }

    /** @return list<Consequence> a line that tilts, a board that the line misses */
    private static function ofBoard(Attempt $attempt, Plan $plan): array
    {
        $found = [];
        [$line, $here, $foot] = array_map(
            $attempt->answers->length(...),
            [Ask::YokeLine, Ask::LineHere, Ask::HeaderFoot],
        );
        $line ??= $plan->yokeLine();
        if ($here !== null) {
            $off = $here->minus($line)->plus($plan->floor->at(Attempt::here($plan)));
            if ($off->absolute()->isOver($plan->doorway->step()->times(2))) {
                $found[] = Consequence::of(Ask::LineHere, $off->isNegative() ? 'rolls-there' : 'rolls-away', [
                    'by' => $off->absolute(),
                    'at' => Attempt::here($plan),
                ]);
            }
        }
        if ($foot !== null && $plan->header !== null) {
            $above = $line->minus($foot);
            $below = $foot->plus($plan->doorway->brief->header->width)->minus($line);
            $least = Length::least($above, $below);
            if ($least->isUnder(Heights::boardEdge())) {
                $found[] = Consequence::of(Ask::HeaderFoot, 'board-misses', [
                    'edge' => $least,
                    'least' => Heights::boardEdge(),
                ]);
            }
        }

        return $found;
    }

    /** @return list<Consequence> bolts that go into no wood, or into what is live */
    private static function ofStuds(Attempt $attempt, Plan $plan): array
    {
        $found = [];
        foreach ($attempt->answers->studs as $mark) {
            if (StudMarks::isByCable($mark, $plan)) {
                $found[] = Consequence::of(Ask::Studs, 'hits-cable', ['at' => $mark]);
            } elseif (StudMarks::stud($mark, $plan->doorway->survey->studs) === null) {
                $found[] = Consequence::of(Ask::Studs, 'misses-stud', ['at' => $mark]);
            }
        }

        return $found;
    }

    /** @return list<Consequence> where a leaf comes to rest, and where nothing holds its foot */
    private static function ofStops(Attempt $attempt, Plan $plan): array
    {
        $found = [];
        foreach ($attempt->judged as $judged) {
            $said = $attempt->answers->length($judged->ask);
            if ($judged->isRight || $said === null || $judged->why === null) {
                continue;
            }
            if ($judged->ask === Ask::StopShut || $judged->ask === Ask::StopOpen) {
                $found[] = Consequence::of($judged->ask, $judged->ask->value, [
                    'by' => $said->minus($judged->why->total)->absolute(),
                ]);
            }
            if ($judged->ask === Ask::Guide) {
                $window = $plan->guides[array_key_first($plan->guides)]->window;
                $found[] = Consequence::of(Ask::Guide, 'guide-misses', [
                    'at' => $said,
                    'from' => $window->low,
                    'to' => $window->high,
                ]);
            }
        }

        return $found;
    }
}
