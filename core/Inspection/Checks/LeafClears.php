<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** Room between the back of the leaf and what stands proud behind it. */
final class LeafClears implements Check
{
    private const WANTED_MM = 6;

    public function look(Sight $sight): iterable
    {
        $depth = $sight->plan->innerDepth();
        $clearance = $depth->clearance->total;
        $wanted = Length::mm(self::WANTED_MM);
        if (! $sight->isShort($clearance, $wanted)) {
            yield new Finding(
                FindingCode::LeafClears,
                Severity::Ok,
                "Leaf clears the {$this->thing($depth->proudest)} by {$sight->say($clearance)}",
                "Its back runs {$sight->say($depth->leafBack->total)} in front of the wall.",
                '',
                ['clearance' => $clearance],
            );

            return;
        }
        $more = $sight->up($wanted->minus($clearance));
        yield new Finding(
            FindingCode::LeafClearance,
            $clearance->isPositive() ? Severity::Settle : Severity::Stop,
            $clearance->isPositive()
                ? "Only {$sight->say($clearance)} behind the leaf"
                : "The leaf runs into the {$this->thing($depth->proudest)}",
            "The {$this->thing($depth->proudest)} stands {$sight->say($depth->proud->total)} proud, the back of the leaf {$sight->say($depth->leafBack->total)} out; {$sight->say($wanted)} between them is wanted.",
            'brief.leaf.thickness',
            ['clearance' => $clearance, 'spacer' => $more],
            [
                $sight->cure("Spacer {$sight->say($sight->rules->spacer->plus($more))} behind each standoff", [
                    'brief.rules.spacer' => $sight->rules->spacer->plus($more),
                ]),
                $sight->cure("Header {$sight->say($sight->brief->header->thickness->plus($more))} thick", [
                    'brief.header.thickness' => $sight->brief->header->thickness->plus($more),
                ]),
                $sight->cure("Leaf {$sight->say($sight->plan->thickness->minus($more))} thick", [
                    'brief.leaf.thickness' => $sight->plan->thickness->minus($more),
                ]),
                ...$this->pastObstacle($sight, $depth->proudest, $more),
            ],
        );
    }

    /** @return list<Cure> where it is something on the wall that is in the way */
    private function pastObstacle(Sight $sight, string $proudest, Length $more): array
    {
        $cures = [];
        foreach ($sight->plan->room->obstacles as $obstacle) {
            if ($obstacle->name === $proudest) {
                $cures[] = $sight->moveAway($obstacle);
            }
        }
        if ($cures !== [] && $sight->plan->header !== null) {
            $out = $sight->brief->header->buildOut->plus($more);
            $cures[] = $sight->cure("Build the header out by {$sight->say($out)}", ['brief.header.build_out' => $out]);
        }

        return $cures;
    }

    private function thing(string $proudest): string
    {
        return $proudest === '' ? 'wall' : $proudest;
    }
}
