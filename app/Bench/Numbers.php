<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\LineHeight;
use App\Words\Speaker;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/** The numbers of a plan that one reads out. */
final readonly class Numbers
{
    public function __construct(private Setout $setout) {}

    /**
     * The numbers one reads out: key of the sum behind it => what it is, and the number.
     *
     * @return array<string, array{0: string, 1: string, 2?: string}>
     */
    public function readOut(): array
    {
        $plan = $this->setout->plan;
        if ($plan === null) {
            return [];
        }
        $say = $this->setout->write->show(...);
        $line = LineHeight::of($plan, $this->setout->write);

        return [
            $line->why => [$line->caption, $line->number, $line->beside],
            'leaf.width' => [Speaker::words('bench.numbers.width'), $say($plan->layout->width->size->total)],
            'leaf.height' => [Speaker::words('bench.numbers.height'), $say($plan->heights->leaf->size->total)],
            'rail.length' => [
                Speaker::words('bench.numbers.rail', ['count' => count($plan->rail->pieces)]),
                $say($plan->rail->length->total),
                Speaker::words('bench.numbers.by-thumb', [
                    'thumb' => $say($plan->railByThumb()),
                    'needed' => $say($plan->rail->least->total),
                ]),
            ],
            ...$plan->header === null
                ? []
                : ['header.bottom' => [Speaker::words('bench.numbers.header'), $say($plan->header->foot->total)]],
            ...$this->travels($plan),
        ];
    }

    /** Which of several alike a sum is, for the table of numbers: the leaf of a pair, or the place along the wall. */
    public function whichOf(string $key): string
    {
        [$of, $number] = [strtok($key, '.'), (string) strtok('')];

        return match (true) {
            $of === 'up' => Speaker::words('bench.numbers.at', [
                'x' => $this->setout->write->show(
                    $this->setout->plan?->readingPlaces()[(int) $number] ?? Length::zero(),
                ),
            ]),
            $of !== 'leaf' && isset($this->setout->plan?->layout->runs[$of]) => ', '.
                Speaker::words("words.leaves.{$of}"),
            default => '',
        };
    }

    /** @return array<string, array{string, string}> */
    private function travels(Plan $plan): array
    {
        $say = $this->setout->write->show(...);
        $travels = [];
        foreach ($plan->layout->runs as $leaf => $run) {
            $travels["{$leaf}.travel"] = [
                count($plan->layout->runs) === 1
                    ? Speaker::words('bench.numbers.travel')
                    : Speaker::words('bench.numbers.travel-of', ['door' => Speaker::words("words.leaves.{$leaf}")]),
                $say($run->travel->total),
            ];
        }
        if (count($travels) > 1 && count(array_unique(array_column($travels, 1))) === 1) {
            return [
                array_key_first($travels) => [
                    Speaker::words('bench.numbers.each-travels'),
                    $travels[array_key_first($travels)][1],
                ],
            ];
        }

        return $travels;
    }
}
