<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** What was cut into an old leaf, u from its leading edge and v from its foot. */
final readonly class OldHole
{
    /**
     * @param  'leading'|'trailing'|'face'  $in
     * @param  Span  $u  of one in the face
     * @param  Length  $width  of one in an edge, across the leaf's thickness; of one in the face its diameter
     * @param  Length  $depth  of one in an edge
     */
    private function __construct(
        public string $kind,
        public string $in,
        public Span $u,
        public Span $v,
        public Length $width,
        public Length $depth,
    ) {}

    /** @param  'leading'|'trailing'  $edge */
    public static function inEdge(
        string $kind,
        string $edge,
        Length $v,
        Length $height,
        Length $width,
        Length $depth,
    ): self {
        $none = new Span(Length::zero(), Length::zero());

        return new self($kind, $edge, $none, Span::from($v->minus($height->half()), $height), $width, $depth);
    }

    public static function inFace(string $kind, Length $u, Length $v, Length $diameter): self
    {
        $around = fn (Length $at) => Span::from($at->minus($diameter->half()), $diameter);

        return new self($kind, 'face', $around($u), $around($v), $diameter, Length::zero());
    }
}
