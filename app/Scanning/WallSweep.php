<?php

declare(strict_types=1);

namespace App\Scanning;

use App\Models\Doorway;
use App\Models\WallTrace;
use YokeLine\Holding\Scan\FoundStud;
use YokeLine\Holding\Scan\Scan;
use YokeLine\Holding\Scan\SimulatedWall;
use YokeLine\Holding\Scan\Sweep;
use YokeLine\Holding\Scan\Trace;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Setout;

/** Sweeping the wall of one doorway, and what may be taken of what was found. */
final readonly class WallSweep
{
    private const PROFILE_STEP = 3;

    private const SAME_STUD_MM = 20;

    public function __construct(private Doorway $doorway, private Setout $setout) {}

    /** Whether wall and opening are measured: a sweep is along them. */
    public function isMeasured(): bool
    {
        return $this->setout->doorway->survey->wall() !== null && $this->setout->doorway->survey->opening !== null;
    }

    /** The simulated scanner's wall, with the same hidden inside for the same doorway. */
    public function simulated(): SimulatedWall
    {
        return SimulatedWall::of($this->doorway->id, $this->wall(), $this->opening() ?? [0.0, 0.0]);
    }

    /** @return list<array{float, float, float}> one pass of the simulated scanner: place, density, live wires */
    public function pass(float $height, bool $forward): array
    {
        $sweep = $this->simulated()->sweep($height, $forward);
        $rows = array_merge(...$sweep->parts);

        return array_map(
            fn (array $row) => [$row['x'], round($row['density'], 1), round($row['ac'], 1)],
            $sweep->forward ? $rows : array_reverse($rows),
        );
    }

    public function scan(Trace $trace): Scan
    {
        return Scan::of($trace, $this->opening(), $this->wall());
    }

    public function keep(Trace $trace): void
    {
        $csv = $trace->toCsv();
        // Of what is kept, so that who keeps the same has the same.
        WallTrace::create([
            'doorway_id' => $this->doorway->id,
            'csv' => $csv,
            'profile' => self::profile(Trace::read($csv)),
        ]);
    }

    /**
     * Found studs and zones as changes to the survey. What was measured by hand, or proved by a pilot hole, wins.
     *
     * @return array<string, mixed>
     */
    public function changes(Scan $scan): array
    {
        $exact = new LengthWriter($this->setout->doorway->units);
        $say = fn (float $mm) => $exact->exact(Length::nm((int) round($mm * 10) * 100_000));
        $kept = array_values(
            array_filter(
                (array) ($this->setout->document->get('survey.studs') ?? []),
                fn (mixed $stud) => is_object($stud) && ! in_array($stud->source ?? 'measured', ['scan'], true),
            ),
        );
        $measured = array_map(
            fn ($stud) => $stud->x->toMm(),
            array_filter($this->setout->doorway->survey->studs, fn ($stud) => $stud->source !== 'scan'),
        );
        $new = array_values(
            array_filter(
                $scan->studs,
                fn (FoundStud $stud) => array_filter(
                    $measured,
                    fn (float $x) => abs($x - $stud->x) <= self::SAME_STUD_MM,
                ) === [],
            ),
        );
        $hazards = array_values(
            array_filter(
                (array) ($this->setout->document->get('survey.hazards') ?? []),
                fn (mixed $hazard) => is_object($hazard) && ($hazard->source ?? '') !== 'scan',
            ),
        );
        $ceiling = $this->setout->doorway->survey->ceiling ?? Length::mm(2500);

        return [
            'survey.studs' => [
                ...$kept,
                ...array_map(
                    fn (FoundStud $stud) => [
                        'x' => $say($stud->x),
                        'width' => $say(round($stud->width)),
                        'source' => 'scan',
                        'confidence' => round($stud->confidence, 2),
                    ],
                    $new,
                ),
            ],
            // A zone is 50 to each side already: the cable itself is in its middle.
            'survey.hazards' => [
                ...$hazards,
                ...array_map(
                    fn (array $zone) => [
                        'kind' => 'cable',
                        'x' => [$say(($zone[0] + $zone[1]) / 2 - 5), $say(($zone[0] + $zone[1]) / 2 + 5)],
                        'y' => [$say(0), $exact->exact($ceiling)],
                        'source' => 'scan',
                    ],
                    $scan->zones,
                ),
            ],
        ];
    }

    /** @return array{float, float} */
    private function wall(): array
    {
        $wall = $this->setout->doorway->survey->wall();

        return [$wall?->low->toMm() ?? 0.0, $wall?->high->toMm() ?? 0.0];
    }

    /** @return ?array{float, float} */
    private function opening(): ?array
    {
        $jambs = $this->setout->doorway->survey->opening?->span();

        return $jambs === null ? null : [$jambs->low->toMm(), $jambs->high->toMm()];
    }

    /** @return list<array{float, float}> of the lowest sweep that goes right, every third row */
    private static function profile(Trace $trace): array
    {
        $sweep =
            array_values(array_filter($trace->sweeps, fn (Sweep $sweep) => $sweep->forward))[0] ??
            ($trace->sweeps[0] ?? null);
        $rows = $sweep === null ? [] : array_merge(...$sweep->parts);
        $most = max([1.0, ...array_column($rows, 'density')]);
        $profile = [];
        foreach ($rows as $i => $row) {
            if ($i % self::PROFILE_STEP === 0) {
                $profile[] = [round($row['x'], 1), round($row['density'] / $most, 3)];
            }
        }

        return $profile;
    }
}
