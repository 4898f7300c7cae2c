<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/** The wall with its leaves, true to scale and without a word: to tell ways apart at a glance. */
final class Small
{
    public static function of(Plan $plan, Wording $wording): Scene
    {
        $wall = $plan->room->wall;
        $top = $plan->doorway->survey->ceiling ?? $plan->heights->headroomNeeded->total;
        $jambs = $plan->room->opening->span();
        $yoke = $plan->yokeLine();
        $half = $plan->kit->rail->height;
        $leaf = new Span($plan->heights->gap->low, $plan->heights->leafTop());
        $shapes = [
            Shape::spanned('wall', $wall, new Span(Length::zero(), $top)),
            Shape::spanned('opening', $jambs, new Span(Length::zero(), $plan->heights->head->total)),
        ];
        if ($plan->header !== null) {
            $shapes[] = Shape::spanned(
                'header',
                $plan->header->span,
                new Span($plan->header->foot->total, $plan->header->top->total),
            );
        }
        $shapes[] = Shape::spanned('rail', $plan->rail->span, new Span($yoke->minus($half), $yoke->plus($half)));
        foreach ($plan->layout->runs as $run) {
            $shapes[] = Shape::spanned('leaf', $run->closed(), $leaf);
            $shapes[] = Shape::spanned('ghost', $run->open(), $leaf);
        }
        $shapes[] = Shape::line('yoke-line', $wall->low->toMm(), -$yoke->toMm(), $wall->high->toMm(), -$yoke->toMm());

        return new Scene(
            'small',
            $wording->say(Caption::of('small')),
            $wall->low->toMm() - 30,
            -$top->toMm() - 30,
            $wall->length()->toMm() + 60,
            $top->toMm() + 60,
            $shapes,
        );
    }
}
