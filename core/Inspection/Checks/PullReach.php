<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Pull;
use YokeLine\Doorway\PullKind;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\WallPull;

/** Both pulls can be taken hold of and meet nothing. */
final class PullReach implements Check
{
    public function look(CheckContext $context): iterable
    {
        return $context->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->ofLeaf($context, $leaf));
    }

    /** @return iterable<Finding> */
    private function ofLeaf(CheckContext $context, PlannedLeaf $leaf): iterable
    {
        if ($context->brief->frontPull !== null) {
            yield from $this->front($context, $leaf, $context->brief->frontPull);
        }
        if ($context->brief->wallPull !== null) {
            yield from $this->wallSide($context, $leaf, $context->brief->wallPull);
        }
    }

    /**
     * The pull towards the room, on the middle of the leading stile, at both ends of the travel.
     *
     * @return iterable<Finding>
     */
    private function front(CheckContext $context, PlannedLeaf $leaf, Pull $pull): iterable
    {
        $plan = $context->plan;
        $run = $leaf->run;
        $high = Span::from($context->rules->pullHeight->minus($pull->height->half()), $pull->height);
        foreach (['shut' => $run->closed(), 'open' => $run->open()] as $when => $where) {
            $middle = $run->fromLeading($where, $context->brief->leaf->stile->half());
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
            $fingers = WallPull::fingers($context->plan->doorway->units);
            if ($pull->projection->isPositive() && $context->isShort($room, $fingers)) {
                $stile = $context->brief->leaf->stile->plus($context->up($fingers->minus($room))->times(2));
                yield new Finding(
                    FindingCode::PullReach,
                    Severity::Settle,
                    'brief.leaf.stile',
                    ['room' => $room, 'when' => Message::word('when', $when), 'fingers' => $fingers],
                    [
                        $context->cure('front-flush', [
                            'brief.pulls.front.kind' => 'flush',
                            'brief.pulls.front.projection' => Length::zero(),
                        ]),
                        $context->cure('stile-wide', ['brief.leaf.stile' => $stile]),
                    ],
                    how: 'wall-end',
                );
            }
        }
    }

    /** @return iterable<Finding> */
    private function wallSide(CheckContext $context, PlannedLeaf $leaf, Pull $pull): iterable
    {
        $clearance = $leaf->depth->clearance->total;
        if ($pull->kind !== PullKind::Flush && $context->isShort($clearance, $pull->projection)) {
            yield new Finding(
                FindingCode::PullReach,
                Severity::Stop,
                'brief.pulls.wall.kind',
                ['projection' => $pull->projection, 'clearance' => $clearance],
                [
                    $context->cure('wall-flush', [
                        'brief.pulls.wall.kind' => 'flush',
                        'brief.pulls.wall.projection' => Length::zero(),
                    ]),
                ],
                how: 'jamb',
            );

            return;
        }
        $stile = $context->brief->leaf->stile;
        $middle = WallPull::middle(
            $leaf->run,
            $context->plan->room->opening->span(),
            $context->brief->leaf,
            $pull,
            $context->plan->doorway->units,
        );
        $reach = $middle->plus($pull->width->half());
        if ($context->isShort($stile, $reach)) {
            yield new Finding(
                FindingCode::PullReach,
                Severity::Settle,
                'brief.leaf.stile',
                [
                    'middle' => $middle,
                    'reach' => $reach,
                    'fingers' => WallPull::fingers($context->plan->doorway->units),
                    'stile' => $stile,
                ],
                [
                    $context->cure('stile-wide', [
                        'brief.leaf.stile' => $context->up($reach),
                    ]),
                    $context->cure('wall-none', ['brief.pulls.wall.kind' => 'none']),
                ],
                how: 'stile',
            );
        }
    }
}
