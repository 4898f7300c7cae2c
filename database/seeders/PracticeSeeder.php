<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Http\Editor;
use App\Models\PracticeRound;
use App\Practice\Outcome;
use App\Practice\Rounds;
use App\Practice\WallPage;
use Illuminate\Database\Seeder;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Answers;
use YokeLine\Practice\Level;
use YokeLine\Practice\PracticeWall;
use YokeLine\Practice\RightAnswers;

/** An apprentice who has begun a wall, hung a door on another with two mistakes, and has sums before them. */
final class PracticeSeeder extends Seeder
{
    public function run(): void
    {
        $rounds = new Rounds(Editor::named('Ines, apprentice', 'demo'));
        self::measured($rounds->begin(Level::Floor, Unit::Millimetre, 7));
        $done = $rounds->begin(Level::Flat, Unit::Millimetre, 12);
        self::measured($done);
        $wall = WallPage::wallOf($done);
        $typed = self::nearly($wall);
        Rounds::done($done, $typed, Outcome::of($done, Answers::read($typed, $done->units))->marks());
        $rounds->drill(Unit::Inch);
    }

    private static function measured(PracticeRound $round): void
    {
        $round->update(['places' => array_keys(WallPage::wallOf($round)->readings()), 'is_swept' => true]);
    }

    /** @return array<string, mixed> all right but a gap that was counted twice, and a stud that was missed */
    private static function nearly(PracticeWall $wall): array
    {
        $typed = RightAnswers::to($wall);
        $gap = $wall->plan->doorway->brief->rules->gap;

        return [
            ...$typed,
            'yoke-line' => (new LengthWriter($wall->unit))->exact($wall->plan->yokeLine()->plus($gap)),
            'studs' => array_slice((array) $typed['studs'], 1),
        ];
    }
}
