<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Doorway;
use App\Models\Job;
use App\Plain;
use App\Words\Speaker;
use App\Words\StepWords;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use YokeLine\Work\Day\CannotStaff;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Person;
use YokeLine\Work\Day\Task;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** The open steps of a job's doorways in the days of its crew. */
final readonly class JobDays
{
    private const SEED = 1964;

    private const CREW = 3;

    private const KEPT_S = 86_400;

    private const HOURS = '08:00-12:00, 12:30-16:30';

    /** @var array<string, mixed> */
    private array $set;

    /** @var array<string, array{Step, string, Doorway}> step, its name, its doorway, by task */
    public array $steps;

    public ?DayPlan $plan;

    public string $problem;

    /** @var list<string> steps that were set by hand where they may not be, and are placed as soon after as they can */
    public array $notThen;

    /** @var Collection<int, Doorway> */
    public Collection $atWork;

    /** Whether it is still to be worked out: it was asked what is known of it already. */
    public bool $isWaiting;

    /** @param  bool  $planNow  or only where it was worked out before */
    public function __construct(public Job $job, bool $planNow = true)
    {
        $this->atWork = $job->doorwaysAtWork();
        $this->set = $job->day_plan ?? [];
        $isRead = $planNow || $this->planned()->every(OpenSteps::areKept(...));
        [$tasks, $this->steps] = $isRead ? $this->tasks() : [[], []];
        $brief = $tasks === [] ? null : [$tasks, $this->people(), $this->travel($tasks), $this->begins()];
        $this->isWaiting = ! $isRead || (! $planNow && $brief !== null && ! Cache::has(self::keptAs($brief)));
        try {
            [$this->plan, $this->notThen] = $brief === null || $this->isWaiting ? [null, []] : self::inDays($brief);
            $this->problem = '';
        } catch (CannotStaff $problem) {
            [$this->plan, $this->notThen] = [null, []];
            $this->problem = Speaker::words("shop.cannot-staff.{$problem->why}", [
                'task' => $this->steps[$problem->task][1] ?? $problem->task,
                'people' => $problem->people,
                'minutes' => $problem->minutes,
                'crew' => $problem->crew,
            ]);
        }
    }

    public function crew(): int
    {
        return max(1, min(3, is_numeric($this->set['crew'] ?? null) ? (int) $this->set['crew'] : self::CREW));
    }

    public function hours(): string
    {
        return is_string($this->set['hours'] ?? null) ? $this->set['hours'] : self::HOURS;
    }

    /** The first day. */
    public function from(): Carbon
    {
        $day = Plain::day($this->set['from'] ?? null) ?? Carbon::now()->addDay()->startOfDay();

        return $day->isWeekend() ? $day->nextWeekday() : $day;
    }

    public function travelMinutes(): int
    {
        return max(0, min(240, is_numeric($this->set['travel'] ?? null) ? (int) $this->set['travel'] : 25));
    }

    /** @param  'leaf'|'kit'|'board'  $what */
    public function deliveryOn(string $what): ?Carbon
    {
        return Plain::day(((array) ($this->set['comes'] ?? []))[$what] ?? null);
    }

    /** @return list<int> doorways that are planned; every one that can be hung where nobody chose */
    public function doorways(): array
    {
        return array_values(
            array_map(
                Plain::number(...),
                is_array($this->set['doorways'] ?? null)
                    ? $this->set['doorways']
                    : $this->atWork
                        ->whereIn('verdict', ['fits', 'fits-if', 'to-settle'])
                        ->pluck('id')
                        ->all(),
            ),
        );
    }

    /** @return Collection<int, Doorway> */
    public function planned(): Collection
    {
        return $this->atWork->whereIn('id', $this->doorways())->values();
    }

    public function moment(int $minutes): Carbon
    {
        // Days of the plan are working days.
        return $this->from()
            ->addWeekdays(intdiv($minutes, DayPlan::DAY))
            ->addMinutes($minutes % DayPlan::DAY);
    }

    public function isSetByHand(string $task): bool
    {
        return isset($this->stands()[$task]) && ! in_array($task, $this->notThen, true);
    }

    /** @return list<array{int, int}>|null stretches of a day in minutes; null where it does not read */
    public static function stretches(string $typed): ?array
    {
        $found = [];
        $last = 0;
        foreach (explode(',', $typed) as $stretch) {
            if (preg_match('/^\s*(\d{1,2}):(\d{2})\s*[-–]\s*(\d{1,2}):(\d{2})\s*$/u', $stretch, $at) !== 1) {
                return null;
            }
            [$from, $to] = [60 * (int) $at[1] + (int) $at[2], 60 * (int) $at[3] + (int) $at[4]];
            if ($from < $last || $to <= $from || $to > DayPlan::DAY) {
                return null;
            }
            $found[] = [$from, ($last = $to)];
        }

        return $found;
    }

    /** @return non-empty-list<Person> */
    private function people(): array
    {
        $hours = self::stretches($this->hours()) ?? self::stretches(self::HOURS);

        return array_map(fn (int $id) => new Person($id, $hours ?: [[480, 990]]), range(1, $this->crew()));
    }

    /**
     * Worked out once for the same steps, people and ways.
     *
     * @param  array{non-empty-list<Task>, non-empty-list<Person>, array<string, int>, int}  $brief
     * @return array{DayPlan, list<string>}
     */
    private static function inDays(array $brief): array
    {
        [$tasks, $people, $travel, $from] = $brief;

        return Cache::remember(
            self::keptAs($brief),
            self::KEPT_S,
            fn () => DayPlan::lawful($tasks, $people, $travel, self::SEED, DayPlan::EFFORT, $from),
        );
    }

    /** @param  array<array-key, mixed>  $brief */
    private static function keptAs(array $brief): string
    {
        return 'days '.sha1(serialize($brief));
    }

    /** Planned from now on, where the first day has begun. */
    private function begins(): int
    {
        $now = now();

        return $now->lessThan($this->from())
            ? 0
            : (int) $this->from()->diffInWeekdays($now->copy()->startOfDay()) * DayPlan::DAY +
                    (int) (ceil($now->copy()->startOfDay()->diffInMinutes($now) / 5) * 5);
    }

    /** @return array<string, array{at: int, with: list<int>}> */
    private function stands(): array
    {
        /** @var array<string, array{at: int, with: list<int>}> */
        return is_array($this->set['stands'] ?? null) ? $this->set['stands'] : [];
    }

    /** @return array{list<Task>, array<string, array{Step, string, Doorway}>} */
    private function tasks(): array
    {
        $tasks = $steps = [];
        $longest = max(array_map(fn (array $hours) => $hours[1] - $hours[0], $this->people()[0]->hours));
        $history = History::factors();
        foreach ($this->planned() as $doorway) {
            $told = $doorway->revision->document->get('survey.site');
            $site = is_string($told) && $told !== '' ? $told : 'here';
            $open = OpenSteps::of($doorway);
            foreach ($open as $id => $step) {
                $minutes = max(5, (int) (round(($step->minutes * ($history[$step->kind()->value] ?? 1.0)) / 5) * 5));
                $after = [];
                foreach ($step->after as $before) {
                    if (isset($open[$before->step])) {
                        $after["{$doorway->id}/{$before->step}"] = $before->minutes;
                    }
                }
                $task = "{$doorway->id}/{$id}";
                // What no stretch holds whole is done in parts.
                $parts = intdiv($minutes + $longest - 1, $longest);
                for ($part = 1; $part <= $parts; $part++) {
                    $name = $part === $parts ? $task : "{$task}#{$part}";
                    $stands = $this->stands()[$name] ?? null;
                    $tasks[] = new Task(
                        $name,
                        min($longest, $minutes - ($part - 1) * $longest),
                        $step->people,
                        (string) $doorway->id,
                        $site,
                        $step->at === 'wall',
                        $part === 1 ? $after : ["{$task}#".($part - 1) => 0],
                        $this->comes($step),
                        $stands['at'] ?? null,
                        $stands['with'] ?? [],
                    );
                    $steps[$name] = [$step, "{$doorway->name}, ".lcfirst(StepWords::step($step)), $doorway];
                }
            }
        }

        return [$tasks, $steps];
    }

    /** Nothing is done with what has not come. */
    private function comes(Step $step): int
    {
        $what = match ($step->kind()) {
            StepKind::LeafIn, StepKind::BringIn => 'leaf',
            StepKind::BoxCheck => 'kit',
            StepKind::CutBoard => 'board',
            default => null,
        };
        $on = $what === null ? null : $this->deliveryOn($what);

        return $on === null ? 0 : (int) max(0, $this->from()->diffInWeekdays($on, false)) * DayPlan::DAY;
    }

    /**
     * @param  list<Task>  $tasks
     * @return array<string, int> minutes from any site to any other
     */
    private function travel(array $tasks): array
    {
        $sites = array_unique(array_map(fn (Task $task) => $task->site, $tasks));
        $ways = [];
        foreach ($sites as $from) {
            foreach ($sites as $to) {
                $from === $to || ($ways["{$from}-{$to}"] = $this->travelMinutes());
            }
        }

        return $ways;
    }
}
