<?php

declare(strict_types=1);

namespace YokeLine\Fitting;

use YokeLine\Doorway\Brief;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Inspector;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Planner\Workshop;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Hangers;
use YokeLine\Planning\Plan;

/**
 * Between what sizes a leaf works at a surveyed doorway with its kit: what one takes along to a yard.
 *
 * Each limit is found by planning and inspecting leaves of that size, so that every rule there is counts and the one
 * that ends it is named.
 */
final readonly class SizeCard
{
    /** Found in strides of so many steps, then to the step: a millimetre, or a sixteenth of an inch. */
    private const STRIDE = 16;

    private const FAR_MM = 640;

    /** What keeps a leaf from working beside stops: what it must cover stays open, it rubs. */
    private const COUNTS = [
        FindingCode::LeafNarrow,
        FindingCode::LeafShort,
        FindingCode::LeafClearance,
        FindingCode::BetweenLeaves,
        FindingCode::MidOverlap,
        FindingCode::GuideWindow,
        FindingCode::ShutRoom,
        FindingCode::TravelCut,
    ];

    private function __construct(
        public Limit $width,
        public Limit $height,
        public Limit $thickness,
        public float $greatestKg,
        private string $massRuledBy,
    ) {}

    public function massRuledBy(): Message
    {
        return Message::word('carriers', $this->massRuledBy);
    }

    public static function of(Plan $plan): self
    {
        $workshop = Workshop::at($plan->doorway);
        $brief = $plan->doorway->brief;
        $kit = $plan->kit;
        // What is so whatever the leaf's size is no reason against one.
        $always = array_key_exists('travel-cut', self::failures($plan)) ? ['travel-cut' => true] : [];
        $fails = function (Brief $brief) use ($workshop, $kit, $always): ?Message {
            $size = "{$brief->leaf->width?->nm} {$brief->leaf->height?->nm} {$brief->leaf->thickness?->nm}";

            return array_values(
                array_diff_key(self::failures($workshop->plan($brief, $kit, $size, $size)), $always),
            )[0] ?? null;
        };
        $leaf = $brief->leaf;
        $sized = fn (?Length $width, ?Length $height, ?Length $thickness = null) => $brief->choosing(
            $brief->hang,
            $brief->opens,
            $brief->kit,
            $brief->backing,
            $leaf->sized(
                $width ?? $plan->layout->width->size->total,
                $height ?? $plan->heights->leaf->size->total,
                $thickness,
            ),
            $brief->rules,
        );
        $wheel = $kit->wheel?->capacityKg;
        $byWheel = $wheel === null ? INF : Hangers::most($plan) * $wheel - $leaf->hardwareKg;

        $step = $plan->doorway->units->step();

        return new self(
            self::limit(
                'width',
                $plan->layout->width->needed->total->roundedUpTo($step),
                $leaf->trimLimit,
                $step,
                fn (Length $width) => $fails($sized($width, null)),
            ),
            self::limit(
                'height',
                $plan->heights->leaf->needed->total->roundedUpTo($step),
                $leaf->trimLimit,
                $step,
                fn (Length $height) => $fails($sized(null, $height)),
            ),
            self::limit(
                'thickness',
                Grid::of($plan->doorway)->upToSixteenth($kit->leafThickness->low),
                Length::zero(),
                $step,
                fn (Length $thickness) => $fails($sized(null, null, $thickness)),
            ),
            min($kit->capacityKg, $byWheel),
            $byWheel < $kit->capacityKg ? 'wheels' : 'kit',
        );
    }

    /**
     * @param  Length  $step  to which it is found
     * @param  callable(Length): ?Message  $fails  why a leaf of that size does not work
     */
    private static function limit(string $name, Length $from, Length $trim, Length $step, callable $fails): Limit
    {
        $least = self::firstWhere($from, $step, fn (Length $size) => $fails($size) === null);
        if ($least === null) {
            return new Limit($name, null, null, $fails($from), $fails($from), $trim);
        }
        $over = self::firstWhere($least, $step, fn (Length $size) => $fails($size) !== null);
        $under = $least->minus($step->times(2));

        return new Limit(
            $name,
            $least,
            $over?->minus($step),
            $under->isPositive() ? $fails($under) : null,
            $over === null ? null : $fails($over),
            $trim,
        );
    }

    /** @param  callable(Length): bool  $is */
    private static function firstWhere(Length $from, Length $step, callable $is): ?Length
    {
        $most = Length::mm(self::FAR_MM)->stepsOf($step);
        for ($at = 0; $at <= $most; $at += self::STRIDE) {
            if ($is($from->plus($step->times($at)))) {
                for ($n = max(0, $at - self::STRIDE + 1); $n <= $at; $n++) {
                    if ($is($from->plus($step->times($n)))) {
                        return $from->plus($step->times($n));
                    }
                }
            }
        }

        return null;
    }

    /** @return array<string, Message> code => headline of whatever keeps this plan's leaf from working */
    private static function failures(Plan $plan): array
    {
        $failures = [];
        $context = new CheckContext($plan, [], curing: false);
        foreach ([...Inspector::graveAlong($context), ...Inspector::graveOther($context)] as $finding) {
            if (self::counts($finding)) {
                $failures[$finding->code->value] ??= $finding->says();
            }
        }

        return $failures;
    }

    private static function counts(Finding $finding): bool
    {
        // What the leaf weighs is told by itself; it grows with the size and would hide what the size does.
        return ! in_array($finding->code, [FindingCode::LeafMass, FindingCode::OverCapacity], true) &&
            ($finding->severity === Severity::Stop || in_array($finding->code, self::COUNTS, true));
    }
}
