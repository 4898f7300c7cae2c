<?php

declare(strict_types=1);

namespace App\Words;

use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;

/** The height of the rail as this house means it, and beside it what else it can mean: kits' sheets differ. */
final readonly class LineHeight
{
    private function __construct(public string $caption, public string $number, public string $beside) {}

    /** What it is, and where from: the floor is not level. */
    public function whole(): string
    {
        return Speaker::words('words.from-high-spot', ['what' => $this->caption]);
    }

    public static function of(Plan $plan, LengthWriter $write): self
    {
        $heights = $plan->lineHeights();
        $first = (string) array_key_first($heights);
        $number = $write->show($heights[$first]);
        unset($heights[$first]);
        $beside = [];
        foreach ($heights as $means => $height) {
            $beside[] = Speaker::words("words.line-beside.{$means}", ['height' => $write->show($height)]);
        }

        return new self(Speaker::words("words.line-means.{$first}"), $number, implode(', ', $beside));
    }
}
