<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\Kit;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Message;

/** What the kit's sheet leaves out and this plan rests on: it is asked where it first matters. */
final class KitTold implements Check
{
    public function look(CheckContext $context): iterable
    {
        $asked = array_values(
            array_filter($context->kit->usual, fn (string $key) => self::matters($context->kit, $key)),
        );
        if ($asked !== []) {
            yield new Finding(
                FindingCode::KitUsual,
                Severity::Settle,
                'brief.kit',
                [
                    'kit' => $context->kit->name,
                    'what' => array_map(fn (string $key) => new Message('place', ['n' => 0], "kit.{$key}"), $asked),
                ],
                $context->otherKits(),
            );
        }
    }

    private static function matters(Kit $kit, string $key): bool
    {
        return match (true) {
            str_starts_with($key, 'guides') => false,
            str_starts_with($key, 'guide.blade') => $kit->guide->style->needsGroove(),
            str_starts_with($key, 'guide.') => ! $kit->guide->isBought,
            $key === 'hanger.hole_diameter' => $kit->hanger->style === HangerStyle::FaceStrap,
            $key === 'hanger.strap_thickness' => $kit->hanger->style === HangerStyle::FaceStrap,
            default => true,
        };
    }
}
