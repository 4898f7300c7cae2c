<?php

declare(strict_types=1);

namespace App\Board;

use App\Firm\Here;
use App\Firm\Role;
use App\Http\State;
use App\Keeping\Kept;
use App\Models\Doorway;
use App\Models\Job;
use App\Plain;

/** How many doorways wait for what, counted once for each state of the house: of ten thousand it is half of a page. */
final readonly class Counts
{
    /**
     * @param  array<string, int>  $waiting  by what they wait for
     * @param  int  $snags  open ones of all
     */
    private function __construct(public array $waiting, public int $snags) {}

    public static function here(): self
    {
        // Where some are still to be worked out, working them out is no change of the house; nor is who is on a crew.
        $isPassing = app(Here::class)->person()?->role === Role::Installer ||
            Doorway::query()->atWork()->whereNull('waits_for')->exists();

        return $isPassing ? self::counted() : Kept::of('board', self::hangOn(), self::counted(...));
    }

    /** @return list<scalar|null> what is put away within one second is told by how many are */
    private static function hangOn(): array
    {
        $here = app(Here::class);

        return [
            $here->firm(),
            $here->person()?->id,
            State::named('everything')->is,
            Doorway::query()->toBase()->whereNotNull('archived_at')->count(),
            Job::query()->toBase()->whereNotNull('archived_at')->count(),
            Job::query()->toBase()->count(),
        ];
    }

    private static function counted(): self
    {
        $rows = Doorway::query()
            ->atWork()
            ->toBase()
            ->selectRaw('waits_for, count(*) as many, sum(snags) as snags')
            ->groupBy('waits_for')
            ->get();

        /** @var array<string, int> $waiting */
        $waiting = $rows->pluck('many', 'waits_for')->map(Plain::number(...))->all();

        return new self(
            $waiting,
            Plain::number($rows->sum('snags')),
        );
    }
}
