<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Board;
use YokeLine\Doorway\Made\Made;
use YokeLine\Measure\Length;

/** How boards beside each other move with the air, and the gap that is left between them for it. */
final readonly class Movement
{
    private const HUNDRED_THOUSAND = 100_000;

    /**
     * @param  int  $coefficient  in 1/100 000 of the width for 1 % of moisture
     * @param  float  $wet  % that they may still take up, from as they are built
     * @param  float  $dry  % that they may still lose
     * @param  Length  $gap  between two
     * @param  Length  $opens  between two at the driest
     */
    private function __construct(
        public int $coefficient,
        public float $wet,
        public float $dry,
        public Length $gap,
        public Length $opens,
    ) {}

    public static function of(Made $made, Board $board, Sizes $sizes): self
    {
        [$driest, $wettest, $asBuilt] = Timber::moisture($made->setting);
        $built = $made->moisture ?? (float) $asBuilt;
        $moves = Timber::of($board->species)->moves($made->sawn);
        [$wet, $dry] = [max(0.0, $wettest - $built), max(0.0, $built - $driest)];
        $by = fn (float $percent) => $board->width->scaled(
            $moves * (int) round($percent * 1000),
            1000 * self::HUNDRED_THOUSAND,
        );
        $gap = Length::greatest(
            $sizes->size(UsualSize::GapLeast),
            $by($wet)->minus(Length::nm(1))->roundedUpTo($sizes->size(UsualSize::GapStep)),
        );

        return new self($moves, $wet, $dry, $gap, $gap->plus($by($dry)));
    }

    /**
     * @param  string  $where  the board's place in the document
     * @return list<Fault> what its tongue, or a gap without one, makes of it
     */
    public function faults(Board $board, Sizes $sizes, string $where): array
    {
        $keep = $sizes->size(UsualSize::TongueKeep);
        if ($board->isTongued()) {
            return $this->opens->isOver($board->tongue->minus($keep))
                ? [
                    Fault::settle('tongue-short', "{$where}.tongue", [
                        'tongue' => $board->tongue,
                        'opens' => $this->opens,
                        'least' => $this->opens->plus($keep),
                    ]),
                ]
                : [];
        }

        return $this->opens->isOver($sizes->size(UsualSize::DryMost))
            ? [Fault::note('gap-opens', "{$where}.width", ['opens' => $this->opens])]
            : [];
    }
}
