<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Holding\Anchoring;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/**
 * The wall and what is hung on it as bare outlines in millimetres, one layer to a part: for other programs, and to be
 * measured in.
 */
final readonly class WallOutline
{
    private function __construct(private Plan $plan, private Wording $wording) {}

    public static function of(Plan $plan, Wording $wording): Scene
    {
        return (new self($plan, $wording))->scene();
    }

    private function scene(): Scene
    {
        $survey = $this->plan->doorway->survey;
        $wall = $this->plan->room->wall;
        $ceiling = $survey->ceiling ?? $this->plan->yokeLine()->plus(Length::mm(300));
        $whole = new Span(Length::zero(), $ceiling);
        $opening = $survey->opening;
        $shapes = [Shape::spanned('wall', $wall, $whole), $this->floor($wall)];
        foreach ($survey->studs as $stud) {
            $shapes[] = Shape::spanned(
                'studs',
                Span::from($stud->x->minus($stud->width->half()), $stud->width),
                $whole,
            );
        }
        if ($opening !== null) {
            $shapes[] = Shape::path('opening', [
                [$opening->span()->low->toMm(), 0.0],
                [$opening->span()->low->toMm(), -$this->plan->heights->head->total->toMm()],
                [$opening->span()->high->toMm(), -$this->plan->heights->head->total->toMm()],
                [$opening->span()->high->toMm(), 0.0],
            ]);
        }
        foreach ($this->plan->room->obstacles as $obstacle) {
            $shapes[] = Shape::spanned(
                'obstacles',
                $obstacle->x,
                $obstacle->y->shifted($this->plan->floor->at($obstacle->x->middle())),
            );
        }
        foreach ($survey->hazardsThatStay() as $hazard) {
            $shapes[] = Shape::spanned(
                'hazards',
                $hazard->x,
                $hazard->y->shifted($this->plan->floor->at($hazard->x->middle())),
            );
        }
        $header = $this->plan->header;
        if ($header !== null) {
            $shapes[] = Shape::spanned('header', $header->span, new Span($header->foot->total, $header->top->total));
        }
        $half = $this->plan->kit->rail->height->half();
        $line = $this->plan->yokeLine();
        $shapes[] = Shape::spanned('rail', $this->plan->rail->span, new Span($line->minus($half), $line->plus($half)));
        $bore = $this->plan->kit->rail->holeDiameter->half()->toMm();
        foreach ($this->plan->rail->holes as $hole) {
            $shapes[] = Shape::circle('rail-holes', $hole->toMm(), -$line->toMm(), $bore);
        }
        foreach (Anchoring::of($this->plan)->fixings as $fixing) {
            $shapes[] = Shape::circle(
                'fixings',
                $fixing->x->toMm(),
                -$fixing->y->toMm(),
                $fixing->diameter->half()->toMm(),
            );
        }
        $leaf = new Span($this->plan->heights->gap->low, $this->plan->heights->leafTop());
        foreach ($this->plan->layout->runs as $run) {
            $shapes[] = Shape::spanned('leaf-shut', $run->closed(), $leaf);
            $shapes[] = Shape::spanned('leaf-open', $run->open(), $leaf);
        }
        foreach ($this->plan->guides as $guide) {
            if ($guide->at !== null) {
                $shapes[] = Shape::spanned(
                    'guide',
                    Span::from(
                        $guide->at->minus($this->plan->kit->guide->length->half()),
                        $this->plan->kit->guide->length,
                    ),
                    new Span(Length::zero(), $this->plan->kit->guide->bladeHeight),
                );
            }
        }
        $shapes[] = Shape::line('yoke-line', $wall->low->toMm(), -$line->toMm(), $wall->high->toMm(), -$line->toMm());
        foreach (Tapes::wall($this->plan) as $mark) {
            $shapes[] = Shape::line(
                'marks',
                $mark->place->toMm(),
                -$line->toMm() - 25,
                $mark->place->toMm(),
                -$line->toMm() + 25,
            );
            $shapes[] = Shape::text(
                'mark-names',
                $mark->place->toMm() + 3,
                -$line->toMm() - 28,
                12,
                $this->wording->say($mark->id->says()),
            );
        }

        return new Scene(
            'wall',
            $this->wording->say(Caption::of('outline')),
            $wall->low->toMm() - 50,
            -$ceiling->toMm() - 50,
            $wall->length()->toMm() + 100,
            $ceiling->toMm() + 150,
            $shapes,
        );
    }

    private function floor(Span $wall): Shape
    {
        $places = [
            $wall->low,
            ...array_values(
                array_filter(
                    $this->plan->floor->places(),
                    fn (Length $x) => $x->isOver($wall->low) && $x->isUnder($wall->high),
                ),
            ),
            $wall->high,
        ];
        usort($places, fn (Length $a, Length $b) => $a->nm <=> $b->nm);

        return Shape::path(
            'floor',
            array_map(fn (Length $x) => [$x->toMm(), -$this->plan->floor->at($x)->toMm()], $places),
        );
    }
}
