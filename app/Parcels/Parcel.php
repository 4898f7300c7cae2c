<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Files\JobArchive;
use App\Models\Doorway;
use App\Models\Job;
use App\Paper\JobPaper;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use YokeLine\Measure\Unit;

/**
 * A whole job made ready to give out, one doorway at a time, so that one sees how far it is.
 *
 * @phpstan-type State array{
 *     job: int, kind: string, paper: 'A4'|'Letter', units: ?string,
 *     doorways: list<int>, rows: list<array<string, mixed>>
 * }
 */
final class Parcel
{
    public const KINDS = ['sheets', 'archive'];

    private const KEPT_HOURS = 12;

    /**
     * @param  State  $state
     */
    private function __construct(public readonly string $id, private array $state) {}

    /**
     * @param  'sheets'|'archive'  $kind
     * @param  'A4'|'Letter'  $paper
     */
    public static function begin(Job $job, string $kind, string $paper, ?Unit $units): self
    {
        self::clearOld();
        // What is put away goes into the ZIP, which leaves nothing out, and not onto paper.
        $doorways = $job
            ->doorways()
            ->when($kind === 'sheets', fn (Builder $at) => $at->whereNull('archived_at'))
            ->orderBy('id')
            ->pluck('id')
            ->map(Plain::number(...))
            ->all();
        $parcel = new self(strtolower((string) Str::ulid()), [
            'job' => $job->id,
            'kind' => $kind,
            'paper' => $paper,
            'units' => $units?->value,
            'doorways' => array_values($doorways),
            'rows' => [],
        ]);
        File::ensureDirectoryExists($parcel->path());
        $parcel->keep();

        return $parcel;
    }

    public static function find(string $id): self
    {
        $file = self::folder()."/{$id}/state.json";
        (preg_match('/^[0-9a-z]{26}$/', $id) === 1 && is_file($file)) ||
            abort(404, Speaker::words('refusals.parcel-gone'));
        /**
         * @var State $state
         */
        $state = json_decode(File::get($file), true);

        // Of a job that one may see.
        Job::query()->findOrFail($state['job']);

        return new self($id, $state);
    }

    /** Makes the next doorway ready, and after the last one closes the parcel. */
    public function next(): void
    {
        $i = $this->done();
        if ($i < $this->of()) {
            $doorway = Doorway::query()->with('revision', 'trace', 'job')->findOrFail($this->state['doorways'][$i]);
            $this->state['rows'][] =
                $this->state['kind'] === 'sheets'
                    ? JobPaper::sheet(
                        $doorway,
                        $this->path("{$i}.pdf"),
                        $this->state['paper'],
                        Unit::tryFrom((string) $this->state['units']),
                    )
                    : JobArchive::addDoorway($this->file(), $i, $doorway);
            $this->keep();
        }
        if ($this->isReady() && ! is_file($this->path('closed'))) {
            $this->state['kind'] === 'sheets'
                ? JobPaper::bind($this->job(), $this->state['rows'], $this->file(), $this->state['paper'])
                : JobArchive::addJob($this->file(), $this->job(), $this->state['rows']);
            touch($this->path('closed'));
        }
    }

    public function isReady(): bool
    {
        return $this->done() === $this->of();
    }

    public function done(): int
    {
        return count($this->state['rows']);
    }

    public function of(): int
    {
        return count($this->state['doorways']);
    }

    public function kind(): string
    {
        return Speaker::words("jobs.parcels.{$this->state['kind']}");
    }

    public function job(): Job
    {
        return Job::query()->findOrFail($this->state['job']);
    }

    public function file(): string
    {
        return $this->path($this->state['kind'] === 'sheets' ? 'sheets.pdf' : 'job.zip');
    }

    public function name(): string
    {
        return (Str::slug($this->job()->name) ?: 'job').($this->state['kind'] === 'sheets' ? '-sheets.pdf' : '.zip');
    }

    private function keep(): void
    {
        File::put($this->path('state.json'), (string) json_encode($this->state));
    }

    private function path(string $name = ''): string
    {
        return rtrim(self::folder()."/{$this->id}/{$name}", '/');
    }

    private static function folder(): string
    {
        return storage_path('app/parcels');
    }

    private static function clearOld(): void
    {
        /** @var list<string> $folders */
        $folders = File::isDirectory(self::folder()) ? File::directories(self::folder()) : [];
        foreach ($folders as $folder) {
            if (filemtime($folder) < time() - self::KEPT_HOURS * 3600) {
                File::deleteDirectory($folder);
            }
        }
    }
}
