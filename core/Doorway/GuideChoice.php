<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Which floor guide this house takes: the kit's own, or one of a kind whatever the kit comes with. */
enum GuideChoice: string
{
    case Kit = 'kit';
    case Fin = 'fin';
    case Shoe = 'shoe';
    case Roller = 'roller';

    /** @return list<GuideStyle> the best first; none where it is the kit's own */
    public function styles(): array
    {
        return match ($this) {
            self::Kit => [],
            self::Fin => [GuideStyle::TFin, GuideStyle::DoubleFin],
            self::Shoe => [GuideStyle::UShoe],
            self::Roller => [GuideStyle::WallRoller],
        };
    }
}
