<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
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
        public string $says,
        public string $into,
        public Length $diameter,
        public ?Length $length,
        public array $bits,
        public string $driver,
        public string $tight,
        public ?Length $depth,
    ) {}

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
                'added hole: its own spacer cut to the standoff, washer and sleeve',
                'the rail',
                $plan->kit->rail->holeDiameter,
                null,
                [Length::mm(4), $plan->kit->rail->holeDiameter],
                'drill press or slow drill, oil',
                'deburr both faces',
                null,
            );
        }

        return $rows;
    }

    private static function row(int $count, Fixing $fixing, Plan $plan, Layers $layers): self
    {
        if ($fixing->kind === 'anchor') {
            $anchor = $plan->doorway->brief->anchor;

            return new self(
                $count,
                MaterialKind::Anchor,
                $anchor->kind ?? 'masonry anchor',
                'masonry',
                $fixing->diameter,
                $fixing->length,
                [$fixing->diameter],
                'by the anchor’s own sheet',
                'to the torque of its sheet',
                $anchor?->embedment->plus($layers->lining, Length::mm(10)),
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
        $pilot = self::pilot($fixing->diameter, $isScrew, $wood);
        $depth = $fixing->length?->minus($isScrew ? Length::zero() : $layers->grip);

        return $isScrew
            ? new self(
                $count,
                MaterialKind::WoodScrew,
                'wood screw',
                'studs, through the board',
                $fixing->diameter,
                $fixing->length,
                [$pilot, $fixing->diameter],
                'driver, clutch low',
                'until the board is drawn up; a board crushes before a screw strips',
                $fixing->length,
            )
            : new self(
                $count,
                $fixing->kind === 'bracket-bolt' ? MaterialKind::BracketBolt : MaterialKind::LagBolt,
                $fixing->kind === 'bracket-bolt' ? 'bracket lag bolt' : 'lag bolt',
                self::into($fixing->into),
                $fixing->diameter,
                $fixing->length,
                [$pilot, $fixing->diameter],
                'ratchet, by hand',
                'snug and a quarter turn; one that spins has no grip: stop and plan that hole again',
                $depth,
            );
    }

    private static function into(Member $member): string
    {
        return match ($member) {
            Member::Board => 'the board',
            Member::Solid => 'lintel or blocking',
            Member::Plank => 'plank',
            default => 'studs',
        };
    }

    /** 70 % of the root in light wood, 90 % in dense, to half a millimetre. */
    private static function pilot(Length $diameter, bool $isScrew, Wood $wood): Length
    {
        $root = $diameter->scaled($isScrew ? 80 : 72, 100);

        return $root->scaled(($wood->gravity ?? 0.42) < 0.55 ? 70 : 90, 100)->roundedTo(Length::nm(500_000));
    }
}
