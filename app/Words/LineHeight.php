<?php

declare(strict_types=1);

namespace App\Words;

use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;

/** The height of the rail as this house means it, and beside it what else it can mean: kits' sheets differ. */
final readonly class LineHeight
{
    private const WHY = ['hole' => 'yoke_line', 'top' => 'line.top', 'foot' => 'line.foot'];

    /** @param  string  $why  the key of the sum that it comes from */
    private function __construct(
        public string $caption,
        public string $number,
        public string $beside,
        public string $why,
    ) {}

    /** What it is, and where from: the floor is not level. */
    public function whole(): string
    {
        return Speaker::words('words.from-high-spot', ['what' => $this->caption]);
    }

    public static function of(Plan $plan, LengthWriter $write): self
    {
        $heights = $plan->lineHeights();
        $first = (string) array_key_first($heights);
        $number = $write->show($heights[$first]->total);
        unset($heights[$first]);
        $beside = [];
        foreach ($heights as $means => $height) {
            $beside[] = Speaker::words("words.line-beside.{$means}", ['height' => $write->show($height->total)]);
        }

        $caption = Speaker::words("words.line-means.{$first}");

        return new self($caption, $number, implode(', ', $beside), self::WHY[$first]);
    }
}
