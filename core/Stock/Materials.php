<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\OldDoor;
use YokeLine\Doorway\PullKind;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fixing;
use YokeLine\Holding\Schedule;
use YokeLine\Marks\Drilling;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;

/** Everything that one doorway wants, each with what it is for; what the kit's box holds is not bought again. */
final readonly class Materials
{
    /** One more in so many, and one at least: a second trip for a screw costs more. */
    public const SPARE_ONE_IN = 8;

    /** Square metres that a litre coats once. */
    private const M2_A_LITRE = 10.0;

    /** Of paint so much more, per cent. */
    public const WASTE = 10;

    private function __construct(
        private Plan $plan,
        private LengthWriter $write,
        private int $spareOneIn,
        private float $waste,
    ) {}

    /** @return list<Material> boards and rails that are cut are told by `pieces` */
    public static function of(
        Plan $plan,
        LengthWriter $write,
        int $spareOneIn = self::SPARE_ONE_IN,
        float $waste = self::WASTE,
    ): array {
        $all = new self($plan, $write, max(1, $spareOneIn), $waste);

        return [...$all->leaf(), ...$all->kit(), ...$all->fixings(), ...$all->finish(), ...$all->tools()];
    }

    /** With spares: one more in so many, one at least. */
    private function withSpares(int $count): int
    {
        return $count + max(1, intdiv($count + $this->spareOneIn - 1, $this->spareOneIn));
    }

    /** @return list<Material> */
    private function leaf(): array
    {
        $plan = $this->plan;
        $say = $this->write->show(...);
        $size = "{$say($plan->layout->width->size->total)} × {$say($plan->heights->leaf->size->total)} × {$say($plan->thickness)}";
        $holes =
            $plan->kit->hanger->style === HangerStyle::FaceStrap
                ? 'bored for the hangers'
                : 'solid top rail for the hanger plates';
        $groove = $plan->kit->guide->style->needsGroove() ? ', grooved at the foot' : '';

        return [
            new Material(
                'Leaf',
                MaterialId::named(
                    MaterialKind::Leaf,
                    $plan->doorway->brief->leaf->construction ?? '',
                    width: $plan->layout->width->size->total,
                    height: $plan->heights->leaf->size->total,
                    thickness: $plan->thickness,
                ),
                "Leaf {$size}".
                    ($plan->doorway->brief->leaf->construction === null
                        ? ''
                        : ", {$plan->doorway->brief->leaf->construction}"),
                count($plan->layout->runs),
                '',
                '',
                "If its maker does it: {$holes}{$groove}, by the leaf card",
            ),
        ];
    }

    /** @return list<Material> */
    private function kit(): array
    {
        $plan = $this->plan;
        $kit = $plan->kit;
        $pulls = array_filter(
            ['front' => $plan->doorway->brief->frontPull, 'wall side' => $plan->doorway->brief->wallPull],
            fn ($pull) => $pull !== null && $pull->kind !== PullKind::None,
        );

        return [
            new Material(
                'Kit',
                MaterialId::named(MaterialKind::Kit, $kit->id, rail: $plan->rail->length->total),
                $kit->name.', rail '.$this->write->show($plan->rail->length->total),
                1,
                '',
                'carries the leaf',
                $plan->rail->origin === 'cut'
                    ? 'Rail to be made to that length, drilled '.
                        count($plan->rail->holes).
                        ' times, the first '.
                        $this->write->show($kit->rail->firstHole).
                        ' from its ends'
                    : '',
            ),
            ...$plan->rail->origin === 'cut'
                ? [
                    new Material(
                        'Kit',
                        MaterialId::named(MaterialKind::EndCaps, $kit->id),
                        'End caps',
                        2,
                        '',
                        'the cut rail’s ends',
                    ),
                ]
                : [],
            ...array_map(
                fn (string $side, $pull) => new Material(
                    'Kit',
                    MaterialId::named(MaterialKind::Pull, $pull->kind->value, height: $pull->height),
                    ucfirst($pull->kind->value).' pull '.$this->write->show($pull->height),
                    count($plan->layout->runs),
                    '',
                    "the leaf’s {$side}",
                ),
                array_keys($pulls),
                $pulls,
            ),
        ];
    }

    /** @return list<Material> */
    private function fixings(): array
    {
        $plan = $this->plan;
        $found = [];
        foreach (Schedule::of($plan) as $row) {
            $had = $this->inBox($row);
            $left = $row->count - $had;
            if ($left > 0) {
                $size = "{$row->diameter->toMm()} × ".($row->length === null ? '?' : $row->length->toMm());
                $found[] = new Material(
                    'Fixings',
                    self::fixing($row),
                    ucfirst($row->says)." {$size}",
                    $this->withSpares($left),
                    '',
                    "{$row->count} into {$row->into}".($had > 0 ? ", {$had} in the box" : '').', the rest spare',
                );
            }
        }
        $bolts = count(
            array_filter(Anchoring::of($plan)->fixings, fn (Fixing $fixing) => $fixing->kind !== 'header-screw'),
        );
        if ($plan->doorway->brief->rules->washers) {
            $found[] = new Material(
                'Fixings',
                MaterialId::of(MaterialKind::Washer, width: Length::mm(40), thickness: Length::mm(3)),
                'Washer 40 × 3',
                $this->withSpares($bolts),
                '',
                'under each standoff',
            );
        }
        if ($plan->doorway->brief->rules->spacer->isPositive()) {
            $found[] = new Material(
                'Fixings',
                MaterialId::of(MaterialKind::Spacer, thickness: $plan->doorway->brief->rules->spacer),
                'Spacer '.$this->write->show($plan->doorway->brief->rules->spacer),
                $this->withSpares($bolts),
                '',
                'behind each standoff',
            );
        }
        if ($plan->kit->guide->style->standsOnFloor()) {
            $hard = in_array($plan->doorway->survey->floorFinish, ['tile', 'stone', 'concrete'], true);
            $found[] = new Material(
                'Fixings',
                MaterialId::of(
                    $hard ? MaterialKind::FloorPlug : MaterialKind::FloorScrew,
                    diameter: Length::mm(5),
                    length: Length::mm(40),
                ),
                $hard ? 'Plug and screw 5 × 40' : 'Wood screw 5 × 40',
                $this->withSpares(2 * count($plan->guides)),
                '',
                'the floor guide',
            );
        }

        return $found;
    }

    /** @return list<Material> */
    private function finish(): array
    {
        $plan = $this->plan;
        $schedule = $plan->doorway->brief->rules->schedule;
        $leaf =
            (2 *
                count($plan->layout->runs) *
                $plan->layout->width->size->total->toMm() *
                $plan->heights->leaf->size->total->toMm()) /
            1e6;
        $board =
            $plan->header === null
                ? 0.0
                : (2 *
                        $plan->header->span->length()->toMm() *
                        $plan->header->top->total->minus($plan->header->foot->total)->toMm()) /
                    1e6;
        $litres =
            (($leaf * $schedule->coatsLeaf + $board * $schedule->coatsBoard) / self::M2_A_LITRE) *
            (1 + $this->waste / 100);
        $was = $plan->doorway->survey->opening->was ?? OldDoor::None;
        $opened = $plan->doorway->survey->movesHazard();

        return array_values(
            array_filter([
                $litres <= 0
                    ? null
                    : new Material(
                        'Finish',
                        MaterialId::of(MaterialKind::Paint),
                        'Paint or wax',
                        ceil($litres * 10) / 10,
                        'l',
                        "leaf {$schedule->coatsLeaf} coats".
                            ($board > 0 ? ", board {$schedule->coatsBoard} coats" : ''),
                    ),
                new Material(
                    'Finish',
                    MaterialId::of(MaterialKind::MaskingTape),
                    'Masking tape',
                    1,
                    'roll',
                    'marks on the wall, edges of coats',
                ),
                $was === OldDoor::None
                    ? null
                    : new Material(
                        'Finish',
                        MaterialId::of(MaterialKind::Filler),
                        'Filler',
                        0.5,
                        'kg',
                        'hinge and strike places of the old door',
                    ),
                $was === OldDoor::None
                    ? null
                    : new Material(
                        'Finish',
                        MaterialId::of(MaterialKind::TouchUp),
                        'Touch-up paint for the jambs',
                        0.3,
                        'l',
                        'where the old door was',
                    ),
                ! $opened
                    ? null
                    : new Material(
                        'Finish',
                        MaterialId::of(MaterialKind::Patch),
                        'Patch of lining, joint compound',
                        1,
                        '',
                        'the wall that is opened to move cable or pipe',
                    ),
                ! $plan->doorway->told->flag('survey.eased')
                        ? null
                        : new Material(
                            'Finish',
                            MaterialId::of(MaterialKind::MouldingPaint),
                            'Touch-up paint for the moulding',
                            0.3,
                            'l',
                            'where it is eased for the leaf',
                        ),
                ! $plan->doorway->survey->opensWall()
                ? null
                : new Material(
                    'Finish',
                    MaterialId::of(MaterialKind::WallPaint),
                    'Wall paint',
                    0.5,
                    'l',
                    'over the patch',
                ),
            ]),
        );
    }

    /** @return list<Material> bits and blades that this doorway needs, each size once */
    private function tools(): array
    {
        $plan = $this->plan;
        $bits = [];
        foreach ($plan->leaves() as $leaf) {
            foreach (Drilling::of($plan, $leaf) as $row) {
                array_push($bits, ...$row->bits);
            }
        }
        foreach (Schedule::of($plan) as $row) {
            array_push($bits, ...$row->bits);
        }
        $sizes = array_unique(array_map(fn (Length $bit) => $bit->nm, $bits));
        sort($sizes);
        $groove = $plan->kit->guide->grooveWidth();

        return [
            ...array_map(
                fn (int $nm) => new Material(
                    'Bits and blades',
                    MaterialId::of(MaterialKind::Bit, diameter: Length::nm($nm)),
                    'Bit '.Length::nm($nm)->toMm(),
                    1,
                    '',
                    'holes in leaf, board or wall',
                    '',
                    true,
                ),
                $sizes,
            ),
            ...$groove === null
                ? []
                : [
                    new Material(
                        'Bits and blades',
                        MaterialId::of(MaterialKind::GroovingBit, diameter: $groove),
                        'Grooving bit, at most '.$this->write->showDown($groove),
                        1,
                        '',
                        'the groove in the foot',
                        '',
                        true,
                    ),
                ],
            ...$plan->rail->origin === 'cut' && $plan->kit->rail->cuttable
                ? [
                    new Material(
                        'Bits and blades',
                        MaterialId::of(MaterialKind::MetalBlade),
                        'Metal saw blade',
                        1,
                        '',
                        'the rail',
                        '',
                        true,
                    ),
                ]
                : [],
        ];
    }

    private static function fixing(Schedule $row): MaterialId
    {
        return MaterialId::named(
            $row->kind,
            $row->kind === MaterialKind::Anchor ? $row->says : '',
            ...array_filter(['diameter' => $row->diameter, 'length' => $row->length]),
        );
    }

    /** How many of a row the kit's box holds, where its sheet lists them. */
    private function inBox(Schedule $row): int
    {
        $count = 0;
        foreach ($this->plan->kit->contents as $part) {
            if (
                str_contains(strtolower($part->part), 'bolt') &&
                str_contains($row->says, 'bolt') &&
                ($part->into === '' || str_contains($row->into, $part->into)) &&
                $row->length !== null &&
                ! $row->length->isOver($this->plan->kit->boltLength)
            ) {
                $count += $part->count;
            }
        }

        return min($row->count, $count);
    }
}
