<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Doorway;
use App\Site\Entries;
use App\Site\SiteRun;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\StepKind;

/** One doorway in the middle of its installation: the rail is up, and its right end came out low. */
final class SiteSeeder extends Seeder
{
    private const LAST_DONE = StepKind::RailUp;

    public function run(): void
    {
        $doorway = Doorway::query()->with('revision', 'job')->where('name', 'Meter room')->firstOrFail();
        $run = new SiteRun($doorway, null);
        $exact = new LengthWriter(Unit::Millimetre);
        $at = Carbon::now()->subHours(5);
        $entries = [];
        $enter = function (string $kind, string $about, array $data) use (&$entries, $at): void {
            $entries[] = [
                'uid' => sprintf('demo-site-%03d', count($entries)),
                'kind' => $kind,
                'about' => $about,
                'data' => $data,
                'at' => $at
                    ->copy()
                    ->addMinutes(6 * count($entries))
                    ->toJSON(),
            ];
        };
        foreach ($run->steps as $id => $step) {
            if ($step->kind() === StepKind::LeafIn) {
                foreach (SiteMeasurements::at($step, $run->plan) as $ask) {
                    $enter('measured', $ask->id, ['typed' => $exact->exact($ask->planned), 'units' => 'mm']);
                }
            }
            $step->kind() === StepKind::CoatLeaf && str_ends_with($id, '.2')
                ? $enter('step', $id, ['state' => 'skipped', 'reason' => 'The door came finished.'])
                : $enter('step', $id, ['state' => 'done']);
            if ($step->kind() === self::LAST_DONE) {
                break;
            }
        }
        $enter('note', 'board-fix', [
            'says' => 'Stud 2 is 4 further left than recorded; screw moved.',
            'step' => 'board-fix',
        ]);
        // Level where it began, 2 and 4 low further right.
        foreach (SiteMeasurements::linePlaces($run->plan) as $i => [$id, $x]) {
            $enter('measured', $id, [
                'typed' => $exact->exact($run->plan->tapeUp($x)->minus(Length::mm(2 * $i))->roundedTo(Length::mm(1))),
                'units' => 'mm',
            ]);
        }
        (new Entries($doorway, $run, 'Ines'))->take($entries);
    }
}
