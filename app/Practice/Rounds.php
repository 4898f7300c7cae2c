<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\PracticeMark;
use App\Models\PracticeRound;
use Illuminate\Support\Facades\DB;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Level;
use YokeLine\Practice\PracticeWall;
use YokeLine\Practice\Skill;

/** Rounds as they are begun, and as they are marked. */
final readonly class Rounds
{
    public const GREATEST_SEED = 999_999;

    public function __construct(private Editor $learner) {}

    /** @param  ?int  $seed  one that was not theirs before, where none is asked for */
    public function begin(Level $level, Unit $units, ?int $seed): PracticeRound
    {
        $seed ??= $this->unseen($level->value);
        $wall = PracticeWall::of($level, $seed, $units, Kits::all());

        return $this->keep($level->value, $seed, $wall->unit, $wall);
    }

    public function drill(Unit $units): PracticeRound
    {
        return $this->keep(PracticeRound::DRILL, $this->unseen(PracticeRound::DRILL), $units, null);
    }

    /** Null where its wall is of no use for it. */
    public function from(Doorway $doorway): ?PracticeRound
    {
        $seed = random_int(1, self::GREATEST_SEED);
        $wall = PracticeWall::from($doorway->revision->document, $seed, Kits::all());

        return $wall === null ? null : $this->keep($wall->level->value, $seed, $wall->unit, $wall);
    }

    /**
     * What was answered, once: a second time it changes nothing.
     *
     * @param  array<string, mixed>  $answers  as they were typed
     * @param  list<array{Skill, string, bool, ?string}>  $marks  skill, what was asked, whether it was right, mistake
     */
    public static function done(PracticeRound $round, array $answers, array $marks): void
    {
        DB::transaction(function () use ($round, $answers, $marks): void {
            $isFirst = PracticeRound::query()
                ->whereKey($round->id)
                ->whereNull('done_at')
                ->update(['done_at' => now(), 'answers' => json_encode($answers, JSON_THROW_ON_ERROR)]);
            foreach ($isFirst === 1 ? $marks : [] as [$skill, $ask, $isRight, $slip]) {
                PracticeMark::create([
                    'practice_round_id' => $round->id,
                    'learner' => $round->learner,
                    'skill' => $skill,
                    'ask' => $ask,
                    'is_right' => $isRight,
                    'slip' => $slip,
                ]);
            }
        });
    }

    private function keep(string $level, int $seed, Unit $units, ?PracticeWall $wall): PracticeRound
    {
        return PracticeRound::create([
            'learner' => $this->learner->browser,
            'name' => $this->learner->name,
            'level' => $level,
            'seed' => $seed,
            'units' => $units,
            'truth' => $wall?->truth->toJson(),
            'measured' => $wall?->measured->toJson(),
            'places' => [],
        ]);
    }

    /** A wall is never the same twice. */
    private function unseen(string $level): int
    {
        $seen = PracticeRound::of($this->learner->browser)->where('level', $level)->pluck('seed')->all();
        do {
            $seed = random_int(1, self::GREATEST_SEED);
        } while (in_array($seed, $seen, true));

        return $seed;
    }
}
