<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Doorway\Kit;
use YokeLine\Format\Document;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/**
 * All that a learner answered at a practice wall. Each answer is held against what is right after those before it:
 * whoever chose a wider leaf is asked for that one's stops.
 */
final readonly class Attempt
{
    /** What hangs on one hanger may be told so much off. */
    private const LOAD_OFF = 0.05;

    /** @var list<Judged> in the order of the work */
    public array $judged;

    /** @var array<string, string> what was decided, by place in a document */
    public array $decided;

    /** Of what was measured, with what was decided. */
    public Plan $plan;

    /**
     * @param  list<string>  $measured  places that were read
     * @param  array<string, Kit>  $kits  by id
     */
    public function __construct(
        public PracticeWall $wall,
        private array $measured,
        public Answers $answers,
        public array $kits,
    ) {
        $judged = [$this->measuring()];
        $decided = [];
        $setout = Setout::quick($wall->measured, $kits);
        $plan = $wall->plan;
        foreach (Ask::toAnswer() as $ask) {
            if (! $ask->isDecision()) {
                $judged[] = $this->number($ask, $plan);

                continue;
            }
            $said = $this->place($ask);
            $next = $said === [] ? $setout : Setout::quick(self::with($wall->measured, [...$decided, ...$said]), $kits);
            $judged[] = $this->decision($ask, $plan, $setout, $next);
            // What cannot be planned at all is not followed.
            if ($next->plan !== null) {
                [$setout, $plan, $decided] = [$next, $next->plan, [...$decided, ...$said]];
            }
        }
        $this->judged = array_values(array_filter($judged));
        $this->decided = $decided;
        $this->plan = $plan;
    }

    /** @param  array<string, string>  $decided  by place */
    public static function with(Document $wall, array $decided): Document
    {
        foreach ($decided as $place => $said) {
            $wall = $wall->with($place, $said);
        }

        return $wall;
    }

    private function measuring(): Judged
    {
        $missing = array_values(array_diff($this->wall->needed($this->kits), $this->measured));

        return new Judged(Ask::Measured, $missing === [], null, places: $missing);
    }

    /** @return array<string, string> a decision as a document has it; [] where none was made */
    private function place(Ask $ask): array
    {
        $place = match ($ask) {
            Ask::Backing => 'brief.backing',
            Ask::LeafWidth => 'brief.leaf.width',
            Ask::LeafHeight => 'brief.leaf.height',
            default => 'brief.rules.gap',
        };
        $length = $this->answers->length($ask);
        $said = $length === null ? $this->answers->choice($ask) : (new LengthWriter($this->wall->unit))->exact($length);
        $isKnown = $ask !== Ask::Backing || in_array($said, $this->wall->backings(), true);

        return $said === null || ! $isKnown || $length?->isPositive() === false ? [] : [$place => $said];
    }

    /** What more than one answer may serve for: it is right where nothing new speaks against it. */
    private function decision(Ask $ask, Plan $plan, Setout $before, Setout $after): Judged
    {
        [$right, $why] = match ($ask) {
            Ask::Backing => [Message::word('backing', $plan->backing()->value), null],
            Ask::LeafWidth => [$plan->layout->width->size->total, $plan->layout->width->size],
            Ask::LeafHeight => [$plan->heights->leaf->size->total, $plan->heights->leaf->size],
            default => [$plan->doorway->brief->rules->gap, null],
        };
        if ($this->place($ask) === []) {
            return new Judged($ask, false, $right, $why, new Slip(SlipKind::Unanswered));
        }
        $stood = PracticeWall::against($before);
        $against = array_values(array_filter(
            $after->findings,
            fn (Finding $finding) => $finding->severity->needsSettling() &&
                ! in_array($finding->code->value, $stood, true),
        ));
        $said = $this->answers->length($ask);
        $isRight = ($right instanceof Length && Slips::isAt($said, $right, $plan)) ||
            ($after->plan !== null && $against === []);

        return new Judged(
            $ask,
            $isRight,
            $right,
            $why,
            $isRight || $why === null ? null : self::slip($said, Slips::of($ask, $plan, $why), $plan),
            $against,
        );
    }

    /** Null where nothing is asked: no header board where nobody has one. */
    private function number(Ask $ask, Plan $plan): ?Judged
    {
        if ($ask === Ask::Studs) {
            return StudMarks::judged($plan, $this->answers->studs);
        }
        if ($ask === Ask::Load) {
            return $this->load($plan);
        }
        if ($ask === Ask::First) {
            return $this->first();
        }
        if ($ask === Ask::InHand) {
            return $this->inHand($plan);
        }
        $why = self::sum($ask, $plan);
        $said = $this->answers->length($ask);
        if ($why === null || $said === null) {
            return $why === null
                ? null
                : new Judged($ask, false, $why->total, $why, new Slip(SlipKind::Unanswered));
        }
        $guide = $plan->guides[array_key_first($plan->guides)];
        $isRight = Slips::isAt($said, $why->total, $plan) ||
            ($ask === Ask::Guide && $guide->window->contains($said));

        return new Judged(
            $ask,
            $isRight,
            $why->total,
            $why,
            $isRight ? null : self::slip($said, Slips::of($ask, $plan, $why), $plan),
        );
    }

    /**
     * Where one is asked for the tape's reading up to the line: of the places where the floor was read the lowest, the
     * first of several. No edge of the door tells it, and it tells none.
     */
    public static function here(Plan $plan): Length
    {
        $here = null;
        foreach ($plan->doorway->survey->floor as $reading) {
            $here = $here === null || $plan->floor->at($reading->x)->isUnder($plan->floor->at($here))
                ? $reading->x
                : $here;
        }

        return $here ?? $plan->floor->lowSpot();
    }

    /** How the right number of an ask is worked out. */
    public static function sum(Ask $ask, Plan $plan): ?Sum
    {
        $stops = array_values($plan->layout->stops);
        $guide = $plan->guides[array_key_first($plan->guides)];

        return match ($ask) {
            Ask::LeafWidth => $plan->layout->width->size,
            Ask::LeafHeight => $plan->heights->leaf->size,
            Ask::YokeLine => $plan->heights->yokeLine,
            Ask::LineHere => $plan->tapeUpFrom(self::here($plan)),
            Ask::HeaderFoot => $plan->header?->foot,
            Ask::ShutEdge => $plan->layout->runs[array_key_first($plan->layout->runs)]->left,
            Ask::StopShut => $stops[0] ?? null,
            Ask::StopOpen => $stops[1] ?? null,
            Ask::Guide => $guide->at === null ? null : $guide->middle,
            default => null,
        };
    }

    /** @param  list<Slip>  $slips */
    private static function slip(?Length $said, array $slips, Plan $plan): ?Slip
    {
        foreach ($slips as $slip) {
            if (Slips::isAt($said, $slip->value, $plan)) {
                return $slip;
            }
        }

        return null;
    }

    /** What hangs on one hanger. */
    public static function loadKg(Plan $plan): float
    {
        return ($plan->mass->kg + $plan->doorway->brief->leaf->hardwareKg) / $plan->hangers()->count;
    }

    private function load(Plan $plan): Judged
    {
        $count = $plan->hangers()->count;
        $right = self::loadKg($plan);
        $hung = $right * $count;
        $said = $this->answers->loadKg;
        $isAt = fn (float $kg) => $said !== null && abs($said - $kg) <= self::LOAD_OFF * $kg;
        $slip = match (true) {
            $said === null => SlipKind::Unanswered,
            $isAt($right) => null,
            $isAt($hung) => SlipKind::NotShared,
            $isAt($plan->mass->kg / $count) => SlipKind::HardwareForgotten,
            default => null,
        };

        return new Judged(
            Ask::Load,
            $isAt($right),
            Quantity::kilograms($right),
            slip: $slip === null ? null : new Slip($slip),
        );
    }

    /** Of a door that is there: whether its size serves. Null where none is. */
    private function inHand(Plan $plan): ?Judged
    {
        $right = InHand::verdict($plan);
        if ($right === null) {
            return null;
        }
        $said = $this->answers->choice(Ask::InHand);

        return new Judged(
            Ask::InHand,
            $said === $right,
            Message::word('in-hand', $right),
            slip: $said === null ? new Slip(SlipKind::Unanswered) : null,
        );
    }

    private function first(): Judged
    {
        $said = $this->answers->choice(Ask::First);
        [$first] = FirstStep::of($this->wall);

        return new Judged(
            Ask::First,
            $said === $first,
            Message::word('steps', $first),
            slip: $said === null ? new Slip(SlipKind::Unanswered) : null,
        );
    }
}
