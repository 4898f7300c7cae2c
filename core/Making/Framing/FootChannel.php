<?php

declare(strict_types=1);

namespace YokeLine\Making\Framing;

use YokeLine\Doorway\Made\Framed;
use YokeLine\Making\Channel;
use YokeLine\Making\Fault;
use YokeLine\Making\Fin;
use YokeLine\Making\Part;
use YokeLine\Making\UsualSize;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Length;

/** What the raised bottom strip leaves free for the fin of the guide. */
final readonly class FootChannel
{
    /** A blade and its channel: play that is least, and most, both sides together. */
    private const LEAST_PLAY_NM = 1_500_000;

    private const MOST_PLAY_NM = 3_000_000;

    /** A channel is so much deeper than the fin bites. */
    private const DEEPER_NM = 3_000_000;

    /** How far the bottom strip is raised: the channel's depth. */
    public Length $raise;

    public function __construct(private Framed $build, private Wanted $wanted)
    {
        $deep = $wanted->fin?->bite->plus(Length::nm(self::DEEPER_NM));
        $this->raise =
            $build->raise ??
            ($deep?->minus(Length::nm(1))->roundedUpTo($wanted->size(UsualSize::RaiseStep)) ?? Length::zero());
    }

    public function channel(): ?Channel
    {
        return $this->wanted->fin === null ? null : new Channel(
            true,
            $this->width(),
            $this->raise,
            $this->build->backBoard->thickness->plus($this->build->filler->half()),
            Length::least($this->build->backBoard->thickness, $this->build->thickness),
            $this->wanted->fin->bite,
        );
    }

    /** @return list<Part> */
    public function lining(): array
    {
        return $this->build->lining === null || ! $this->raise->isPositive()
            ? []
            : [
                new Part(
                    'lining',
                    2,
                    $this->wanted->width,
                    $this->raise,
                    $this->build->lining,
                    $this->build->fillerSpecies,
                ),
            ];
    }

    /** @return list<Fault> */
    public function faults(): array
    {
        $fin = $this->wanted->fin;

        return $fin === null ? [] : [...$this->playFaults($fin), ...$this->depthFaults($fin)];
    }

    /** @return list<Fault> */
    private function playFaults(Fin $fin): array
    {
        $faults = [];
        $width = $this->width();
        $play = $width->minus($fin->blade);
        $least = Length::nm(self::LEAST_PLAY_NM);
        $spare = Length::nm(1);
        if ($play->plus($spare)->isUnder($least)) {
            $numbers = ['width' => $width, 'least' => $fin->blade->plus($least)];
            $faults[] = $play->isPositive()
                ? Fault::settle('channel-tight', 'filler.thickness', $numbers)
                : Fault::stop('channel-tight', 'filler.thickness', $numbers);
        }
        $most = Length::nm(self::MOST_PLAY_NM);
        if ($play->minus($spare)->isOver($most)) {
            $lining = $this->build->filler->minus($fin->blade, $least)->half();
            $faults[] = Fault::settle('channel-loose', 'lining', [
                'width' => $width,
                'most' => $fin->blade->plus($most),
                'lining' => $lining->plus($spare)->roundedDownTo($this->wanted->size(UsualSize::LiningStep)),
            ]);
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function depthFaults(Fin $fin): array
    {
        $deep = $fin->bite->plus(Length::nm(self::DEEPER_NM));
        $raised = $this->raise->plus(Length::nm(1));
        $numbers = ['depth' => $this->raise, 'least' => $deep];

        return match (true) {
            $raised->isUnder($fin->bite) => [Fault::stop('channel-shallow', 'raise', $numbers)],
            $raised->isUnder($deep) => [Fault::settle('channel-shallow', 'raise', $numbers)],
            default => [],
        };
    }

    private function width(): Length
    {
        return $this->build->filler->minus(($this->build->lining ?? Length::zero())->times(2));
    }
}
