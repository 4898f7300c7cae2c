<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Mass;
use YokeLine\Planning\Plan;
use YokeLine\Planning\RailPlace;

/**
 * How a plan is held to the wall: where the rail lies, every fixing and how hard it is worked, how far the rail bends.
 */
final class Anchoring
{
    private const SURELY = 0.75;

    /** @var ?array{self, float} the one that this was worked from, and how many times as heavy this is */
    private ?array $lighter = null;

    /** @var array{0?: ?array{Sag, Sag}} worked when it is first asked for */
    private array $sags = [];

    /** Worked when it is first asked for: behind a header nobody may ask. */
    private ?RailPlace $place;

    /**
     * @param  list<Fixing>  $fixings
     * @param  list<WheelRun>  $runs
     * @param  list<Length>  $supports  the rail's holes that carry
     * @param  float  $wheel  what the worst wheel bears: a stiff leaf rides on two, N
     */
    private function __construct(
        public readonly Plan $plan,
        public readonly array $fixings,
        public readonly ?HeaderAnchors $header,
        public readonly array $runs,
        public readonly array $supports,
        public readonly float $wheel,
        public readonly float $hungKg,
        public readonly float $stiffness,
    ) {
        $this->place = $plan->place;
    }

    /** The one that the plan owns. */
    public static function of(Plan $plan): self
    {
        return $plan->worked(self::class, fn () => self::worked($plan));
    }

    private static function worked(Plan $plan): self
    {
        $hung = $plan->hungKg();
        $weight = $hung * Mass::GRAVITY;
        $runs = self::runs($plan);
        $holding = RailFixings::holding($plan);
        $header = $plan->header === null ? null : HeaderAnchors::of($plan, $plan->header, $runs, $weight);

        return new self(
            $plan,
            [...RailFixings::of($plan, $runs, $weight), ...$header->fixings ?? []],
            $header,
            $runs,
            RailFixings::supports($plan, $holding),
            $weight / 2,
            $hung,
            self::stiffness($plan),
        );
    }

    /**
     * The anchoring of a plan that differs from this one's in nothing but how heavy its leaf is and how high it hangs.
     */
    public function carrying(Plan $plan): self
    {
        $by = $plan->hungKg() / $this->hungKg;
        $up = $plan->yokeLine()->minus($this->plan->yokeLine());
        $carried = new self(
            $plan,
            array_map(fn (Fixing $fixing) => $fixing->carrying($by, $up), $this->fixings),
            $this->header?->carrying($by, $up),
            $this->runs,
            $this->supports,
            $this->wheel * $by,
            $plan->hungKg(),
            $this->stiffness,
        );
        $carried->lighter = [$this, $by];

        return $carried;
    }

    /** Where the rail lies; behind a header, where it would lie if it were fixed straight to the wall. */
    public function place(): RailPlace
    {
        return $this->place ??= $this->lighter === null ? self::asIfDirect($this->plan) : $this->lighter[0]->place();
    }

    /** The hardest worked fixing; null where none could be checked. */
    public function worst(): ?Fixing
    {
        return array_reduce(
            $this->fixings,
            fn (?Fixing $worst, Fixing $fixing) => $fixing->strength->utilisation !== null &&
            ($worst === null || $fixing->strength->utilisation > (float) $worst->strength->utilisation * (1 + 1e-9))
                ? $fixing
                : $worst,
        );
    }

    /** @return list<Fixing> */
    public function railBolts(): array
    {
        return array_values(
            array_filter(
                $this->fixings,
                fn (Fixing $fixing) => $fixing->kind !== 'header-screw' &&
                    ! ($this->header !== null && $fixing->kind === 'anchor'),
            ),
        );
    }

    /**
     * What each fixing of the rail takes while one leaf stands $by open and the others are shut, N; by place,
     * ascending.
     *
     * @return list<float>
     */
    public function taken(string $leaf, Length $by): array
    {
        $leftWheels = [];
        foreach ($this->runs as $run) {
            $at = $this->plan->layout->runs[$run->leaf];
            $leftWheels[] = $at->hangers($run->leaf === $leaf ? $at->opened($by) : $at->closed())->low->toMm();
        }
        $taken = [];
        foreach (Pieces::of($this->plan, $this->supports) as $piece) {
            $supports = array_map(fn (Length $x) => $x->toMm(), $piece['supports']);
            foreach (
                count($supports) < 2 ? [] : Influence::ofBeam($supports, $piece['low'], $piece['high']) as $influence
            ) {
                $taken[] = array_sum(
                    array_map(
                        fn (WheelRun $run, float $s) => $this->atMost($influence, $run, $s),
                        $this->runs,
                        $leftWheels,
                    ),
                );
            }
        }

        return $taken;
    }

    /** What a support takes of a leaf that stands there, whichever of its wheels bear. */
    private function atMost(Influence $influence, WheelRun $run, float $leftWheel): float
    {
        $taken = -INF;
        foreach ($run->cases as $wheels) {
            $taken = max(
                $taken,
                array_sum(array_map(fn (array $wheel) => $wheel[1] * $influence->at($leftWheel + $wheel[0]), $wheels)),
            );
        }

        return 2 * $this->wheel * $taken;
    }

