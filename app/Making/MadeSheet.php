<?php

declare(strict_types=1);

namespace App\Making;

use App\Words\Speaker;
use App\Words\StepWords;
use YokeLine\Drawing\LeafBuilt;
use YokeLine\Drawing\LeafSolid;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Svg;
use YokeLine\Inspection\MadeFaults;
use YokeLine\Making\LeafMade;
use YokeLine\Making\OddEnd;
use YokeLine\Making\Part;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Setout;
use YokeLine\Stock\MadeCut;
use YokeLine\Stock\Piece;
use YokeLine\Work\Order;
use YokeLine\Work\Step;

/** A leaf that is built, told for the shop: drawn, part by part, what it is cut from, how it is made. */
final readonly class MadeSheet
{
    private function __construct(
        private Plan $plan,
        private LeafMade $leaf,
        private string $name,
        private bool $isOneOfTwo,
        private LengthWriter $write,
        private Speaker $speak,
    ) {}

    /** @return list<self> one for each that differs; none of a leaf that is bought */
    public static function of(Setout $setout): array
    {
        $plan = $setout->plan;
        $making = $plan?->making;
        if ($plan === null || $making === null) {
            return [];
        }
        $names = array_keys($plan->layout->runs);
        $sheets = [];
        foreach ($making->leaves() as $i => $leaf) {
            $sheets[] = new self(
                $plan,
                $leaf,
                $names[$i] ?? $names[0],
                $making->other !== null,
                $setout->write,
                Speaker::in($setout->write),
            );
        }

        return $sheets;
    }

    public function title(): string
    {
        $built = Speaker::words('bench.made.leaf');

        return $this->isOneOfTwo
            ? "{$built}: {$this->speak->say(Message::word('leaves', $this->name))}"
            : $built;
    }

    public function summary(): string
    {
        $coats = $this->plan->doorway->brief->rules->schedule->coatsLeaf;

        return $this->speak->say(new Message('bench.made.made-up', [
            'kg' => Quantity::kilograms($this->leaf->kg),
            'thickness' => $this->leaf->thickness,
            'coats' => $coats,
            'litres' => round(($this->leaf->area() * $coats) / 10, 1),
        ]));
    }

    /** '' where the guide runs in none. */
    public function channel(): string
    {
        $channel = $this->leaf->channel;

        return $channel === null
            ? ''
            : $this->speak->say(new Message('bench.made.channel', [
                'width' => $channel->width,
                'depth' => $channel->depth,
                'back' => $channel->fromBack,
            ]));
    }

    public function drawing(): string
    {
        return Svg::write($this->scene());
    }

    public function scene(): Scene
    {
        return LeafBuilt::of($this->leaf, $this->speak);
    }

    /** Where it is solid, and where it is wanted to be. */
    public function solid(): Scene
    {
        return LeafSolid::of($this->leaf, $this->speak);
    }

    public function solidDrawing(): string
    {
        return Svg::write($this->solid());
    }

    /** @return list<OldLeafSheet> those it is made from, the leading one first */
    public function oldLeaves(): array
    {
        return array_map(
            fn (int $nth) => new OldLeafSheet($this->leaf, $nth, $this->speak),
            array_keys($this->leaf->old),
        );
    }

    public function unit(): Unit
    {
        return $this->write->unit;
    }

    /** @return list<string> each bar with what is cut from it, the longest piece first */
    public function bars(): array
    {
        $told = [];
        foreach (MadeCut::of($this->leaf, $this->alike()) as $cut) {
            if ($cut->tooLong() !== null) {
                $told[] = "{$this->cut($cut)['section']}: {$this->cut($cut)['too-long']}";

                continue;
            }
            foreach ($cut->plan()->bars as $bar) {
                $told[] = $this->speak->say(new Message('bench.made.bar', [
                    'wood' => Message::word('made-of', $cut->wood),
                    'thickness' => $cut->thickness,
                    'width' => $cut->width,
                    'long' => $bar->stock,
                    'pieces' => array_map(fn (Piece $piece) => $piece->length, $bar->pieces),
                    'rest' => $bar->offcut,
                ]));
            }
        }

        return $told;
    }

    /** @return list<array{string, list<array{float, float}>}> what they are called, and their outline true to size */
    public function oddEnds(): array
    {
        $odd = [];
        foreach ($this->leaf->parts as $i => $part) {
            $points = OddEnd::of($part);
            if ($points !== null) {
                $called = ucfirst($this->word('made-parts', $part->kind));
                $odd[] = [($i + 1).". {$part->count} × {$called}", $points];
            }
        }

        return $odd;
    }

    private function alike(): int
    {
        $making = $this->plan->making;

        return $making === null ? 1 : MadeFaults::alike($this->plan, $making);
    }

    /** @return list<array<string, string>> */
    public function parts(): array
    {
        return array_map(
            fn (Part $part) => [
                'called' => ucfirst($this->word('made-parts', $part->kind)),
                'how' => $this->how($part),
                'count' => (string) $part->count,
                'length' => $this->write->show($part->length),
                'width' => $this->size($part->width),
                'thickness' => $this->size($part->thickness),
                'wood' => $this->word('made-of', $part->wood),
            ],
            $this->leaf->parts,
        );
    }

    /** @return list<array<string, string>> */
    public function cuts(): array
    {
        return array_map($this->cut(...), MadeCut::of($this->leaf, $this->alike()));
    }

    /** @return array<string, string> */
    private function cut(MadeCut $cut): array
    {
        $tooLong = $cut->tooLong();
        $plan = $tooLong === null ? $cut->plan() : null;

        return [
            'section' => "{$this->write->show($cut->thickness)} × {$this->write->show($cut->width)}",
            'wood' => $this->word('made-of', $cut->wood),
            'pieces' => (string) count($cut->pieces),
            'bars' => (string) count($plan->bars ?? []),
            'bought' => $this->size($plan?->bought()),
            'rest' => $this->size($plan?->longestOffcut()),
            'too-long' => $tooLong === null
                ? ''
                : $this->speak->say(new Message('bench.made.too-long', ['length' => $tooLong])),
        ];
    }

    /** @return list<string> */
    public function fasteners(): array
    {
        $told = [];
        foreach ($this->leaf->fasteners as $one) {
            $long = $one->length === null ? '' : ' '.$this->write->show($one->length);
            $told[] = "{$one->count} {$this->word('made-fasteners', $one->kind)}{$long}";
        }
        if ($this->leaf->glueG() > 0) {
            $told[] = $this->speak->say(new Message('bench.made.glue', ['g' => $this->leaf->glueG()]));
        }

        return $told;
    }

    /** @return list<array{do: string, takes: string}> */
    public function steps(): array
    {
        $of = $this->plan->onlyLeaf() === null ? $this->name : '';
        $steps = array_filter(
            Order::of($this->plan)->steps,
            fn (Step $step) => $step->kind()->isMaking() && $step->of() === $of,
        );

        return array_values(array_map(
            fn (Step $step) => [
                'do' => StepWords::kind($step->kind()),
                'takes' => $this->speak->say(new Message('bench.made.minutes', [
                    'minutes' => $step->minutes,
                    'count' => $step->people,
                ])),
            ],
            $steps,
        ));
    }

    private function how(Part $part): string
    {
        return match (true) {
            $part->angle !== null => $this->speak->say(
                new Message('bench.made.angle', ['angle' => round($part->angle, 1)]),
            ),
            $part->edges !== null => $this->speak->say(
                new Message('bench.made.edges', ['short' => $part->edges[0], 'long' => $part->edges[1]]),
            ),
            $part->cutFoot?->isPositive() === true => $this->speak->say(
                new Message('bench.made.foot', ['cut' => $part->cutFoot]),
            ),
            default => '',
        };
    }

    private function word(string $list, string $word): string
    {
        return $this->speak->say(Message::word($list, $word));
    }

    private function size(?Length $size): string
    {
        return $size === null ? '' : $this->write->show($size);
    }
}
