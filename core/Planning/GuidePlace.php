<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Groove;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\HouseRules;
use YokeLine\Doorway\Kit;
use YokeLine\Making\Channel;
use YokeLine\Making\Fin;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;

/** Where the floor guide stands and how well it holds. */
final readonly class GuidePlace
{
    /** So much at most a groove stops short of the leading edge, where it stops short. */
    private const STOPS_SHORT_MM = 60;

    /** A groove is so much deeper than the guide bites. */
    public static function deeper(Unit $unit): Length
    {
        return $unit->usual(Length::mm(3), Length::sixteenths(2));
    }

    /**
     * @param  Sum  $middle  of the window
     * @param  ?Length  $at  its middle, null where the window is too short for it
     * @param  ?Length  $grooveFrom  from the leading edge, where the groove stops short of it
     * @param  Sum  $hold  how far it reaches past the foot of the leaf: the bite of a fin, the reach of a cheek
     */
    private function __construct(
        public Span $window,
        public ?Length $at,
        public Sum $middle,
        public Length $shortfall,
        public Sum $hold,
        public ?Length $grooveDepth,
        public ?Length $grooveWidth,
        public ?Length $grooveFrom = null,
    ) {}

    public static function of(
        Window $window,
        Floor $floor,
        Kit $kit,
        HouseRules $rules,
        Length $stile,
        Length $gap,
        Grid $grid,
        Unit $unit,
    ): self {
        $guide = $kit->guide;
        $short = $guide->length->minus($window->length())->orZeroIfNegative();
        $half = Sum::of('half-window')->plus('window', $window->length());
        $at = Sum::of('middle-guide')
            ->place('guide-window-from', $window->from)
            ->plus('half-window', $half->becomes($window->span()->middle()->minus($window->from->total), 'halved'));
        // On the tape, if what the window has to spare allows it.
        $onTape = $grid->nearest($at->total);
        if (! $onTape->minus($at->total)->absolute()->isOver($window->length()->minus($guide->length)->half())) {
            $at = $at->becomes($onTape, 'on-the-tape');
        }
        $middle = $at->total;
        $groove = $guide->style->needsGroove();
        $hold = Sum::of($groove ? 'bite-fin' : 'reach-up-leaf')
            ->plus($groove ? 'blade-height' : 'cheek', $groove ? $guide->bladeHeight : $guide->cheek)
            ->minus('floor-gap', $gap)
            ->plus('floor-at-guide', $floor->at($middle));

        return new self(
            $window->span(),
            $short->isPositive() ? null : $middle,
            $at,
            $short,
            $hold,
            $groove ? $hold->total->plus(self::deeper($unit)) : null,
            $guide->grooveWidth($rules->guideTouch, $unit),
            $groove && $rules->groove === Groove::Stopped
                ? Length::least($stile->half(), Length::mm(self::STOPS_SHORT_MM))
                : null,
        );
    }

    /** Where the fin runs in a channel that was built, instead of a groove. */
    public function inChannel(Channel $channel): self
    {
        return new self(
            $this->window,
            $this->at,
            $this->middle,
            $this->shortfall,
            $this->hold,
            $channel->depth,
            $channel->width,
        );
    }

    /**
     * The fin that runs in the foot of a leaf, of two the one that reaches deeper; null where the guide is none.
     *
     * @param  non-empty-array<string, self>  $guides
     */
    public static function fin(Kit $kit, array $guides): ?Fin
    {
        $fin = null;
        foreach ($guides as $guide) {
            if ($guide->grooveDepth === null || $guide->grooveWidth === null) {
                continue;
            }
            $bite = $guide->hold->total;
            if ($fin === null || $bite->isOver($fin->bite)) {
                $fin = new Fin($kit->guide->bladeThickness, $bite, $guide->grooveWidth, $guide->grooveDepth);
            }
        }

        return $fin;
    }

    /** A roller stands on the wall beside the casing; every other guide stands on the floor before it. */
    public static function casingInTheWay(Kit $kit, Length $casing): Length
    {
        return $kit->guide->style === GuideStyle::WallRoller ? $casing : Length::zero();
    }
}