    /**
     * How far the rail bends at the most, and where it bends most of what it may; null where nothing carries it.
     *
     * @return ?array{Sag, Sag}
     */
    public function sags(): ?array
    {
        if ($this->lighter !== null) {
            [$other, $by] = $this->lighter;
            $sags = $other->sags();

            return $sags === null ? null : [$sags[0]->times($by), $sags[1]->times($by)];
        }

        return ($this->sags ?: ($this->sags = [$this->bent()]))[0] ?? null;
    }

    /** @return ?array{Sag, Sag} */
    private function bent(): ?array
    {
        $greatest = $worst = null;
        foreach (Pieces::of($this->plan, $this->supports) as $piece) {
            if (count($piece['supports']) < 2) {
                continue;
            }
            $supports = array_map(fn (Length $x) => $x->toMm(), $piece['supports']);
            foreach ($this->runs as $i => $run) {
                // Leaves alike on rails alike bend them alike.
                if ($i > 0 && $run->from === $this->runs[0]->from && $run->to === $this->runs[0]->to) {
                    continue;
                }
                [$most, $share] = Sag::of(
                    $supports,
                    $piece['low'],
                    $piece['high'],
                    $run,
                    2 * $this->wheel,
                    $this->stiffness,
                ) ?? [null, null];
                $greatest =
                    $most !== null && ($greatest === null || $most->greatest > $greatest->greatest) ? $most : $greatest;
                $worst = $share !== null && ($worst === null || $share->share() > $worst->share()) ? $share : $worst;
            }
        }

        return $greatest === null || $worst === null ? null : [$greatest, $worst];
    }

    /**
     * Whether the rail surely bends less than is wanted, told without looking for where it bends most: a span that went
     * on over no support
     * and bore both wheels in its middle bends more than one that goes on does, but for the little that loads beyond
     * its neighbours add.
     */
    public function surelyStiff(): bool
    {
        foreach (Pieces::of($this->plan, $this->supports) as $piece) {
            $x = array_map(fn (Length $support) => $support->toMm(), $piece['supports']);
            $last = count($x) - 1;
            if ($last < 1) {
                return false;
            }
            $spans = array_map(fn (int $i) => $x[$i + 1] - $x[$i], range(0, $last - 1));
            foreach ($spans as $l) {
                if ((2 * $this->wheel * $l ** 3) / (48 * $this->stiffness) > self::SURELY * Sag::limitOver($l)) {
                    return false;
                }
            }
            foreach ($this->runs as $run) {
                foreach (
                    [
                        [max(0.0, $x[0] - max($piece['low'], $run->from)), $spans[0]],
                        [max(0.0, min($piece['high'], $run->to + $run->spacing) - $x[$last]), $spans[$last - 1]],
                    ] as [$out, $l]
                ) {
                    if (
                        $out > 0 &&
                        (2 * $this->wheel * $out ** 2 * ($out + $l)) / (3 * $this->stiffness) >
                            self::SURELY * Sag::limitOver($out, true)
                    ) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /** @return list<WheelRun> each leaf by itself; leaves that pass each other run over the whole span */
    private static function runs(Plan $plan): array
    {
        $runs = [];
        foreach ($plan->layout->runs as $leaf => $run) {
            [$shut, $open] = [$run->hangers($run->closed()), $run->hangers($run->open())];
            $both = $shut->low->isUnder($open->low) ? [$shut->low, $open->low] : [$open->low, $shut->low];
            $runs[] = new WheelRun(
                $leaf,
                $both[0]->toMm(),
                $both[1]->toMm(),
                $shut->length()->toMm(),
                self::shares($plan, $leaf),
            );
        }

        return $runs;
    }

    /** @return non-empty-list<non-empty-list<float>> by case, of what hangs on the heaviest leaf */
    private static function shares(Plan $plan, string $leaf): array
    {
        $by = $plan->hungKgOf($leaf) / $plan->hungKg();

        return array_map(
            fn (array $case) => array_map(fn (float $share) => $share * $by, $case),
            $plan->hangers()->cases(),
        );
    }

    /** E I of the rail upright, N mm². */
    private static function stiffness(Plan $plan): float
    {
        $rail = $plan->kit->rail;
        [$height, $thickness] = [$rail->height->toMm(), $rail->thickness->toMm()];
        $second = $rail->height->equals($rail->thickness)
            ? (M_PI * $height ** 4) / 64
            : ($thickness * $height ** 3) / 12;

        return $rail->material->modulus() * $second;
    }

    private static function asIfDirect(Plan $plan): RailPlace
    {
        return RailSlide::of(
            $plan->room->wall,
            $plan->layout,
            $plan->rail,
            RailFixings::holding($plan),
            $plan->kit,
            grid: Grid::of($plan->doorway),
        );
    }
}
