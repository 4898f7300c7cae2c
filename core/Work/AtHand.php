<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\Backing;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\StopStyle;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;

/** What people hesitate over with the part in their hand: which way round, how tight, in what order. */
final class AtHand
{
    /** @return list<Message> */
    public static function hanger(Plan $plan): array
    {
        return self::lines([
            $plan->header === null ? 'standoff-wall' : 'standoff-board',
            $plan->kit->hanger->style === HangerStyle::FaceStrap ? 'strap' : 'plate',
            'tighten',
            $plan->header === null && $plan->doorway->survey->lining?->kind === LiningKind::Gypsum ? 'soft-lining' : '',
            $plan->backing() === Backing::Toggle ? 'toggle' : '',
            'trial',
            'tape',
        ]);
    }

    /** @return list<Message> */
    public static function stop(Plan $plan): array
    {
        $says = self::lines([
            'buffer-to-door',
            match ($plan->kit->stop->style) {
                StopStyle::Collar, StopStyle::SlideOn => 'stop-before-rail',
                StopStyle::ClampOn => 'stop-clamps',
                StopStyle::Drilled => 'stop-drilled',
                StopStyle::Buffer => 'stop-buffer',
            },
            'stop-snug',
            $plan->hasSoftClose() ? 'catches-differ' : '',
            $plan->kit->jumpDisc !== null ? 'discs-in' : '',
        ]);

        return [...$says, ...self::catchScrews($plan)];
    }

    /** @return list<Message> which of two lengths goes where: they are easily swapped */
    public static function catchScrews(Plan $plan): array
    {
        $soft = $plan->hasSoftClose() ? $plan->kit->softClose : null;

        return $soft?->shortScrews === null || $soft->longScrews === null
            ? []
            : [new Message('site.hand', ['short' => $soft->shortScrews, 'long' => $soft->longScrews], 'catch-screws')];
    }

    /** @return list<Message> */
    public static function guide(Plan $plan): array
    {
        return self::lines([
            match ($plan->kit->guide->style) {
                GuideStyle::TFin, GuideStyle::DoubleFin => 'fin',
                GuideStyle::UShoe => 'shoe',
                GuideStyle::WallRoller => 'roller',
            },
            'screws',
            $plan->doorway->survey->hasHardFloor() ? 'hard-floor' : '',
            $plan->doorway->survey->pile?->isPositive() ? 'carpet' : '',
        ]);
    }

    /**
     * @param  list<string>  $codes  '' where it does not apply
     * @return list<Message>
     */
    private static function lines(array $codes): array
    {
        return array_values(array_map(fn (string $code) => new Message('site.hand', [], $code), array_filter($codes)));
    }
}
