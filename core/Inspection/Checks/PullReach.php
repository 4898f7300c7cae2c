<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Pull;
use YokeLine\Doorway\PullKind;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\WallPull;

/** Both pulls can be taken hold of and meet nothing. */
final class PullReach implements Check
{
    public function look(Sight $sight): iterable
    {
        return $sight->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->ofLeaf($sight, $leaf));
    }

    /** @return iterable<Finding> */
    private function ofLeaf(Sight $sight, PlannedLeaf $leaf): iterable
    {
        if ($sight->brief->frontPull !== null) {
            yield from $this->front($sight, $leaf, $sight->brief->frontPull);
        }
        if ($sight->brief->wallPull !== null) {
            yield from $this->wallSide($sight, $leaf, $sight->brief->wallPull);
        }
    }

    /**
     * The pull towards the room, on the middle of the leading stile, at both ends of the travel.
     *
     * @return iterable<Finding>
     */
    private function front(Sight $sight, PlannedLeaf $leaf, Pull $pull): iterable
    {
        $plan = $sight->plan;
        $run = $leaf->run;
        $high = Span::from($sight->rules->pullHeight->minus($pull->height->half()), $pull->height);
        foreach (['shut' => $run->closed(), 'open' => $run->open()] as $when => $where) {
            $middle = $run->fromLeading($where, $sight->brief->leaf->stile->half());
            $wide = Span::from($middle->minus($pull->width->half()), $pull->width);
            foreach ($plan->room->obstacles as $obstacle) {
                if (
                    $obstacle->projection->isOver($leaf->depth->leafFront->total) &&
                    $obstacle->x->overlaps($wide) &&
                    $obstacle->y->shifted($plan->floor->at($obstacle->x->middle()))->overlaps($high)
                ) {
                    yield new Finding(
                        FindingCode::PullReach,
                        Severity::Stop,
                        "{$obstacle->place}.x[0]",
                        [
                            'at' => $middle,
                            'when' => Message::word('when', $when),
                            'what' => $obstacle->called(),
                        ],
                        how: 'meets',
                    );
                }
            }
            $room = Length::least(
                $wide->low->minus($plan->room->wall->low),
                $plan->room->wall->high->minus($wide->high),
            );
            $fingers = WallPull::fingers();
            if ($pull->projection->isPositive() && $sight->isShort($room, $fingers)) {
                $stile = $sight->brief->leaf->stile->plus($sight->up($fingers->minus($room))->times(2));
                yield new Finding(
                    FindingCode::PullReach,
                    Severity::Settle,
                    'brief.leaf.stile',
                    ['room' => $room, 'when' => Message::word('when', $when), 'fingers' => $fingers],
                    [
                        $sight->cure('front-flush', [
                            'brief.pulls.front.kind' => 'flush',
                            'brief.pulls.front.projection' => Length::zero(),
                        ]),
                        $sight->cure('stile-wide', ['brief.leaf.stile' => $stile]),
                    ],
                    how: 'wall-end',
                );
            }
        }
    }

    /** @return iterable<Finding> */
    private function wallSide(Sight $sight, PlannedLeaf $leaf, Pull $pull): iterable
    {
        $clearance = $leaf->depth->clearance->total;
        if ($pull->kind !== PullKind::Flush && $sight->isShort($clearance, $pull->projection)) {
            yield new Finding(
                FindingCode::PullReach,
                Severity::Stop,
                'brief.pulls.wall.kind',
                ['projection' => $pull->projection, 'clearance' => $clearance],
                [
                    $sight->cure('wall-flush', [
                        'brief.pulls.wall.kind' => 'flush',
                        'brief.pulls.wall.projection' => Length::zero(),
                    ]),
                ],
                how: 'jamb',
            );

            return;
        }
        $stile = $sight->brief->leaf->stile;
        $middle = WallPull::middle($leaf->run, $sight->plan->room->opening->span(), $sight->brief->leaf, $pull);
        $reach = $middle->plus($pull->width->half());
        if ($sight->isShort($stile, $reach)) {
            yield new Finding(
                FindingCode::PullReach,
                Severity::Settle,
                'brief.leaf.stile',
                ['middle' => $middle, 'reach' => $reach, 'fingers' => WallPull::fingers(), 'stile' => $stile],
                [
                    $sight->cure('stile-wide', [
                        'brief.leaf.stile' => $sight->up($reach),
                    ]),
                    $sight->cure('wall-none', ['brief.pulls.wall.kind' => 'none']),
                ],
                how: 'stile',
            );
        }
    }
}
