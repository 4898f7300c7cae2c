<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Carbon;

/** The backups of a folder: which there are, which are kept, and how old the last one is. */
final readonly class Backups
{
    /** Days, weeks and months of which the last one is kept. */
    private const KEPT = ['Y-m-d' => 7, 'o-W' => 4, 'Y-m' => 12];

    /** After so long without a good one, one is warned. */
    private const WARNS_AFTER_DAYS = 3;

    public function __construct(public string $folder) {}

    public static function here(): self
    {
        return new self(config()->string('app.backups'));
    }

    /** @return array<string, Carbon> when each was made, by its path; the newest first */
    public function all(): array
    {
        $all = [];
        foreach (glob("{$this->folder}/yoke-line-*.zip") ?: [] as $path) {
            $at = preg_match('/yoke-line-(\d{4}-\d\d-\d\d-\d{6})-\w+\.zip$/', $path, $found) === 1
                ? Carbon::createFromFormat('Y-m-d-His', $found[1])
                : null;
            if ($at !== null) {
                $all[$path] = $at;
            }
        }
        uasort($all, fn (Carbon $a, Carbon $b) => $b <=> $a);

        return $all;
    }

    public function last(): ?Carbon
    {
        return array_values($this->all())[0] ?? null;
    }

    public function isOld(): bool
    {
        return $this->last() === null || $this->last()->lt(now()->subDays(self::WARNS_AFTER_DAYS));
    }

    /** Once a night; also where the machine was off in the night. */
    public function isDue(): bool
    {
        return $this->last() === null || $this->last()->lt(now()->subHours(20));
    }

    /**
     * Of every day, week and month that is kept the last one stays; all others go. One that was asked for, or made
     * before an update, stays a month whatever came after it.
     */
    public function thin(): void
    {
        $kept = [];
        foreach (self::KEPT as $by => $most) {
            $seen = [];
            foreach ($this->all() as $path => $at) {
                $seen[$at->format($by)] ??= $path;
            }
            $kept = [...$kept, ...array_slice(array_values($seen), 0, $most)];
        }
        foreach ($this->all() as $path => $at) {
            $isOnPurpose = ! str_ends_with($path, '-nightly.zip') && $at->gt(now()->subMonth());
            in_array($path, $kept, true) || $isOnPurpose || unlink($path);
        }
    }
}
