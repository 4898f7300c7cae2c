<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\LiningKind;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** What a bolt passes through from rail to stud: grip, board, lining; and how long it must be. */
final readonly class Layers
{
    private function __construct(
        public Length $grip,
        public Length $standoff,
        public Length $board,
        public Length $lining,
        public bool $isPlank,
        public bool $isMasonry,
        public Length $bolt,
        private Fasteners $fasteners,
    ) {}

    public static function of(Plan $plan): self
    {
        $kit = $plan->kit;
        $fasteners = Fasteners::of($plan->doorway->units);
        $spacer = $plan->doorway->brief->rules->spacer;
        $lining = $plan->doorway->survey->lining;
        $kind = $lining->kind ?? LiningKind::Gypsum;
        $standoff = $kit->bracket === null ? $kit->standoff->plus($spacer) : $fasteners->bracketGrip();

        return new self(
            $kit->bracket === null ? $kit->rail->thickness->plus($standoff) : $standoff,
            $standoff,
            $plan->header === null ? Length::zero() : $plan->header->thickness->plus($plan->header->buildOut),
            $lining->thickness ?? Length::zero(),
            $kind === LiningKind::Plank,
            $kind === LiningKind::Masonry,
            $kit->boltDiameter,
            $fasteners,
        );
    }

    /** The board, and plank behind it: what a bolt that misses the studs bites into. */
    public function boardWood(): Length
    {
        return $this->isPlank ? $this->board->plus($this->lining) : $this->board;
    }

    public function isThin(): bool
    {
        return $this->boardWood()->isUnder(Holding::leastWood($this->bolt));
    }

    /** Soft lining between standoff and stud: nothing bears there. */
    public function gap(): Length
    {
        return $this->board->isPositive() || $this->isPlank ? Length::zero() : $this->lining;
    }

    /** The least that is sold and long enough; null where none is. */
    public function boltInto(Member $member, ?Length $embedment = null): ?Length
    {
        $needed = match ($member) {
            Member::Masonry => $this->grip->plus(
                $this->board,
                $this->lining,
                $embedment ?? $this->fasteners->intoMasonry(),
            ),
            // Board and plank, or plank alone: the point comes out, and no further than it must.
            Member::Board, Member::Plank => $this->grip->plus($this->boardWood(), $this->bolt->scaled(6, 10)),
            default => $this->grip->plus($this->board, $this->lining, $this->fasteners->intoStud()),
        };

        return $this->fasteners->lagLength($needed);
    }

    public function screw(): ?Length
    {
        return $this->fasteners->screwLength($this->board->plus($this->lining, $this->fasteners->intoStud()));
    }

    public function headerAnchor(?Length $embedment): ?Length
    {
        return $this->fasteners->lagLength(
            $this->board->plus($this->lining, $embedment ?? $this->fasteners->intoMasonry()),
        );
    }

    /**
     * Thread that bites, by what it bites into: board, plank, what stands behind the lining; mm. Gypsum counts nothing,
     * nor does anything past what the bolt is held by: that is air, or a stud that nobody aimed at.
     *
     * @return array{board: float, plank: float, behind: float}
     */
    public function thread(Dowel $dowel, Length $length, Member $member): array
    {
        $grip = $this->grip->toMm();
        $board = $this->board->toMm();
        $lining = $this->lining->toMm();
        [$from, $to] = [$dowel->threadStart($length->toMm()), $dowel->shoulder($length->toMm())];
        $in = fn (float $low, float $high) => max(0.0, min($to, $high) - max($from, $low));

        return [
            'board' => $in($grip, $grip + $board),
            'plank' => $this->isPlank ? $in($grip + $board, $grip + $board + $lining) : 0.0,
            'behind' => $member->isBehindLining() ? $in($grip + $board + $lining, INF) : 0.0,
        ];
    }
}
