<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Doorway\Hazard;
use YokeLine\Doorway\Stud;
use YokeLine\Holding\Holding;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** Where a learner says that studs are, held against where they are. */
final class StudMarks
{
    /** A mark so far from a stud's middle leaves wood round a bolt. */
    private const OFF_MM = 8;

    /** @param  list<Length>  $marks */
    public static function judged(Plan $plan, array $marks): Judged
    {
        $studs = $plan->doorway->survey->studs;
        $behind = self::behind($plan);
        $marked = array_map(fn (Length $mark) => self::stud($mark, $studs), $marks);
        $missed = array_filter($behind, fn (Stud $stud) => ! in_array($stud, $marked, true));
        $wild = array_filter($marks, fn (Length $mark) => self::stud($mark, $studs) === null);
        $edges = array_filter($marks, fn (Length $mark) => self::isAtAnEdge($mark, $studs));
        $kind = match (true) {
            $marks === [] => SlipKind::Unanswered,
            $wild !== [] => SlipKind::StudInvented,
            $edges !== [] => SlipKind::StudEdge,
            $missed !== [] => SlipKind::StudMissed,
            default => null,
        };
        $at = [...array_values($wild), ...array_values($edges)][0] ?? array_values($missed)[0]->x ?? null;

        return new Judged(
            Ask::Studs,
            $kind === null,
            array_map(fn (Stud $stud) => $stud->x, $behind),
            slip: $kind === null ? null : new Slip($kind, $at),
        );
    }

    /** @return list<Stud> those that the rail lies over and no cable runs beside */
    public static function behind(Plan $plan): array
    {
        $span = $plan->rail->span;

        return array_values(array_filter(
            $plan->doorway->survey->studs,
            fn (Stud $stud) => $span->surrounds($stud->x) && ! self::isByCable($stud->x, $plan),
        ));
    }

    /** Whether no bolt may go in there. */
    public static function isByCable(Length $at, Plan $plan): bool
    {
        $beside = array_filter(
            $plan->doorway->survey->hazards,
            fn (Hazard $hazard) => $hazard->x->widened(Length::mm(Holding::ZONE_MM))->contains($at),
        );

        return $beside !== [];
    }

    /**
     * The stud that a mark is on.
     *
     * @param  list<Stud>  $studs
     */
    public static function stud(Length $mark, array $studs): ?Stud
    {
        foreach ($studs as $stud) {
            if (! $stud->x->minus($mark)->absolute()->isOver($stud->width->half()->plus(Length::mm(self::OFF_MM)))) {
                return $stud;
            }
        }

        return null;
    }

    /** @param  list<Stud>  $studs */
    private static function isAtAnEdge(Length $mark, array $studs): bool
    {
        $stud = self::stud($mark, $studs);

        return $stud !== null && $stud->x->minus($mark)->absolute()->isOver(Length::mm(self::OFF_MM));
    }
}
