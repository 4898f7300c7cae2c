<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeMark;
use App\Models\PracticeRound;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use YokeLine\Practice\Level;
use YokeLine\Practice\Skill;
use YokeLine\Practice\Spacing;

/** What somebody has shown so far, by skill, and what they had better practise next. */
final readonly class Record
{
    /** The newest answers tell how it stands. */
    private const LATELY = 10;

    /** @var Collection<int, PracticeMark> */
    private Collection $marks;

    public function __construct(public string $learner)
    {
        $this->marks = PracticeMark::of($learner)->get();
    }

    public function isEmpty(): bool
    {
        return $this->marks->isEmpty();
    }

    public function latest(): PracticeRound
    {
        return PracticeRound::of($this->learner)->latest('id')->firstOrFail();
    }

    /** As they were called last. */
    public function name(): string
    {
        return $this->latest()->name;
    }

    /** @return list<Spacing> what is due first: a skill was right in a round where all that it was asked in was */
    public function next(): array
    {
        $rounds = $this->marks->groupBy(
            fn (PracticeMark $mark) => "{$mark->practice_round_id} {$mark->skill->value}",
        );

        return Spacing::of(
            array_values($rounds->map(fn (Collection $of) => [
                $of->firstOrFail()->skill,
                $of->every(fn (PracticeMark $mark) => $mark->is_right),
                $of->firstOrFail()->created_at->toDateTimeImmutable(),
            ])->all()),
            now()->toDateTimeImmutable(),
        );
    }

    /** @return list<array{skill: Skill, asked: int, right: int, lately: int, of: int, last: Carbon, slip: ?string}> */
    public function skills(): array
    {
        $rows = [];
        foreach (Skill::cases() as $skill) {
            $of = $this->marks->filter(fn (PracticeMark $mark) => $mark->skill === $skill);
            $last = $of->last();
            if ($last === null) {
                continue;
            }
            $lately = $of->slice(-self::LATELY);
            $rows[] = [
                'skill' => $skill,
                'asked' => $of->count(),
                'right' => $of->where('is_right', true)->count(),
                'lately' => $lately->where('is_right', true)->count(),
                'of' => $lately->count(),
                'last' => $last->created_at,
                'slip' => self::worst($lately),
            ];
        }

        return $rows;
    }

    /** @return list<array{level: string, count: int, last: Carbon}> walls and drills that were gone through */
    public function rounds(): array
    {
        $done = PracticeRound::of($this->learner)->whereNotNull('done_at')->orderBy('id')->get();

        return array_values($done->groupBy('level')->map(fn ($of, $level) => [
            'level' => (string) $level,
            'count' => $of->count(),
            'last' => $of->last()->done_at ?? now(),
        ])->all());
    }

    /** The wall that has what they lack; the easiest where nothing is known. */
    public function suggested(): Level
    {
        $skill = $this->isEmpty() ? null : $this->next()[0]->skill;

        return match ($skill) {
            null, Skill::Tape, Skill::Overlap, Skill::Height => Level::Flat,
            Skill::Floor => Level::Floor,
            Skill::Stops => Level::Half,
            Skill::Studs, Skill::Loads => Level::Studs,
            Skill::Order => Level::Cable,
            Skill::Fractions => Level::Inches,
        };
    }

    /**
     * The mistake that was made most of these times.
     *
     * @param  Collection<int, PracticeMark>  $marks
     */
    private static function worst(Collection $marks): ?string
    {
        $slips = $marks->whereNotNull('slip')->countBy('slip')->sortDesc();
        $worst = $slips->keys()->first();

        return is_string($worst) ? $worst : null;
    }
}
