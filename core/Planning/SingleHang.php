<?php

namespace YokeLine\Planning;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Surplus;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;

/** One leaf that opens right. */
final class SingleHang
{
    public static function lay(Room $room, Brief $brief, Kit $kit, Unit $unit): Layout
    {
        $rules = $brief->rules;
        $stop = $kit->stop;
        $inset = $rules->hangerInset ?? $kit->hanger->inset;
        $jambs = $room->opening->span();
        $covering = Covering::of($room, $rules);
        $width = LeafSize::choose('Leaf width', $covering->width(), $brief->leaf->width, $brief->leaf->stockWidths, $unit);

        $left = self::leadingEdge($covering, $width, $rules->surplus);
        $right = Sum::of('Leaf shut, right edge')->place('leaf shut, left edge', $left)->plus('leaf width', $width->size);
        $endRoom = Sum::greatest('Room kept at the wall end', [
            'end clearance' => $rules->endClearance,
            'stop and margin past the leaf' => Sum::of('Stop and margin past the leaf')->plus('stop reach', $stop->reach)->plus('stop body', $stop->body)->plus('end margin', $kit->rail->endMargin)->minus('hanger inset', $inset),
        ]);
        $wanted = Sum::of('Travel wanted')->place('right jamb', $jambs->high)->plus('park', $rules->park)->fromPlace('leaf shut, left edge', $left);
        $limit = Sum::of('Travel the wall allows')->place('right end of the wall', $room->wall->high)->minus('room kept at the wall end', $endRoom)->fromPlace('leaf shut, right edge', $right);
        $travel = self::neverBelowZero(Sum::least('Travel', ['travel wanted' => $wanted, 'travel the wall allows' => $limit]));
        $run = new LeafRun($left, $right, $width->size->total, $inset, $wanted, $travel);

        $passage = self::neverBelowZero(Sum::least('Passage', [
            'least measured width' => $room->opening->leastWidth(),
            'from the left jamb to the open leaf' => Sum::of('From the left jamb to the open leaf')->place('leaf shut, left edge', $left)->plus('travel', $travel)->fromPlace('left jamb', $jambs->low),
        ]));
        $shutStop = Sum::of('Stop face, shut')->place('leaf shut, left edge', $left)->plus('hanger inset', $inset)->minus('stop reach', $stop->reach);
        $openStop = Sum::of('Stop face, open')->place('leaf shut, right edge', $right)->plus('travel', $travel)->minus('hanger inset', $inset)->plus('stop reach', $stop->reach);

        return new Layout(
            $covering, $width, $run, $endRoom, $passage,
            ['closed' => $shutStop, 'open' => $openStop],
            Sum::of('Least rail, from')->place('stop face, shut', $shutStop)->minus('stop body', $stop->body)->minus('end margin', $kit->rail->endMargin),
            Sum::of('Least rail, to')->place('stop face, open', $openStop)->plus('stop body', $stop->body)->plus('end margin', $kit->rail->endMargin),
        );
    }

    /** Where the guide may stand: under the leaf shut and open, out of the passage; a roller on the wall clears the casing too. */
    public static function guideWindow(Room $room, Layout $layout, Brief $brief, Kit $kit): Span
    {
        $margin = $brief->rules->guideMargin;
        $clear = $room->opening->span()->high->plus(GuidePlace::casingInTheWay($kit, $room->opening->casing->right));

        return new Span(
            Length::greatest($layout->run->open()->low->plus($margin), $clear),
            $layout->run->closed()->high->minus($margin),
        );
    }

    private static function leadingEdge(Covering $covering, LeafSize $width, Surplus $surplus): Sum
    {
        $edge = Sum::of('Leaf shut, left edge')->place('must cover from', $covering->left);
        $spare = Sum::of('Width to spare')->plus('leaf width', $width->size)->minus('needed width', $width->needed);

        return match ($surplus) {
            Surplus::Trailing => $edge,
            Surplus::Leading => $edge->minus('width to spare', $spare),
            Surplus::Even => $edge->minus('half the width to spare', $spare->total->half()),
        };
    }

    private static function neverBelowZero(Sum $sum): Sum
    {
        return $sum->becomes($sum->total->orZeroIfNegative(), 'never below 0');
    }
}
