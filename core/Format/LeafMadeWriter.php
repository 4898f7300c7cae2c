<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fixing;
use YokeLine\Inspection\MadeFaults;
use YokeLine\Making\Fastener;
use YokeLine\Making\Fault;
use YokeLine\Making\Fill;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Making;
use YokeLine\Making\Moved;
use YokeLine\Making\Part;
use YokeLine\Making\Zone;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;
use YokeLine\Stock\MadeCut;
use YokeLine\Work\After;
use YokeLine\Work\Order;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** `leaf_made` of a plan's file: lengths in millimetres, u and v of the leaf. */
final readonly class LeafMadeWriter
{
    private function __construct(private Plan $plan, private Making $making) {}

    /** @return ?array<string, mixed> */
    public static function write(Plan $plan): ?array
    {
        if ($plan->making === null) {
            return null;
        }
        $writer = new self($plan, $plan->making);
        $first = $writer->leaf($plan->making->leaf);
        $other = $plan->making->other;

        return $other === null ? $first : [...$first, 'other' => $writer->leaf($other)];
    }

    /** @return array<string, mixed> */
    private function leaf(LeafMade $leaf): array
    {
        $wanted = $leaf->wanted;
        $leaves = MadeFaults::alike($this->plan, $this->making);
        $coats = $this->plan->doorway->brief->rules->schedule->coatsLeaf;

        return [
            'way' => $leaf->made->way->value,
            'leaves' => $leaves,
            'width' => self::mm($wanted->width),
            'height' => self::mm($wanted->height),
            'thickness' => self::mm($leaf->thickness),
            'back_proud' => self::mm($leaf->backProud ?? Length::zero()),
            'mass_kg' => self::number($leaf->kg),
            'area_m2' => self::number($leaf->area()),
            'coats' => $coats,
            'litres' => self::number(($leaf->area() * $coats) / 10),
            'parts' => array_map(self::part(...), $leaf->parts),
            'cut_list' => array_map(self::cut(...), MadeCut::of($leaf, $leaves)),
            'fasteners' => array_map(self::fastener(...), $leaf->fasteners),
            ...$leaf->moved === [] ? [] : ['moved' => array_map(self::moved(...), $leaf->moved)],
            'glue_g' => $leaf->glueG(),
            'solid' => array_map(
                fn (Zone $zone) => ['part' => $zone->of, ...self::zone($zone)],
                $leaf->solid,
            ),
            'channel' => $leaf->channel === null
                ? null
                : [
                    'kind' => $leaf->channel->isBuilt ? 'built' : 'groove',
                    'width' => self::mm($leaf->channel->width),
                    'depth' => self::mm($leaf->channel->depth),
                    'from_back' => self::mm($leaf->channel->fromBack),
                    'cheek' => self::mm($leaf->channel->cheek),
                    'bite' => self::mm($leaf->channel->bite),
                ],
            'hangers' => $this->hangers($leaf),
            ...$this->movement($leaf),
            ...$this->joined($leaf),
            ...$leaf->noDrill === [] ? [] : ['no_drill' => array_map(self::zone(...), $leaf->noDrill)],
            'steps' => $this->steps($leaf),
            'findings' => array_map(
                self::fault(...),
                MadeFaults::all($this->plan, $this->making, $leaf, $this->nameOf($leaf)),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function hangers(LeafMade $leaf): array
    {
        $hung = $this->plan->hungKgOf($this->nameOf($leaf));
        $hangers = [
            'count' => $this->plan->hangers()->count,
            'at' => array_map(self::mm(...), $this->plan->hangers()->at),
            'cases' => $this->plan->hangers()->cases(),
            'worst_wheel_kg' => self::number($hung / 2),
        ];
        if ($leaf !== $this->making->leaf) {
            return $hangers;
        }
        $bolts = Anchoring::of($this->plan)->railBolts();

        return [
            ...$hangers,
            'reactions' => $bolts === []
                ? null
                : array_map(
                    fn (Fixing $bolt) => [
                        'x' => self::mm($bolt->x),
                        'max' => self::number($bolt->load->reaction->max),
                        'min' => self::number($bolt->load->reaction->min),
                    ],
                    $bolts,
                ),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function steps(LeafMade $leaf): array
    {
        $of = $this->plan->onlyLeaf() === null ? $this->nameOf($leaf) : '';
        $steps = array_filter(
            Order::of($this->plan)->steps,
            fn (Step $step) => $step->kind()->isMaking() && $step->of() === $of,
        );

        return array_values(
            array_map(
                fn (Step $step) => [
                    'id' => $step->kind()->value,
                    'people' => $step->people,
                    'minutes' => $step->minutes,
                    'after' => array_values(
                        array_map(
                            fn (After $after) => [
                                'step' => StepKind::of($after->step)->value,
                                'wait' => $after->lag,
                            ],
                            array_filter(
                                $step->after,
                                fn (After $after) => StepKind::of($after->step) !== StepKind::Order,
                            ),
                        ),
                    ),
                ],
                $steps,
            ),
        );
    }

    private function nameOf(LeafMade $leaf): string
    {
        $names = array_keys($this->plan->layout->runs);

        return $leaf === $this->making->leaf ? $names[0] : $names[1] ?? $names[0];
    }

    /** @return array<string, mixed> */
    private function movement(LeafMade $leaf): array
    {
        $movement = $leaf->movement;

        return $movement === null
            ? []
            : [
                'movement' => [
                    'coefficient' => $movement->coefficient / 100_000,
                    'wet' => $movement->wet,
                    'dry' => $movement->dry,
                    'gap' => self::mm($movement->gap),
                    'opens' => self::mm($movement->opens),
                ],
            ];
    }

    /** @return array<string, mixed> */
    private function joined(LeafMade $leaf): array
    {
        $washers = $this->making->washers($leaf);
        if ($leaf->thicknessAt === null || $washers === null) {
            return [];
        }
        $limit = $leaf->trimLimit;

        return [
            'thickness_at' => array_map(self::mm(...), $leaf->thicknessAt),
            'joints' => array_map(self::mm(...), $leaf->joints),
            'washers' => [
                'strap' => array_map(self::mm(...), $washers['strap']),
                'nut' => self::mm($washers['nut']),
            ],
            'fills' => array_map(
                fn (Fill $fill) => [
                    'from' => $fill->from,
                    'kind' => $fill->zone->of,
                    ...self::zone($fill->zone),
                    'depth' => self::mm($fill->depth),
                    'width' => self::mm($fill->width),
                ],
                $leaf->fills,
            ),
            ...$limit === null
                ? []
                : ['trim_limit' => ['side' => self::mm($limit[0]), 'foot' => self::mm($limit[1])]],
        ];
    }

    /** @return array<string, mixed> */
    private static function part(Part $part): array
    {
        return [
            'part' => $part->kind,
            'count' => $part->count,
            'length' => self::mm($part->length),
            'width' => $part->width?->toMm(),
            'thickness' => $part->thickness?->toMm(),
            'wood' => $part->wood,
            ...$part->angle === null ? [] : ['angle' => self::number($part->angle)],
            ...$part->edges === null ? [] : ['edges' => array_map(self::mm(...), $part->edges)],
            ...$part->cutFoot === null ? [] : ['cut_foot' => self::mm($part->cutFoot)],
        ];
    }

    /** @return array<string, mixed> */
    private static function cut(MadeCut $cut): array
    {
        $plan = $cut->tooLong() === null ? $cut->plan() : null;

        return [
            'section' => [self::mm($cut->thickness), self::mm($cut->width)],
            'wood' => $cut->wood,
            'pieces' => count($cut->pieces),
            'bars' => count($plan->bars ?? []),
            'bought' => self::mm($plan?->bought() ?? Length::zero()),
            'longest_offcut' => self::mm($plan?->longestOffcut() ?? Length::zero()),
        ];
    }

    /** @return array<string, mixed> */
    private static function fastener(Fastener $fastener): array
    {
        return [
            'kind' => $fastener->kind,
            'count' => $fastener->count,
            'length' => $fastener->length?->toMm(),
            ...$fastener->at === [] ? [] : ['at' => array_map(self::mm(...), $fastener->at)],
        ];
    }

    /** @return array<string, mixed> */
    private static function moved(Moved $moved): array
    {
        return [
            'kind' => $moved->kind,
            'from' => array_map(self::mm(...), $moved->from),
            'to' => $moved->to === null ? null : array_map(self::mm(...), $moved->to),
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(Fault $fault): array
    {
        return [
            'code' => $fault->code,
            'severity' => $fault->severity,
            'numbers' => array_map(
                fn (Length|Span|float|int|string $number) => match (true) {
                    $number instanceof Length => self::mm($number),
                    $number instanceof Span => self::span($number),
                    default => $number,
                },
                $fault->numbers,
            ),
        ];
    }

    /** @return array{u: array{float, float}, v: array{float, float}} */
    private static function zone(Zone $zone): array
    {
        return ['u' => self::span($zone->u), 'v' => self::span($zone->v)];
    }

    /** @return array{float, float} */
    private static function span(Span $span): array
    {
        return [self::mm($span->low), self::mm($span->high)];
    }

    private static function mm(Length $length): float
    {
        return $length->toMm();
    }

    private static function number(float $value): float
    {
        return round($value, 6);
    }
}
