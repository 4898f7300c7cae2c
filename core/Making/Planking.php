<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\Planked;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Boards upright on ledges, with a brace in each bay or without. The trade's rules page 8, 2 A. */
final readonly class Planking implements PlacesParts
{
    private const FLATTEST_DEGREES = 30;

    private Movement $movement;

    private Boards $boards;

    /** @var non-empty-list<Span> up the leaf */
    private array $ledges;

    private function __construct(private Made $made, private Planked $build, private Wanted $wanted)
    {
        $this->movement = Movement::of($made, $build->board, $wanted->sizes);
        $this->boards = Boards::over(
            $wanted->width,
            $build->board,
            $this->movement->gap,
            $wanted->sizes,
            'board',
        );
        $this->ledges = $this->ledges();
        foreach ($this->bays() as $bay) {
            $bay->isPositive() || throw new CannotBeMade('ledge.width');
        }
    }

    public static function of(Made $made, Planked $build, Wanted $wanted): LeafMade
    {
        return (new self($made, $build, $wanted))->leaf();
    }

    private function leaf(): LeafMade
    {
        [$width, $height] = [$this->wanted->width, $this->wanted->height];
        $whole = new Span(Length::zero(), $width);
        $boards = $this->boards->parts('board', $height);
        $ledges = new Part(
            'ledge',
            count($this->ledges),
            $width,
            $this->build->ledgeWidth,
            $this->build->ledgeThickness,
            $this->build->ledgeSpecies,
        );
        $braces = $this->build->isBraced ? $this->braces() : [];
        $at = $this->screwsOfALedge();
        $moved = $this->moved();
        $leftOut = count(array_filter($moved, fn (Moved $screw) => $screw->to === null));
        $ledgeFasteners = count($at) * count($this->ledges);
        $braceCount = array_sum(array_map(fn (Part $brace) => $brace->count, $braces));
        $parts = [...$boards, $ledges, ...$braces];

        return new LeafMade(
            made: $this->made,
            wanted: $this->wanted,
            thickness: $this->layers(),
            parts: $parts,
            fasteners: [
                new Fastener(
                    $this->build->isClinched ? 'clinch' : 'screw',
                    $ledgeFasteners + count($at) * $braceCount - $leftOut,
                    $this->build->isClinched
                        ? (new Bought($this->wanted->sizes))->clinched($this->layers())
                        : (new Bought($this->wanted->sizes))->screw($this->layers()),
                ),
            ],
            kg: array_sum(array_map(fn (Part $part) => $part->kg(), [...$boards, $ledges])) + $this->bracesKg(),
            solid: [
                new Zone('boards', $whole, new Span(Length::zero(), $height)),
                ...array_map(fn (Span $ledge) => new Zone('ledge', $whole, $ledge), $this->ledges),
            ],
            faults: [
                ...$this->movement->faults($this->build->board, $this->wanted->sizes, 'board'),
                ...$this->boards->faults,
                ...$this->ledgeFaults(),
                ...$this->flatBraces($braces),
                ...$this->joints(),
            ],
            counts: [
                'pieces' => array_sum(array_map(fn (Part $part) => $part->count, $parts)),
                'ripped' => $this->boards->ripped(),
                'ledge_fasteners' => $ledgeFasteners,
                'braces' => $braceCount,
            ],
            channel: $this->wanted->fin === null ? null : Channel::grooved(
                $this->wanted->fin,
                $this->build->board->thickness,
                $this->build->ledgesInFront ? Length::zero() : $this->build->ledgeThickness,
            ),
            movement: $this->movement,
            moved: $moved,
            placing: $this,
        );
    }

    /** @return list<Placed> ledges behind the boards, or in front of them */
    public function placed(): array
    {
        [$width, $height] = [$this->wanted->width, $this->wanted->height];
        $whole = new Span(Length::zero(), $width);
        [$behind, $before] = $this->build->ledgesInFront ? [1, 0] : [0, 1];
        $last = count($this->boards->at) - 1;
        $placed = [];
        foreach ($this->boards->at as $i => $u) {
            $kind = ! $this->boards->isAlike && ($i === 0 || $i === $last) ? 'outer-board' : 'board';
            $placed[] = Placed::box($kind, $height, $before, $u, new Span(Length::zero(), $height));
        }
        foreach ($this->ledges as $ledge) {
            $placed[] = Placed::box('ledge', $width, $behind, $whole, $ledge);
        }
        foreach ($this->build->isBraced ? $this->braces() : [] as $brace) {
            foreach (array_keys($this->bays()) as $i) {
                $bay = new Span($this->ledges[$i]->high, $this->ledges[$i + 1]->low);
                $placed[] = Placed::leaning(
                    'brace',
                    $brace->length,
                    $behind,
                    $whole,
                    $bay,
                    $this->build->ledgeWidth,
                );
            }

            break;
        }

        return $placed;
    }

    private function layers(): Length
    {
        return $this->build->board->thickness->plus($this->build->ledgeThickness);
    }

    /** @return non-empty-list<Span> the lowest above the foot, the top one where the hangers are, the others even */
    private function ledges(): array
    {
        $height = $this->wanted->height;
        $wide = $this->build->ledgeWidth;
        $count =
            $this->build->ledges ?? ($height->isOver($this->wanted->size(UsualSize::TwoLedgesTo)) ? 3 : 2);
        $lowest = $this->wanted->size(UsualSize::LedgeUp);
        $holes = $this->wanted->holes;
        $topmost = $height->minus($wide);
        if ($holes !== []) {
            $middle = Length::least(...$holes)->plus(Length::greatest(...$holes))->half();
            $topmost = Length::least($topmost, $height->minus($middle, $wide->half()));
        }
        $between = $topmost->minus($lowest);
        $spaces = max(1, $count - 1);

        return array_map(
            fn (int $i) => Span::from($lowest->plus($between->scaled($i, $spaces)), $wide),
            range(0, $spaces),
        );
    }

    private function topLedge(): Span
    {
        return $this->ledges[count($this->ledges) - 1];
    }

    /** @return list<Length> the height of each bay between two ledges */
    private function bays(): array
    {
        return array_map(
            fn (int $i) => $this->ledges[$i + 1]->low->minus($this->ledges[$i]->high),
            range(0, count($this->ledges) - 2),
        );
    }

    /** From level, in radians. */
    private function braceAngle(Length $bay): float
    {
        [$width, $height, $wide] = [
            $this->wanted->width->toMm(),
            $bay->toMm(),
            $this->build->ledgeWidth->toMm(),
        ];

        return atan2($height, $width) + asin(min(1.0, $wide / hypot($width, $height)));
    }

    /** @return list<Part> */
    private function braces(): array
    {
        $braces = [];
        foreach ($this->bays() as $bay) {
            $angle = $this->braceAngle($bay);
            $long = $bay->toMm() / sin($angle) + $this->build->ledgeWidth->toMm() / tan($angle);
            $braces[] = new Part(
                'brace',
                1,
                Length::nm((int) round($long * 1e6)),
                $this->build->ledgeWidth,
                $this->build->ledgeThickness,
                $this->build->ledgeSpecies,
                angle: rad2deg($angle),
            );
        }

        return Part::alike(...$braces);
    }

    /** A brace is as large as what it would be between its ledges if these were square to it. */
    private function bracesKg(): float
    {
        $area = array_sum(
            array_map(
                fn (Length $bay) => ($this->build->ledgeWidth->toMm() * $bay->toMm()) / sin($this->braceAngle($bay)),
                $this->build->isBraced ? $this->bays() : [],
            ),
        );
        $density = Timber::of($this->build->ledgeSpecies)->density;

        return ($area * $this->build->ledgeThickness->toMm() * $density) / 1e9;
    }

    /** @return list<array{Length, int}> of each fastener at a ledge: u, and at which quarter up the ledge */
    private function screwsOfALedge(): array
    {
        $screws = [];
        foreach ($this->boards->at as $board) {
            $quarters = $board->length()->isUnder($this->wanted->size(UsualSize::TwoFastenersFrom)) ? [2] : [1, 3];
            foreach ($quarters as $quarter) {
                $screws[] = [$board->low->plus($board->length()->scaled($quarter, 4)), $quarter];
            }
        }

        return $screws;
    }

    /** @return list<Moved> fasteners of the top ledge */
    private function moved(): array
    {
        $ledge = $this->topLedge();
        $offHoles = OffHoles::of($this->wanted);
        $moved = [];
        foreach ($this->screwsOfALedge() as [$u, $quarter]) {
            $v = $ledge->low->plus($ledge->length()->scaled($quarter, 4));
            $moved[] = $offHoles->upOrDown('ledge', new Span($u, $u), $v, $ledge);
        }

        return array_values(array_filter($moved));
    }

    /** @return list<Fault> */
    private function ledgeFaults(): array
    {
        $up = $this->wanted->strapUp();
        $top = $this->topLedge();
        $wanted = $this->wanted->holes === [] ? Length::zero() : Length::greatest(...$this->wanted->holes)
            ->minus(Length::least(...$this->wanted->holes))
            ->plus($this->wanted->around()->times(2));

        return $up === null || ($top->contains($up->low) && $top->contains($up->high))
            ? []
            : [
                Fault::settle('ledge-narrow', 'ledge.width', [
                    'width' => $this->build->ledgeWidth,
                    'least' => $wanted,
                ]),
            ];
    }

    /**
     * @param  list<Part>  $braces
     * @return list<Fault>
     */
    private function flatBraces(array $braces): array
    {
        $angles = array_filter(array_map(fn (Part $brace) => $brace->angle, $braces));
        $flattest = $angles === [] ? 90.0 : min($angles);

        return $flattest < self::FLATTEST_DEGREES - 1e-6
            ? [Fault::note('brace-flat', 'ledges', ['angle' => $flattest])]
            : [];
    }

    /** @return list<Fault> bolts that go through between two boards; plates on end grain */
    private function joints(): array
    {
        if (! $this->wanted->hasStraps()) {
            return [Fault::settle('end-grain', 'way')];
        }
        $around = $this->wanted->around();
        $inside = array_values(
            array_filter(
                array_map(fn (Span $board) => $board->widened($around->negated()), $this->boards->at),
                fn (Span $board) => ! $board->length()->isNegative(),
            ),
        );
        $faults = [];
        foreach ($this->wanted->hangersAt as $u) {
            if (array_filter($inside, fn (Span $board) => $board->contains($u)) === []) {
                $clear = array_merge(...array_map(fn (Span $board) => [$board->low, $board->high], $inside), ...[[]]);
                usort(
                    $clear,
                    fn (Length $a, Length $b) => [$a->minus($u)->absolute()->nm, $a->nm] <=> [
                        $b->minus($u)->absolute()->nm,
                        $b->nm,
                    ],
                );
                $faults[] = Fault::note('hole-in-joint', 'board.width', [
                    'at' => $u,
                    ...$clear === [] ? [] : ['clear' => $clear[0]],
                ]);
            }
        }

        return $faults;
    }
}
