<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Cover;
use YokeLine\Doorway\HouseRules;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** What the shut leaf must span: the opening or its casing, and an overlap past it. */
final readonly class Covering
{
    private function __construct(public Sum $left, public Sum $right) {}

    public static function of(Room $room, HouseRules $rules, Grid $grid): self
    {
        $opening = $room->opening;
        $jambs = $opening->span();
        $left = Sum::of('must-cover-from')->place('left-jamb', $jambs->low);
        $right = Sum::of('must-cover-to')->place('right-jamb', $jambs->high);

        [$left, $right] =
            $rules->cover === Cover::Casing
                ? [
                    $left->minus('left-casing', $opening->casing->left)->minus('casing-margin', $rules->casingMargin),
                    $right->plus('right-casing', $opening->casing->right)->plus('casing-margin', $rules->casingMargin),
                ]
                : [
                    $left->minus('side-overlap', $rules->sideOverlap),
                    $right->plus('side-overlap', $rules->sideOverlap),
                ];

        return new self($grid->start($left), $grid->start($right));
    }

    public function span(): Span
    {
        return new Span($this->left->total, $this->right->total);
    }

    public function width(): Sum
    {
        return Sum::of('needed-leaf-width')
            ->place('must-cover-to', $this->right)
            ->fromPlace('must-cover-from', $this->left);
    }

    public function mirrored(): self
    {
        return new self(
            $this->right->mirrored()->renamed('must-cover-from'),
            $this->left->mirrored()->renamed('must-cover-to'),
        );
    }
}
