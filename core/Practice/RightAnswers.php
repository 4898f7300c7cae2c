<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Doorway\Stud;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Pounds;
use YokeLine\Measure\Unit;

/** What somebody types at a wall who makes no mistake. */
final class RightAnswers
{
    /** @return array<string, string|list<string>> by ask */
    public static function to(PracticeWall $wall): array
    {
        $plan = $wall->plan;
        $write = new LengthWriter($wall->unit);
        $typed = [
            Ask::Studs->value => array_map(fn (Stud $stud) => $write->exact($stud->x), StudMarks::behind($plan)),
            Ask::Backing->value => $plan->backing()->value,
            Ask::InHand->value => InHand::verdict($plan) ?? '',
            Ask::Gap->value => $write->exact($plan->doorway->brief->rules->gap),
            Ask::Load->value => (string) round(
                Attempt::loadKg($plan) / ($wall->unit === Unit::Inch ? Pounds::KG : 1),
                1,
            ),
            Ask::First->value => FirstStep::of($wall)[0],
        ];
        foreach (Ask::toAnswer() as $ask) {
            $sum = Attempt::sum($ask, $plan);
            $typed += $sum === null ? [] : [$ask->value => $write->exact($sum->total)];
        }

        return $typed;
    }
}
