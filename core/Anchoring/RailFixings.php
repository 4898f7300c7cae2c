<?php

declare(strict_types=1);

namespace YokeLine\Anchoring;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;

/** The bolts that carry the rail, each with what it takes of the running leaves. */
final readonly class RailFixings
{
    /** A hole in a board is 30 from its ends. */
    private const BOARD_END_MM = 30;

    /** What a standoff's foot presses from, as a part of its half width. */
    private const LEVER = 0.8;

    private const BRACKET_FOOT_MM = 20;

    private const WASHER_MM = 40.0;

    private const WASHER_THICK_MM = 3.0;

    private Layers $layers;

    private Holding $holding;

    private Dowel $bolt;

    private Wood $studs;

    private Wood $board;

    private float $loadFactor;

    /** @param  list<WheelRun>  $runs */
    private function __construct(private Plan $plan, private array $runs, private float $wheel)
    {
        $survey = $plan->doorway->survey;
        $this->layers = Layers::of($plan);
        $this->holding = Holding::at($survey, $plan->floor, $plan->kit->boltDiameter, self::heights($plan));
        $this->bolt = Dowel::lag($plan->kit->boltDiameter->toMm());
        $this->studs = Wood::of($survey->wood);
        $this->board = Wood::of($plan->doorway->brief->header->wood);
        $this->loadFactor = $plan->doorway->brief->rules->loadFactorTenths / 10;
    }

    /**
     * @param  list<WheelRun>  $runs
     * @return list<Fixing>
     */
    public static function of(Plan $plan, array $runs, float $wheel): array
    {
        return (new self($plan, $runs, $wheel))->fixings();
    }

    /** @return non-empty-list<Length> where bolts go in, in room y: the yoke line, or the rows of a bracket */
    public static function heights(Plan $plan): array
    {
        $bracket = $plan->kit->bracket;

        return $bracket === null ? [$plan->yokeLine()] : array_map($plan->yokeLine()->plus(...), $bracket->rows);
    }

    /** @return list<Length> the holes whose fixings carry */
    public static function supports(Plan $plan, Holding $holding): array
    {
        $zones = Holding::zones($plan->doorway->survey, $plan->floor, self::heights($plan));
        $free = array_values(array_filter($plan->rail->holes, fn (Length $x) => array_filter($zones, fn (Span $zone) => $zone->contains($x)) === []));

        return array_values(array_filter($free, match (true) {
            $plan->header !== null => fn (Length $x) => $plan->header->span->widened(Length::mm(-self::BOARD_END_MM))->contains($x),
            $plan->backing()->isMasonry() => fn (Length $x) => ! MasonryEdge::isNear($plan, $x),
            default => fn (Length $x) => $holding->on($x) !== null,
        }));
    }

    /** @return list<Fixing> */
    private function fixings(): array
    {
        $supports = self::supports($this->plan, $this->holding);
        $fixings = [];
        foreach (Pieces::of($this->plan, $supports) as $piece) {
            if (count($piece['supports']) < 2) {
                continue;
            }
            $influences = Influence::ofBeam(array_map(fn (Length $x) => $x->toMm(), $piece['supports']), $piece['low'], $piece['high']);
            foreach ($piece['supports'] as $i => $x) {
                $peaks = array_map(fn (WheelRun $run) => Peak::of($influences[$i], $run, $this->wheel), $this->runs);
                array_push($fixings, ...$this->plan->kit->bracket === null ? [$this->railBolt($x, $peaks)] : $this->bracketBolts($x, $peaks, $this->plan->kit->bracket->rows));
            }
        }

        return $fixings;
    }

    /** @param  list<Peak>  $peaks  by leaf */
    private function railBolt(Length $x, array $peaks): Fixing
    {
        $kit = $this->plan->kit;
        $reaction = array_reduce($peaks, fn (Peak $all, Peak $peak) => $all->plus($peak), Peak::none());
        $shear = $reaction->demand() * $this->loadFactor;
        $washers = $this->plan->doorway->brief->rules->washers;
        $base = $washers ? self::WASHER_MM : $kit->standoffBase->toMm();
        $arm = $this->layers->standoff->toMm() + $kit->rail->thickness->toMm() / 2 + ($washers ? self::WASHER_THICK_MM : 0);
        $tension = $shear * $arm / (self::LEVER * $base / 2);

        return $this->fixing('rail-bolt', $x, $this->plan->yokeLine(), $reaction, $shear, $tension, $tension / $this->loadFactor / (M_PI * $base ** 2 / 8));
    }

    /**
     * A bracket turns about its foot: each row is pulled by how far above the foot it is; shear they share evenly.
     *
     * @param  list<Peak>  $peaks  by leaf, the rear one first
     * @param  non-empty-list<Length>  $rows
     * @return list<Fixing>
     */
    private function bracketBolts(Length $x, array $peaks, array $rows): array
    {
        $kit = $this->plan->kit;
        $reaction = array_reduce($peaks, fn (Peak $all, Peak $peak) => $all->plus($peak), Peak::none());
        $arm = $kit->standoff->toMm() + $kit->rail->thickness->toMm() / 2;
        $moment = 0.0;
        foreach ($peaks as $track => $peak) {
            $moment += $peak->demand() * ($arm + $track * ($kit->trackPitch?->toMm() ?? 0.0));
        }
        $foot = Length::least(...$rows)->minus(Length::mm(self::BRACKET_FOOT_MM))->toMm();
        $up = array_map(fn (Length $row) => $row->toMm() - $foot, $rows);
        $squares = array_sum(array_map(fn (float $y) => $y * $y, $up));

        return array_map(fn (Length $row, float $y) => $this->fixing('bracket-bolt', $x, $this->plan->yokeLine()->plus($row), $reaction, $reaction->demand() * $this->loadFactor / count($rows), $moment * $this->loadFactor * $y / $squares, null), $rows, $up);
    }

    /** @param  'rail-bolt'|'bracket-bolt'  $kind */
    private function fixing(string $kind, Length $x, Length $y, Peak $reaction, float $shear, float $tension, ?float $bearing): Fixing
    {
        $layers = $this->layers;
        $anchor = $this->plan->doorway->brief->anchor;
        if ($this->plan->backing()->isMasonry()) {
            $strength = $anchor === null ? Strength::notChecked() : Strength::ofAnchor($anchor->tensionN, $anchor->shearN, $shear, $tension);

            return new Fixing('anchor', 'masonry', $x, $y, null, $anchor->diameter ?? $layers->bolt, $layers->boltInto('masonry', $anchor?->embedment), $anchor?->embedment->toMm() ?? 0.0, $reaction, $shear, $tension, $strength->withdrawal, $strength->lateral, $strength->mode, $strength->utilisation, $bearing);
        }
        $grip = $this->holding->on($x);
        $into = match (true) {
            $this->plan->header === null => $grip->into ?? 'nothing',
            $grip?->into === 'stud' && $layers->isThin() => 'stud',
            default => 'header',
        };
        $length = $layers->boltInto($into);
        $thread = $length === null ? ['board' => 0.0, 'plank' => 0.0, 'stud' => 0.0] : $layers->thread($this->bolt, $length);
        if ($into === 'header') {
            // Past board and plank is air, or a stud that nobody aimed at.
            $thread['stud'] = 0.0;
        }
        $strength = $length === null ? Strength::notChecked() : $this->strength($into, $thread, $length, $shear, $tension);

        return new Fixing($kind, $into, $x, $y, $into === 'stud' ? $grip?->stud : null, $layers->bolt, $length, array_sum($thread), $reaction, $shear, $tension, $strength->withdrawal, $strength->lateral, $strength->mode, $strength->utilisation, $bearing);
    }

    /** @param  array{board: float, plank: float, stud: float}  $thread */
    private function strength(string $into, array $thread, Length $length, float $shear, float $tension): Strength
    {
        $plank = Wood::of('');
        $board = $this->plan->header === null ? null : $this->board;
        $main = $board ?? ($into === 'solid' && $this->layers->isPlank ? $plank : $this->studs);
        if ($main->gravity === null || ($thread['stud'] > 0 && $this->studs->gravity === null)) {
            return Strength::notChecked();
        }
        $withdrawal = ($board?->gravity === null ? 0.0 : $thread['board'] * $this->bolt->withdrawal($board->gravity))
            + $thread['plank'] * $this->bolt->withdrawal((float) $plank->gravity)
            + $thread['stud'] * $this->bolt->withdrawal((float) $this->studs->gravity);
        $across = $board !== null || $into === 'solid';
        $shoulder = $this->bolt->shoulder($length->toMm()) - $this->layers->grip->toMm();
        $behind = $board !== null ? min($shoulder, $this->layers->boardWood()->toMm()) : max(0.0, $shoulder - $this->layers->gap()->toMm());
        $lateral = $this->bolt->lateral(Dowel::steel(), $this->layers->standoff->toMm(), $this->bolt->bearing($main, $across), $behind, $this->layers->gap()->toMm(), $across ? 90.0 : 0.0);

        return Strength::of($withdrawal, $lateral, $shear, $tension, $this->loadFactor);
    }
}
