<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\Material;
use YokeLine\Stock\MaterialId;
use YokeLine\Stock\Materials;
use YokeLine\Stock\SoldBy;
use YokeLine\Work\After;
use YokeLine\Work\Drive;
use YokeLine\Work\Order;
use YokeLine\Work\Step;

/** The work of a plan as the open file has it: its steps, what is to be had, and the turn of the bolts. */
final class WorkWriter
{
    /**
     * @return array{
     *     order: list<array<string, mixed>>, materials: list<array<string, mixed>>,
     *     drive: array{insert: list<int>, tighten: list<int>}
     * }
     */
    public static function write(Plan $plan): array
    {
        $drive = Drive::of($plan);
        $boards = [];
        foreach (BoardsToCut::of([$plan], ['']) as $section) {
            foreach ($section->bars() as $nm => $count) {
                $boards[] = self::material($section->bar(Length::nm($nm)), $count, SoldBy::Piece);
            }
        }

        return [
            'order' => array_map(self::step(...), array_values(Order::of($plan)->steps)),
            'materials' => [
                ...array_map(
                    fn (Material $material) => self::material($material->id, $material->count, $material->by),
                    Materials::of($plan),
                ),
                ...$boards,
            ],
            'drive' => ['insert' => $drive->insert, 'tighten' => $drive->tighten],
        ];
    }

    /** @return array<string, mixed> */
    private static function step(Step $step): array
    {
        $waits = array_values(array_filter($step->after, fn (After $after) => $after->lag !== null));
        usort($waits, fn (After $a, After $b) => $b->minutes <=> $a->minutes);

        return [
            'id' => $step->id,
            'step' => $step->kind()->value,
            'people' => $step->people,
            'minutes' => $step->minutes,
            'at' => $step->at,
            'after' => array_map(fn (After $after) => $after->step, $step->after),
            ...$waits === [] ? [] : ['wait' => ['kind' => $waits[0]->lag, 'minutes' => $waits[0]->minutes]],
        ];
    }

    /** @return array<string, mixed> */
    private static function material(MaterialId $id, float $count, SoldBy $by): array
    {
        return [
            'kind' => $id->kind->value,
            ...$id->of === '' ? [] : ['of' => $id->of],
            'sizes' => (object) array_map(PlanWriter::mm(...), $id->sizes),
            'count' => $count,
            'unit' => $by->value,
            'for' => $id->kind->serves(),
        ];
    }
}
