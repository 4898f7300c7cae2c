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
use YokeLine\Practice\Ask;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\FirstStep;
use YokeLine\Practice\InHand;
use YokeLine\Practice\Level;
use YokeLine\Practice\PracticeWall;
use YokeLine\Practice\StudMarks;

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
        $write = new LengthWriter($wall->unit);
        $typed = [
            'backing' => 'header',
            'in-hand' => InHand::verdict($wall->plan) ?? '',
            'first' => FirstStep::of($wall)[0],
            'load' => (string) round(Attempt::loadKg($wall->plan), 1),
        ];
        foreach (Ask::toAnswer() as $ask) {
            $sum = Attempt::sum($ask, $wall->plan);
            $typed += $sum === null ? [] : [$ask->value => $write->exact($sum->total)];
        }
        $gap = $wall->plan->doorway->brief->rules->gap;
        $studs = array_map(fn ($stud) => $write->exact($stud->x), StudMarks::behind($wall->plan));

        return [
            ...$typed,
            'gap' => $write->exact($gap),
            'yoke-line' => $write->exact($wall->plan->yokeLine()->plus($gap)),
            'studs' => array_slice($studs, 1),
        ];
    }
}
