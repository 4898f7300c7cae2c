<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;

/** Every fixing to have at hand: how many of which, the bits, the driver, how tight, how deep. */
final readonly class Schedule
{
    /**
     * @param  list<Length>  $bits  in steps, the pilot first
     * @param  ?Length  $depth  a mark on the bit, from the face it is drilled from
     */
    private function __construct(
        public int $count,
        public MaterialKind $kind,
        private string $code,
        private string $in,
        public Length $diameter,
        public ?Length $length,
        public array $bits,
        private string $how,
        public ?Length $depth,
        private string $typed = '',
    ) {}

    /** What it is; an anchor as it was typed. */
    public function says(): Message
    {
        return $this->typed === ''
            ? new Message('fixings.what', [], $this->code)
            : Message::word('fixings', $this->typed);
    }

    public function into(): Message
    {
        return new Message('fixings.into', [], $this->in);
    }

    /** With what it is driven. */
    public function driver(): Message
    {
        return new Message('fixings.driver', [], $this->how);
    }

    public function howTight(): Message
    {
        return new Message('fixings.tight', [], $this->how);
    }

    /** Whether it goes into what a kit's sheet calls so: `stud`, `board`. */
    public function goesInto(string $part): bool
    {
        return $part === '' || str_contains($this->in, strtolower($part));
    }

    /** What was typed of an anchor; by what price lists know it. */
    public function make(): string
    {
        return $this->typed === '' ? 'masonry anchor' : $this->typed;
    }

    public function isBolt(): bool
    {
        return in_array($this->kind, [MaterialKind::LagBolt, MaterialKind::BracketBolt], true);
    }

    /** @return list<self> one row for each kind and length */
    public static function of(Plan $plan): array
    {
        $anchoring = Anchoring::of($plan);
        $layers = Layers::of($plan);
        $groups = [];
        foreach ($anchoring->fixings as $fixing) {
            $groups["{$fixing->kind} {$fixing->into->value} {$fixing->length?->nm}"][] = $fixing;
        }
        $rows = [];
        foreach ($groups as $fixings) {
            $rows[] = self::row(count($fixings), $fixings[0], $plan, $layers);
        }

        $added = count($plan->place->new ?? []);
        if ($added > 0 && $plan->backing()->isSiteDrilled()) {
            $rows[] = new self(
                $added,
                MaterialKind::AddedHole,
                'added-hole',
                'rail',
                $plan->kit->rail->holeDiameter,
                null,
                [
                    $plan->doorway->units->usual(Length::mm(4), Length::nm(10 * intdiv(Length::NM_PER_INCH, 64))),
                    $plan->kit->rail->holeDiameter,
                ],
                'press',
                null,
            );
        }

        return $rows;
    }

    private static function row(int $count, Fixing $fixing, Plan $plan, Layers $layers): self
    {
        $units = $plan->doorway->units;
        if ($fixing->kind === 'anchor') {
            $anchor = $plan->doorway->brief->anchor;

            return new self(
                $count,
                MaterialKind::Anchor,
                'anchor',
                'masonry',
                $fixing->diameter,
                $fixing->length,
                [$fixing->diameter],
                'sheet',
                $anchor?->embedment
                    ->plus($layers->lining, $units->usual(Length::mm(10), Length::sixteenths(6)))
                    ->roundedUpTo($units->step()),
                $anchor->kind ?? '',
            );
        }
        $isScrew = $fixing->kind === 'header-screw';
        $wood = Wood::of(
            match ($fixing->into) {
                Member::Board => $plan->doorway->brief->header->wood,
                Member::Plank => $plan->doorway->survey->lining->wood ?? '',
                default => $plan->doorway->survey->wood,
            },
        );
        $fasteners = Fasteners::of($plan->doorway->units);
        $pilot = $fasteners->pilot($fixing->diameter, $isScrew, $wood->gravity);
        $depth = $fixing->length?->minus($isScrew ? Length::zero() : $layers->grip)->roundedUpTo($units->step());

        return $isScrew
            ? new self(
                $count,
                MaterialKind::WoodScrew,
                'wood-screw',
                'studs-through-board',
                $fixing->diameter,
                $fixing->length,
                [$pilot, $fasteners->clearance($fixing->diameter)],
                'driver',
                $fixing->length,
            )
            : new self(
                $count,
                $fixing->kind === 'bracket-bolt' ? MaterialKind::BracketBolt : MaterialKind::LagBolt,
                $fixing->kind === 'bracket-bolt' ? 'bracket-bolt' : 'lag-bolt',
                self::held($fixing->into),
                $fixing->diameter,
                $fixing->length,
                [$pilot, $fasteners->clearance($fixing->diameter)],
                'ratchet',
                $depth,
            );
    }

    private static function held(Member $member): string
    {
        return match ($member) {
            Member::Board => 'board',
            Member::Solid => 'solid',
            Member::Plank => 'plank',
            default => 'studs',
        };
    }
}
