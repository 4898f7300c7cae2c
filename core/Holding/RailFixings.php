<?php

declare(strict_types=1);

namespace YokeLine\Holding;

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

    private Layers $layers;

    private Holding $holding;

    private Dowel $bolt;

    private Wood $studs;

    private Wood $board;

    private Wood $plank;

    private float $loadFactor;

    /** @param  list<WheelRun>  $runs */
    private function __construct(private Plan $plan, private array $runs, private float $hung)
    {
        $survey = $plan->doorway->survey;
        $this->layers = Layers::of($plan);
        $this->holding = self::holding($plan);
        $this->bolt = Fasteners::of($plan->doorway->units)->lag($plan->kit->boltDiameter);
        $this->studs = Wood::of($survey->wood);
        $this->board = Wood::of($plan->doorway->brief->header->wood);
        $this->plank = Wood::of($survey->lining->wood ?? '');
        $this->loadFactor = $plan->doorway->brief->rules->loadFactorTenths / 10;
    }

    /**
     * @param  list<WheelRun>  $runs
     * @return list<Fixing>
     */
    public static function of(Plan $plan, array $runs, float $hung): array
    {
        return (new self($plan, $runs, $hung))->fixings();
    }

    /** Where bolts of this rail hold, if it is fixed straight to the wall. */
    public static function holding(Plan $plan): Holding
    {
        return Holding::of($plan->doorway->survey, $plan->doorway->brief, $plan->kit, $plan->floor, $plan->heights);
    }

    /** @return list<Length> the holes whose fixings carry */
    public static function supports(Plan $plan, Holding $holding): array
    {
        if ($plan->header === null) {
            return array_values(array_filter($plan->rail->holes, $holding->holds(...)));
        }
        $board = $plan->header->span->widened(Length::mm(-self::BOARD_END_MM));
        $zones = Holding::zones($plan->doorway->survey, $plan->floor, $plan->boltHeights());

        return array_values(
            array_filter(
                $plan->rail->holes,
                fn (Length $x) => $board->contains($x) &&
                    array_filter($zones, fn (Span $zone) => $zone->surrounds($x)) === [],
            ),
        );
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
            $influences = Influence::ofBeam(
                array_map(fn (Length $x) => $x->toMm(), $piece['supports']),
                $piece['low'],
                $piece['high'],
            );
            foreach ($piece['supports'] as $i => $x) {
                $peaks = array_map(fn (WheelRun $run) => Peak::of($influences[$i], $run, $this->hung), $this->runs);
                array_push(
                    $fixings,
                    ...$this->plan->kit->bracket === null
                        ? [$this->railBolt($x, $peaks)]
                        : $this->bracketBolts($x, $peaks, $this->plan->kit->bracket->rows),
                );
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
        $fasteners = Fasteners::of($this->plan->doorway->units);
        $base = $washers ? $fasteners->washerWidth()->toMm() : $kit->standoffBase->toMm();
        $arm =
            $this->layers->standoff->toMm() +
            $kit->rail->thickness->toMm() / 2 +
            ($washers ? $fasteners->washerThickness()->toMm() : 0);
        $tension = ($shear * $arm) / ((self::LEVER * $base) / 2);

        return $this->fixing(
            'rail-bolt',
            $x,
            $this->plan->yokeLine(),
            new Load($reaction, $shear, $tension, $tension / $this->loadFactor / ((M_PI * $base ** 2) / 8)),
        );
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

        return array_map(
            fn (Length $row, float $y) => $this->fixing(
                'bracket-bolt',
                $x,
                $this->plan->yokeLine()->plus($row),
                new Load(
                    $reaction,
                    ($reaction->demand() * $this->loadFactor) / count($rows),
                    ($moment * $this->loadFactor * $y) / $squares,
                ),
            ),
            $rows,
            $up,
        );
    }

    /**
     * A bolt that stud and solid both hold counts as the weaker of them.
     *
     * @param  'rail-bolt'|'bracket-bolt'  $kind
     */
    private function fixing(
        string $kind,
        Length $x,
        Length $y,
        Load $load,
    ): Fixing {
        $weakest = null;
        foreach ($this->heldBy($x) as $grip) {
            $fixing = $this->inMember($grip, $kind, $x, $y, $load);
            $weakest =
                $weakest === null || ($fixing->strength->utilisation ?? INF) > ($weakest->strength->utilisation ?? INF)
                    ? $fixing
                    : $weakest;
        }

        return $weakest ??
            new Fixing(
                $kind,
                Member::Nothing,
                $x,
                $y,
                null,
                $this->layers->bolt,
                null,
                0.0,
                $load,
                Strength::notChecked(),
            );
    }

    /** @return list<Grip> */
    private function heldBy(Length $x): array
    {
        $grips = $this->holding->holders($x);
        if ($this->plan->header === null) {
            return $grips;
        }
        // Through a board that is too thin by itself a bolt goes on into its stud.
        $studs = $this->layers->isThin()
            ? array_values(array_filter($grips, fn (Grip $grip) => $grip->member === Member::Stud))
            : [];

        return $studs === [] ? [new Grip($this->plan->header->span, Member::Board)] : $studs;
    }

    /** @param  'rail-bolt'|'bracket-bolt'  $kind */
    private function inMember(
        Grip $grip,
        string $kind,
        Length $x,
        Length $y,
        Load $load,
    ): Fixing {
        $layers = $this->layers;
        if ($grip->member === Member::Masonry) {
            $anchor = $this->plan->doorway->brief->anchor;
            $strength =
                $anchor === null
                    ? Strength::notChecked()
                    : Strength::ofAnchor($anchor->tensionN, $anchor->shearN, $load);

            return new Fixing(
                'anchor',
                $grip->member,
                $x,
                $y,
                null,
                $anchor->diameter ?? $layers->bolt,
                $layers->boltInto($grip->member, $anchor?->embedment),
                $anchor?->embedment->toMm() ?? 0.0,
                $load,
                $strength,
            );
        }
        $length = $layers->boltInto($grip->member);
        $thread =
            $length === null
                ? ['board' => 0.0, 'plank' => 0.0, 'behind' => 0.0]
                : $layers->thread($this->bolt, $length, $grip->member);
        $strength =
            $length === null
                ? Strength::notChecked()
                : $this->strength($grip->member, $thread, $length, $load);

        return new Fixing(
            $kind,
            $grip->member,
            $x,
            $y,
            $grip->stud,
            $layers->bolt,
            $length,
            array_sum($thread),
            $load,
            $strength,
        );
    }

    /** @param  array{board: float, plank: float, behind: float}  $thread */
    private function strength(Member $member, array $thread, Length $length, Load $load): Strength
    {
        $onBoard = $this->plan->header !== null;
        $main = $onBoard ? $this->board : ($member === Member::Plank ? $this->plank : $this->studs);
        $withdrawal = 0.0;
        $woods = ['board' => $this->board, 'plank' => $this->plank, 'behind' => $this->studs];
        foreach ($woods as $in => $wood) {
            $mm = $thread[$in];
            if ($mm > 0 && $wood->gravity === null) {
                return Strength::notChecked();
            }
            $withdrawal += $mm > 0 ? $mm * $this->bolt->withdrawal((float) $wood->gravity) : 0.0;
        }
        if ($main->gravity === null) {
            return Strength::notChecked();
        }
        $gap = $this->layers->gap();
        $isLevel = $onBoard || $member->isLevel();
        $shoulder = $this->bolt->shoulder($length->toMm()) - $this->layers->grip->toMm();
        $behind =
            $onBoard || $member === Member::Plank
                ? min($shoulder, $this->layers->boardWood()->toMm())
                : max(0.0, $shoulder - $gap->toMm());
        $lateral = $this->bolt->lateral(
            Dowel::steel(),
            $this->layers->standoff->toMm(),
            $this->bolt->bearing($main, $isLevel),
            $behind,
            $gap->toMm(),
            $isLevel ? 90.0 : 0.0,
        );

        return Strength::of($withdrawal, $lateral, $load, $this->loadFactor);
    }
}
