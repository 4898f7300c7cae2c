<?php

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\PullKind;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** Both pulls can be taken hold of and meet nothing. */
final class PullReach implements Check
{
    /** Room for fingers between the pull and the jamb. */
    private const FINGERS_MM = 30;

    public function look(Sight $sight): iterable
    {
        $pull = $sight->brief->wallPull;
        if ($pull === null) {
            return;
        }
        $clearance = $sight->plan->depth->clearance->total;
        if ($pull->kind !== PullKind::Flush && $sight->isShort($clearance, $pull->projection)) {
            yield new Finding('pull-reach', Severity::Stop, 'The pull on the wall side runs into the jamb', "It stands {$sight->say($pull->projection)} proud; there is {$sight->say($clearance)} behind the leaf.", 'brief.pulls.wall.kind', ['projection' => $pull->projection],
                [$sight->cure('A flush pull on the wall side', ['brief.pulls.wall.kind' => 'flush', 'brief.pulls.wall.projection' => Length::zero()])]);

            return;
        }
        $run = $sight->plan->layout->run;
        $jambs = $sight->plan->room->opening->span();
        $overlap = $run->direction === 1 ? $jambs->low->minus($run->closed()->low) : $run->closed()->high->minus($jambs->high);
        $stile = $sight->brief->leaf->stile;
        $middle = Length::greatest($stile->half(), $overlap->plus(Length::mm(self::FINGERS_MM), $pull->width->half()));
        $reach = $middle->plus($pull->width->half());
        if ($sight->isShort($stile, $reach)) {
            yield new Finding('pull-reach', Severity::Settle, "The pull on the wall side stands past the stile, at {$sight->say($middle)}", "Shut, it must clear the jamb by {$sight->say(Length::mm(self::FINGERS_MM))} for fingers: it reaches {$sight->say($reach)} in from the edge, the stile is {$sight->say($stile)}. Want a solid member there.", 'brief.leaf.stile', ['middle' => $middle, 'reach' => $reach],
                [$sight->cure("Stile {$sight->sayShort($sight->up($reach))} wide", ['brief.leaf.stile' => $sight->up($reach)]), $sight->cure('No pull on the wall side', ['brief.pulls.wall.kind' => 'none'])]);
        }
    }
}
