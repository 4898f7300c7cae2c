<?php

namespace YokeLine\Format;

use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;

/** A plan as the open file has it: millimetres with up to six decimals, whatever the document's units. */
final class PlanWriter
{
    /**
     * @param  list<Finding>  $findings
     * @return array<string, mixed>
     */
    public static function write(Plan $plan, array $findings): array
    {
        $layout = $plan->layout;
        $run = $layout->run;
        $heights = $plan->heights;

        return [
            'head_y' => self::mm($heights->head->total),
            'yoke_line' => self::mm($plan->yokeLine()),
            'top_gap' => self::mm($heights->topGap->total),
            'headroom_needed' => self::mm($heights->headroomNeeded->total),
            'gap' => ['min' => self::mm($heights->gap->low), 'max' => self::mm($heights->gap->high)],
            'hanger_holes_from_top' => array_map(self::mm(...), $heights->hangerHoles),
            'pulls_up' => array_map(fn (array $pull) => array_map(self::mm(...), $pull), $plan->pullsUp()),
            'leaf' => [
                'width' => self::mm($layout->width->size->total),
                'height' => self::mm($heights->leaf->size->total),
                'need_width' => self::mm($layout->width->needed->total),
                'need_height' => self::mm($heights->leaf->needed->total),
                'closed' => self::pair($run->closed()),
                'open' => self::pair($run->open()),
            ],
            'travel' => self::mm($run->travel->total),
            'travel_wanted' => self::mm($run->wanted->total),
            'clear_width' => self::mm($layout->passage->total),
            'rail' => [
                'left' => self::mm($plan->rail->span->low),
                'right' => self::mm($plan->rail->span->high),
                'length' => self::mm($plan->rail->length->total),
                'min_length' => self::mm($plan->rail->least->total),
                'pieces' => $plan->rail->pieces,
            ],
            'rail_holes' => array_map(self::mm(...), $plan->rail->holes),
            'hangers' => ['closed' => self::pair($run->hangers($run->closed())), 'open' => self::pair($run->hangers($run->open()))],
            'stops' => array_map(fn ($face) => self::mm($face->total), $layout->stops),
            'guide' => [
                'window' => self::pair($plan->guide->window),
                'at' => $plan->guide->at === null ? null : self::mm($plan->guide->at),
                'shortfall' => self::mm($plan->guide->shortfall),
            ],
            'header' => $plan->header === null ? null : [
                'left' => self::mm($plan->header->span->low),
                'right' => self::mm($plan->header->span->high),
                'bottom' => self::mm($plan->header->foot->total),
                'top' => self::mm($plan->header->top->total),
            ],
            'depth' => [
                'rail_centre' => self::mm($plan->depth->rail->total),
                'leaf_back' => self::mm($plan->depth->leafBack->total),
                'leaf_front' => self::mm($plan->depth->leafFront->total),
                'proud' => self::mm($plan->depth->proud->total),
                'clearance' => self::mm($plan->depth->clearance->total),
            ],
            'findings' => array_map(FindingWriter::write(...), $findings),
        ];
    }

    public static function mm(Length $length): float
    {
        return $length->toMm();
    }

    /** @return array{float, float} */
    private static function pair(Span $span): array
    {
        return [self::mm($span->low), self::mm($span->high)];
    }
}
