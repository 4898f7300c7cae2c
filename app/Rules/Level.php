<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use App\Words\Speaker;
use Illuminate\Database\Eloquent\Builder;
use YokeLine\Measure\Unit;

/** For whom a rule holds: the company, a job, or one doorway. */
final readonly class Level
{
    private function __construct(public ?Job $job, public ?Doorway $doorway) {}

    public static function company(): self
    {
        return new self(null, null);
    }

    public static function job(Job $job): self
    {
        return new self($job, null);
    }

    public static function doorway(Doorway $doorway): self
    {
        return new self($doorway->job, $doorway);
    }

    /** The nearest one that is asked for: 0 is not asked for. */
    public static function asked(int $job, int $doorway): self
    {
        return match (true) {
            $doorway > 0 => self::doorway(Doorway::query()->with('job')->findOrFail($doorway)),
            $job > 0 => self::job(Job::query()->findOrFail($job)),
            default => self::company(),
        };
    }

    public function name(): string
    {
        return match (true) {
            $this->doorway !== null => 'doorway',
            $this->job !== null => 'job',
            default => 'company',
        };
    }

    /** What its lengths are asked for in. */
    public function units(): Unit
    {
        return $this->doorway?->setout(null)->doorway->units ?? ($this->job->units ?? Job::usualUnits());
    }

    public function says(): string
    {
        return $this->doorway->name ?? ($this->job->name ?? Speaker::words('rules.company'));
    }

    /** @return array<string, string> what a link to this level's page carries */
    public function query(): array
    {
        return array_map(
            strval(...),
            array_filter(['doorway' => $this->doorway?->id, 'job' => $this->doorway === null ? $this->job?->id : null]),
        );
    }

    /** @return Builder<Doorway> the doorways at work that it can reach */
    public function doorways(): Builder
    {
        $open = Doorway::query()
            ->whereNull('archived_at')
            ->whereNotNull('revision_id')
            ->whereIn('job_id', Job::query()->select('id')->whereNull('archived_at'));

        /** @var Builder<Doorway> */
        return match (true) {
            $this->doorway !== null => $open->where('id', $this->doorway->id),
            $this->job !== null => $open->where('job_id', $this->job->id),
            default => $open,
        };
    }

    /** @return array<string, HouseRule> by method, the nearer level over the further */
    public function rules(): array
    {
        $rules = HouseRule::query()
            ->whereNull('job_id')
            ->orWhere('job_id', $this->job->id ?? 0)
            ->orderByRaw('job_id is not null')
            ->get();

        /** @var array<string, HouseRule> */
        return $rules->keyBy('method')->all();
    }
}
