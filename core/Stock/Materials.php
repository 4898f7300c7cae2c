<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Doorway\BoardHeld;
use YokeLine\Doorway\Finished;
use YokeLine\Doorway\GuideTouch;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\LineFound;
use YokeLine\Doorway\Looks;
use YokeLine\Doorway\OldDoor;
use YokeLine\Doorway\PartAway;
use YokeLine\Doorway\PullKind;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fasteners;
use YokeLine\Holding\Fixing;
use YokeLine\Holding\Schedule;
use YokeLine\Making\LeafMade;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Proof;
use YokeLine\Marks\Props;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Pounds;
use YokeLine\Measure\Size;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Buffer;
use YokeLine\Planning\Plan;
use YokeLine\Planning\RailCut;

/**
 * Everything that one doorway wants, each with what it is for; what the kit's box holds is not bought again.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Materials
{
    /** One more in so many, and one at least: a second trip for a screw costs more. */
    public const SPARE_ONE_IN = 8;

    /** Square metres that a litre coats once, and square feet that a quart does. */
    private const M2_A_LITRE = 10.0;

    private const SQUARE_FEET_A_QUART = 100.0;

    /** Of paint so much more, per cent. */
    public const WASTE = 10;

    /** Through a board into its stud. */
    private const BRAD_MM = 64;

    private function __construct(private Plan $plan, private int $spareOneIn, private float $waste) {}

    /** @return list<Material> boards and rails that are cut are told by `pieces` */
    public static function of(Plan $plan, int $spareOneIn = self::SPARE_ONE_IN, float $waste = self::WASTE): array
    {
        $all = new self($plan, max(1, $spareOneIn), $waste);

        return array_map(
            fn (Material $material) => $material
                ->toldIn($plan->doorway->units)
                ->up()
                // A kit keeps the sizes that it is sold in, but for a rail that is made for this doorway.
                ->soldIn(
                    $material->id->kind === MaterialKind::Kit && ! $plan->rail->isCut()
                        ? $plan->kit->units
                        : $plan->doorway->units,
                ),
            [
                ...$all->leaf(),
                ...$all->kit(),
                ...$all->fixings(),
                ...$all->finish(),
                ...$all->buffers(),
                ...$all->looks(),
                ...$all->holding(),
                ...$all->tools(),
            ],
        );
    }

    /** With spares: one more in so many, one at least. */
    private function withSpares(int $count): int
    {
        return $count + max(1, intdiv($count + $this->spareOneIn - 1, $this->spareOneIn));
    }

    /** @param  array<string, Value>  $with */
    private static function for(string $what, array $with = []): Message
    {
        return new Message('materials.for', $with, $what);
    }

    /** @return list<Material> */
    private function leaf(): array
    {
        $plan = $this->plan;
        $sizes = [
            'width' => $plan->layout->width->size->total,
            'height' => $plan->heights->leaf->size->total,
            'thickness' => $plan->thickness,
        ];
        if ($plan->making !== null) {
            return MadeMaterials::of($plan, $this->withSpares(...));
        }
        $made = $plan->doorway->brief->leaf->construction ?? '';

        return [
            new Material(
                'leaf',
                MaterialId::named(MaterialKind::Leaf, $made, ...$sizes),
                count($plan->layout->runs),
                SoldBy::Piece,
                self::for('leaf'),
                [...$sizes, 'made' => Message::word('constructions', $made === '' ? 'not-said' : $made)],
                new Message(
                    'materials.notes',
                    [],
                    ($plan->kit->hanger->style === HangerStyle::FaceStrap ? 'strap' : 'plate').
                        ($plan->kit->guide->style->needsGroove() ? '-groove' : ''),
                ),
            ),
        ];
    }

    /** @return list<Material> */
    private function kit(): array
    {
        $plan = $this->plan;
        $kit = $plan->kit;
        $cut = RailCut::of($plan);
        $isMade = $plan->rail->isCut() && $cut === null;
        $rail = $cut->bar ?? $plan->rail->length->total;
        $pulls = array_filter(
            ['front' => $plan->doorway->brief->frontPull, 'wall-side' => $plan->doorway->brief->wallPull],
            fn ($pull) => $pull !== null && $pull->kind !== PullKind::None,
        );

        return [
            new Material(
                'kit',
                MaterialId::named(
                    MaterialKind::Kit,
                    count($kit->wheels) > 1 ? "{$kit->id} {$kit->wheel?->material}" : $kit->id,
                    rail: $rail,
                ),
                1,
                SoldBy::Piece,
                self::for('kit'),
                [
                    'kit' => $kit->name,
                    'rail' => $rail,
                    'wheels' => count($kit->wheels) > 1
                        ? new Message('materials.with-wheels', [
                            'material' => Message::word('wheels', $kit->wheel->material ?? ''),
                        ])
                        : '',
                ],
                match (true) {
                    $cut !== null => new Message(
                        'materials.notes',
                        [
                            'long' => $plan->rail->length->total,
                            'end' => Message::word('sides', $cut->end),
                            'kept' => count($cut->kept),
                            'bored' => count($cut->bored),
                        ],
                        'rail-cut',
                    ),
                    $isMade => new Message(
                        'materials.notes',
                        [
                            'holes' => array_map(
                                fn (Length $hole) => $hole->minus($plan->rail->span->low),
                                $plan->rail->holes,
                            ),
                        ],
                        'rail-made',
                    ),
                    default => null,
                },
            ),
            ...$plan->hangers()->count > $kit->hangers
                ? [
                    new Material(
                        'kit',
                        MaterialId::named(MaterialKind::Hanger, $kit->id),
                        ($plan->hangers()->count - $kit->hangers) * count($plan->layout->runs),
                        SoldBy::Piece,
                        self::for('more-hangers'),
                        ['kit' => $kit->name],
                    ),
                ]
                : [],
            ...array_map(
                fn (PartAway $away) => new Material(
                    'kit',
                    MaterialId::named(MaterialKind::KitPart, "{$kit->id} {$away->part->value}"),
                    $away->count,
                    SoldBy::Piece,
                    self::for($away->isWrong ? 'part-wrong' : 'part-missing'),
                    ['part' => Message::word('kit-parts', $away->part->value), 'kit' => $kit->name],
                ),
                $plan->doorway->survey->partsAway,
            ),
            ...$plan->rail->isCut()
                ? [
                    new Material(
                        'kit',
                        MaterialId::named(MaterialKind::EndCaps, $kit->id),
                        2,
                        SoldBy::Piece,
                        self::for('cut-ends'),
                    ),
                ]
                : [],
            ...$kit->guide->isBought
                ? [
                    new Material(
                        'kit',
                        MaterialId::named(MaterialKind::Guide, $kit->guide->style->value),
                        count($plan->guides),
                        SoldBy::Piece,
                        self::for('guide-bought'),
                        ['style' => new Message('answer', ['of' => 'kit.guide.style'], $kit->guide->style->value)],
                    ),
                ]
                : [],
            ...array_map(
                fn (string $side, $pull) => new Material(
                    'kit',
                    MaterialId::named(MaterialKind::Pull, $pull->kind->value, height: $pull->height),
                    count($plan->layout->runs),
                    SoldBy::Piece,
                    self::for($side),
                    ['kind' => $pull->kind, 'height' => $pull->height],
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
        $fasteners = Fasteners::of($plan->doorway->units);
        $found = [];
        foreach (Schedule::of($plan) as $row) {
            $had = $this->inBox($row);
            $left = $row->count - $had;
            if ($left > 0) {
                $found[] = new Material(
                    'fixings',
                    self::fixing($row),
                    $this->withSpares($left),
                    SoldBy::Piece,
                    self::for($had > 0 ? 'fixing-had' : 'fixing', [
                        'used' => $row->count,
                        'into' => $row->into(),
                        'had' => $had,
                    ]),
                    [
                        'what' => $row->says(),
                        'diameter' => $fasteners->sized($row->diameter),
                        'length' => $row->length === null ? '?' : $fasteners->sized($row->length),
                    ],
                );
            }
        }
        $bolts = count(
            array_filter(Anchoring::of($plan)->fixings, fn (Fixing $fixing) => $fixing->kind !== 'header-screw'),
        );
        if ($plan->doorway->brief->rules->washers) {
            $sizes = $fasteners->washer();
            $found[] = new Material(
                'fixings',
                MaterialId::of(MaterialKind::Washer, ...$sizes),
                $this->withSpares($bolts),
                SoldBy::Piece,
                self::for('under-standoffs'),
                $sizes,
            );
        }
        if ($plan->doorway->brief->rules->spacer->isPositive()) {
            $sizes = ['thickness' => $plan->doorway->brief->rules->spacer];
            $found[] = new Material(
                'fixings',
                MaterialId::of(MaterialKind::Spacer, ...$sizes),
                $this->withSpares($bolts),
                SoldBy::Piece,
                self::for('behind-standoffs'),
                $sizes,
            );
        }
        if ($plan->kit->guide->style->standsOnFloor()) {
            $sizes = $fasteners->guideScrew();
            $found[] = new Material(
                'fixings',
                MaterialId::of(
                    $plan->doorway->survey->hasHardFloor() ? MaterialKind::FloorPlug : MaterialKind::FloorScrew,
                    ...$sizes,
                ),
                $this->withSpares(2 * count($plan->guides)),
                SoldBy::Piece,
                self::for('guide'),
                array_map($fasteners->sized(...), $sizes),
            );
        }

        return $found;
    }

    /** @return list<Material> */
    private function finish(): array
    {
        $plan = $this->plan;
        $schedule = $plan->doorway->brief->rules->schedule;
        $leaf = $this->leafM2();
        $board =
            $plan->header === null
                ? 0.0
                : (2 *
                        $plan->header->span->length()->toMm() *
                        $plan->header->top->total->minus($plan->header->foot->total)->toMm()) /
                    1e6;
        $coated = ($leaf * $schedule->coatsLeaf + $board * $schedule->coatsBoard) * (1 + $this->waste / 100);
        $paint =
            $plan->doorway->units === Unit::Inch
                ? $coated / Pounds::M2_A_SQUARE_FOOT / self::SQUARE_FEET_A_QUART
                : $coated / self::M2_A_LITRE;
        $survey = $plan->doorway->survey;
        $filled = $plan->header !== null && $schedule->looks === Looks::Wall;
        $hadDoor = ($survey->opening->was ?? OldDoor::None) !== OldDoor::None;
        $of = fn (MaterialKind $kind, float $count, SoldBy $by, ?Message $for = null) => new Material(
            'finish',
            MaterialId::of($kind),
            $count,
            $by,
            $for ?? self::for($kind->value),
        );

        return [
            ...$paint <= 0
                ? []
                : [
                    $of(
                        MaterialKind::Paint,
                        $paint,
                        SoldBy::Litre->in($plan->doorway->units),
                        self::for($board > 0 ? 'coats-both' : 'coats', [
                            'leaf' => $schedule->coatsLeaf,
                            'board' => $schedule->coatsBoard,
                        ]),
                    ),
                ],
            $of(MaterialKind::MaskingTape, 1, SoldBy::Roll),
            ...$hadDoor || $filled
                ? [
                    $of(
                        MaterialKind::Filler,
                        ($hadDoor ? 0.5 : 0.0) + ($filled ? 0.2 : 0.0),
                        SoldBy::Kilogram,
                        self::for($hadDoor ? ($filled ? 'filler-both' : 'filler') : 'filler-heads'),
                    ),
                ]
                : [],
            ...$hadDoor ? [$of(MaterialKind::TouchUp, 0.3, SoldBy::Litre)] : [],
            ...$survey->movesHazard() ? [$of(MaterialKind::Patch, 1, SoldBy::Piece)] : [],
            ...$plan->doorway->told->flag('survey.eased') ? [$of(MaterialKind::MouldingPaint, 0.3, SoldBy::Litre)] : [],
            ...$survey->opensWall() || $filled
                ? [
                    $of(
                        MaterialKind::WallPaint,
                        ($survey->opensWall() ? 0.5 : 0.0) + ($filled ? 0.5 : 0.0),
                        SoldBy::Litre,
                        self::for($filled ? 'wall-paint-board' : 'wall-paint'),
                    ),
                ]
                : [],
            ...$schedule->finished === Finished::InPlace && $schedule->coatsLeaf > 0
                ? [$of(MaterialKind::MaskingFilm, 1, SoldBy::Roll)]
                : [],
        ];
    }

    /** m² of all leaves: of one that is built its edges too, and no glass. */
    private function leafM2(): float
    {
        $plan = $this->plan;
        $count = count($plan->layout->runs);
        $built = array_map(fn (LeafMade $leaf) => $leaf->area(), $plan->making?->leaves() ?? []);

        return $built === []
            ? (2 *
                $count *
                $plan->layout->width->size->total->toMm() *
                $plan->heights->leaf->size->total->toMm()) /
                1e6
            : (array_sum($built) * $count) / count($built);
    }

    /** @return list<Material> what ends a leaf's travel at its edge: rubber on both, and what holds it */
    private function buffers(): array
    {
        $found = [];
        $into = $this->plan->doorway->survey->isMasonry() ? MaterialKind::BufferPlug : MaterialKind::BufferScrew;
        $of = fn (MaterialKind $kind, int $count, Length ...$sizes) => new Material(
            'fixings',
            MaterialId::of($kind, ...$sizes),
            $count,
            SoldBy::Piece,
            self::for($kind->value),
            array_combine(array_map(strval(...), array_keys($sizes)), $sizes),
        );
        foreach (Buffer::of($this->plan) as $buffer) {
            $count = count($buffer->heights);
            $packing = $buffer->packing();
            array_push(
                $found,
                $of(MaterialKind::Buffer, $count, thickness: $buffer->thickness),
                // Two through the buffer's foot; a thing that stands before the wall takes screws.
                $of($buffer->on === null ? $into : MaterialKind::BufferScrew, 2 * $count),
                $of(MaterialKind::EdgeRubber, $count),
                ...$packing->isPositive() ? [$of(MaterialKind::BufferPacking, $count, thickness: $packing)] : [],
            );
        }

        return $found;
    }

    /** @return list<Material> what the board and its screw heads are made to look with */
    private function looks(): array
    {
        $header = $this->plan->header;
        if ($header === null) {
            return [];
        }
        $heads = count(Anchoring::of($this->plan)->header->fixings ?? []);
        $of = fn (MaterialKind $kind, float $count, SoldBy $by = SoldBy::Piece) => new Material(
            'finish',
            MaterialId::of($kind),
            $count,
            $by,
            self::for($kind->value),
        );

        return match ($this->plan->doorway->brief->rules->schedule->looks) {
            Looks::Wall => [$of(MaterialKind::Sandpaper, 1, SoldBy::Sheet)],
            Looks::Leaf => [$of(MaterialKind::Stain, 0.3, SoldBy::Litre)],
            Looks::Capped => [$of(MaterialKind::ScrewCap, $this->withSpares($heads))],
            Looks::Coloured => [$of(MaterialKind::SprayPaint, 1, SoldBy::Can)],
            Looks::Unsaid => [],
        };
    }

    /** @return list<Material> what holds things in their place, or tells it, until they are fixed */
    private function holding(): array
    {
        $plan = $this->plan;
        $rules = $plan->doorway->brief->rules->schedule;
        $of = fn (MaterialKind $kind, int $count, Length ...$sizes) => new Material(
            'fixings',
            MaterialId::of($kind, ...$sizes),
            $count,
            SoldBy::Piece,
            self::for($kind->value),
            array_combine(array_map(strval(...), array_keys($sizes)), $sizes),
        );
        $props = $rules->boardHeld === BoardHeld::Props ? Props::of($plan) : [];
        $studs = $plan->header === null ? 0 : count(Tapes::of($plan)->studs());
        $touches =
            $plan->cutsGroove() &&
            $plan->doorway->brief->rules->guideTouch === GuideTouch::Touching;

        return [
            ...match ($rules->lineFound) {
                LineFound::Packing => [$of(MaterialKind::Packing, 1, thickness: Proof::packingToTheLine($plan))],
                LineFound::Template => [$of(MaterialKind::Template, 1, height: Proof::templateHeight($plan))],
                default => [],
            },
            ...array_map(
                fn (int $nm, int $count) => $of(MaterialKind::Prop, $count, length: Length::nm($nm)),
                array_keys($counts = array_count_values(array_map(fn (Length $prop) => $prop->nm, $props))),
                $counts,
            ),
            ...$props === [] ? [] : [$of(MaterialKind::Wedge, 2 * count($props))],
            // Two at each stud of the upper row.
            ...$rules->boardHeld === BoardHeld::Tacked && $studs > 0
                ? [$of(MaterialKind::Brad, $this->withSpares(2 * $studs), length: Length::mm(self::BRAD_MM))]
                : [],
            ...$touches
                ? [$of(MaterialKind::Felt, count($plan->guides))]
                : [],
        ];
    }

    /** @return list<Material> bits and blades that this doorway needs, each size once */
    private function tools(): array
    {
        $plan = $this->plan;
        $fasteners = Fasteners::of($plan->doorway->units);
        $bits = [];
        foreach ($plan->leaves() as $leaf) {
            foreach (Drilling::of($plan, $leaf) as $row) {
                array_push($bits, ...$row->bits);
            }
        }
        foreach (Schedule::of($plan) as $row) {
            array_push($bits, ...$row->bits);
        }
        $cut = RailCut::of($plan);
        if ($cut !== null && $cut->bored !== []) {
            array_push($bits, ...Drilling::steps($plan->kit->rail->holeDiameter, $plan->doorway->units));
        }
        $sizes = array_unique(array_map(fn (Length $bit) => $bit->nm, $bits));
        sort($sizes);
        $groove = $plan->kit->guide->grooveWidth($plan->doorway->brief->rules->guideTouch, $plan->doorway->units);
        $tool = fn (MaterialKind $kind, Length|Size|null $shown = null, Length ...$size) => new Material(
            'tools',
            MaterialId::of($kind, ...$size),
            1,
            SoldBy::Piece,
            self::for($kind->value),
            $shown === null ? [] : ['diameter' => $shown],
            isTool: true,
        );

        return [
            ...array_map(
                fn (int $nm) => $tool(MaterialKind::Bit, $fasteners->sized(Length::nm($nm)), diameter: Length::nm($nm)),
                $sizes,
            ),
            ...$groove === null ? [] : [$tool(MaterialKind::GroovingBit, $groove, diameter: $groove)],
            ...$cut === null ? [] : [$tool(MaterialKind::MetalBlade)],
        ];
    }

    private static function fixing(Schedule $row): MaterialId
    {
        return MaterialId::named(
            $row->kind,
            $row->kind === MaterialKind::Anchor ? $row->make() : '',
            ...array_filter(['diameter' => $row->diameter, 'length' => $row->length]),
        );
    }

    /** How many of a row the kit's box holds, where its sheet lists them. */
    private function inBox(Schedule $row): int
    {
        $count = 0;
        // Bolts of another diameter than are planned with stay in the box.
        foreach ($this->plan->kit->soldBolt === null ? $this->plan->kit->contents : [] as $part) {
            if (
                str_contains(strtolower($part->part), 'bolt') &&
                $row->isBolt() &&
                $row->goesInto($part->into) &&
                $row->length !== null &&
                ! $row->length->isOver($this->plan->kit->boltLength)
            ) {
                $count += $part->count;
            }
        }

        return min($row->count, $count);
    }
}
