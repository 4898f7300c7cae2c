<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Glazed;
use YokeLine\Doorway\Made\Made;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** A frame with bars and panes as large as each other. The trade's rules page 8, 2 D. */
final readonly class Glazing implements PlacesParts
{
    private const LARGE_M2 = 0.5;

    /** A bead's pin goes so far into the wood behind. */
    private const PIN_INTO_MM = 12;

    private Length $rebate;

    private Length $bead;

    private function __construct(private Made $made, private Glazed $build, private Wanted $wanted)
    {
        $this->rebate = $build->rebate ?? $wanted->size(UsualSize::Rebate);
        $this->bead = $build->bead ?? $wanted->size(UsualSize::Bead);
        [$wide, $high] = $this->daylight();
        $wide->isPositive() || throw new CannotBeMade('frame.stile');
        $high->isPositive() || throw new CannotBeMade('frame.bottom');
    }

    public static function of(Made $made, Glazed $build, Wanted $wanted): LeafMade
    {
        return (new self($made, $build, $wanted))->leaf();
    }

    private function leaf(): LeafMade
    {
        $build = $this->build;
        [$width, $height] = [$this->wanted->width, $this->wanted->height];
        $between = $this->between();
        $frame = [...$this->frame(), ...$this->bars()];
        [$glass, $beads] = [$this->glass(), $this->beads()];
        $dowels = $this->dowels();
        $pins = array_sum(
            array_map(
                fn (Part $bead) => $bead->count * count(Evenly::along(
                    $bead->length,
                    $this->wanted->size(UsualSize::PinsFirst),
                    $this->wanted->size(UsualSize::PinsApart),
                )),
                $beads,
            ),
        );
        $up = new Span(Length::zero(), $height);
        $wood = [...$frame, ...$beads];

        return new LeafMade(
            made: $this->made,
            wanted: $this->wanted,
            thickness: $build->thickness,
            parts: [...$frame, $glass, ...$beads],
            fasteners: [
                new Fastener('dowel', $dowels, null),
                new Fastener(
                    'pin',
                    $pins,
                    (new Bought($this->wanted->sizes))->screw($this->bead->plus(Length::mm(self::PIN_INTO_MM))),
                ),
            ],
            kg: array_sum(array_map(fn (Part $part) => $part->kg(), $frame)) +
                $glass->area() * $build->glassThickness->toMm() * Timber::GLASS_KG_PER_M2_MM,
            solid: [
                new Zone('stile', Span::from(Length::zero(), $build->stile), $up),
                new Zone('stile', Span::from($width->minus($build->stile), $build->stile), $up),
                new Zone('rail-top', $between, new Span($height->minus($build->top), $height)),
                new Zone('rail-bottom', $between, Span::from(Length::zero(), $build->bottom)),
            ],
            faults: [...$this->glassFaults($glass), ...$this->drilledGlass()],
            counts: [
                'pieces' => array_sum(array_map(fn (Part $part) => $part->count, $wood)),
                'dowels' => $dowels,
                'panes' => $build->columns * $build->rows,
            ],
            channel: $this->wanted->fin === null
                ? null
                : Channel::grooved($this->wanted->fin, $build->thickness, Length::zero()),
            daylightM2: array_sum(
                array_map(
                    fn (Zone $pane) => ($pane->u->length()->toMm() * $pane->v->length()->toMm()) / 1e6,
                    $this->panes(),
                ),
            ),
            noDrill: $this->noDrill(),
            placing: $this,
        );
    }

    /** @return list<Placed> */
    public function placed(): array
    {
        $build = $this->build;
        [$width, $height] = [$this->wanted->width, $this->wanted->height];
        $between = $this->between();
        $up = new Span(Length::zero(), $height);
        $placed = [
            Placed::box('stile', $height, 0, Span::from(Length::zero(), $build->stile), $up),
            Placed::box('stile', $height, 0, Span::from($between->high, $build->stile), $up),
            Placed::box(
                'rail-top',
                $between->length(),
                0,
                $between,
                new Span($height->minus($build->top), $height),
            ),
            Placed::box('rail-bottom', $between->length(), 0, $between, new Span(Length::zero(), $build->bottom)),
        ];
        $glass = $this->glass();
        foreach ($this->panes() as $i => $pane) {
            [$column, $row] = [intdiv($i, $build->rows), $i % $build->rows];
            $placed[] = Placed::box('glass', $glass->length, 1, $pane->u, $pane->v);
            if ($row > 0) {
                $bar = Span::from($pane->v->low->minus($build->bar), $build->bar);
                $placed[] = Placed::box('bar-across', $pane->u->length(), 0, $pane->u, $bar);
            }
            if ($column > 0 && $row === 0) {
                $bar = Span::from($pane->u->low->minus($build->bar), $build->bar);
                $free = new Span($build->bottom, $height->minus($build->top));
                $placed[] = Placed::box('bar-up', $free->length(), 0, $bar, $free);
            }
        }

        return $placed;
    }

    private function between(): Span
    {
        return new Span($this->build->stile, $this->wanted->width->minus($this->build->stile));
    }

    private function part(string $kind, int $count, Length $long, Length $wide): Part
    {
        return new Part($kind, $count, $long, $wide, $this->build->thickness, $this->build->frameSpecies);
    }

    /** @return list<Part> */
    private function frame(): array
    {
        $long = $this->between()->length();

        return [
            $this->part('stile', 2, $this->wanted->height, $this->build->stile),
            $this->part('rail-top', 1, $long, $this->build->top),
            $this->part('rail-bottom', 1, $long, $this->build->bottom),
        ];
    }

    /** @return list<Part> upright ones between the rails, the others between these */
    private function bars(): array
    {
        $build = $this->build;
        $high = $this->wanted->height->minus($build->top, $build->bottom);
        $bars = [
            $this->part('bar-up', $build->columns - 1, $high, $build->bar),
            $this->part('bar-across', $build->columns * ($build->rows - 1), $this->daylight()[0], $build->bar),
        ];

        return array_values(array_filter($bars, fn (Part $bar) => $bar->count > 0));
    }

    /** @return array{Length, Length} width and height of what one sees through a pane */
    private function daylight(): array
    {
        $build = $this->build;
        $wide = $this->between()->length()->minus($build->bar->times($build->columns - 1));
        $high = $this->wanted->height->minus($build->top, $build->bottom, $build->bar->times($build->rows - 1));

        return [$wide->scaled(1, $build->columns), $high->scaled(1, $build->rows)];
    }

    private function glass(): Part
    {
        $in = $this->rebate->minus($this->wanted->size(UsualSize::GlassClear))->times(2);
        $step = $this->wanted->size(UsualSize::GlassStep);
        [$wide, $high] = array_map(
            fn (Length $daylight) => $daylight->plus($in, Length::nm(1))->roundedDownTo($step),
            $this->daylight(),
        );

        return new Part(
            'glass',
            $this->build->columns * $this->build->rows,
            $high,
            $wide,
            $this->build->glassThickness,
            $this->build->glass,
        );
    }

    /** @return list<Part> */
    private function beads(): array
    {
        $panes = $this->build->columns * $this->build->rows;
        [$wide, $high] = array_map(
            fn (Length $daylight) => $daylight->plus($this->rebate->times(2)),
            $this->daylight(),
        );
        $bead = fn (string $kind, Length $long) => new Part(
            $kind,
            2 * $panes,
            $long,
            $this->rebate,
            $this->bead,
            $this->build->frameSpecies,
        );

        return [$bead('bead-across', $wide), $bead('bead-up', $high)];
    }

    /** At each end of a rail as its width asks, one at each end of a bar. */
    private function dowels(): int
    {
        $ofARail = fn (Length $wide) => 2 * max(
            2,
            $wide->minus(Length::nm(1))->stepsOf($this->wanted->size(UsualSize::PocketPer)),
        );
        $bars = array_sum(array_map(fn (Part $bar) => $bar->count, $this->bars()));

        return $ofARail($this->build->top) + $ofARail($this->build->bottom) + 2 * $bars;
    }

    /** @return list<Zone> daylight of each pane */
    private function panes(): array
    {
        [$wide, $high] = $this->daylight();
        $panes = [];
        for ($column = 0; $column < $this->build->columns; $column++) {
            for ($row = 0; $row < $this->build->rows; $row++) {
                $panes[] = new Zone(
                    'pane',
                    Span::from($this->build->stile->plus($wide->plus($this->build->bar)->times($column)), $wide),
                    Span::from($this->build->bottom->plus($high->plus($this->build->bar)->times($row)), $high),
                );
            }
        }

        return $panes;
    }

    /** From daylight to where the glass ends, and what is kept from it. */
    private function keep(): Length
    {
        return $this->rebate
            ->minus($this->wanted->size(UsualSize::GlassClear))
            ->plus($this->wanted->size(UsualSize::GlassKeep));
    }

    /** @return list<Zone> */
    private function noDrill(): array
    {
        $keep = $this->keep();

        return array_map(
            fn (Zone $pane) => new Zone('no-drill', $pane->u->widened($keep), $pane->v->widened($keep)),
            $this->panes(),
        );
    }

    /** @return list<Fault> */
    private function glassFaults(Part $glass): array
    {
        $faults = $this->build->isSafe() ? [] : [Fault::stop('glass-unsafe', 'glass.kind')];
        $pane = $glass->area() / $glass->count;
        $least = $this->wanted->size(UsualSize::GlassThin);
        if ($pane > self::LARGE_M2 + 1e-6 && $this->build->glassThickness->plus(Length::nm(1))->isUnder($least)) {
            $faults[] = Fault::settle('glass-thin', 'glass.thickness', [
                'm2' => $pane,
                'thickness' => $this->build->glassThickness,
                'least' => $least,
            ]);
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function drilledGlass(): array
    {
        foreach ($this->wanted->holePlaces() as [$u, $v]) {
            if (array_filter($this->noDrill(), fn (Zone $zone) => $zone->surrounds($u, $v)) !== []) {
                // Where one goes through, the others do: it is told of the first.
                return [
                    Fault::stop('drill-glass', 'frame.stile', [
                        'u' => $u,
                        'v' => $v,
                        'inset' => $this->build->stile->minus($this->keep()),
                    ]),
                ];
            }
        }

        return [];
    }
}
