<?php

declare(strict_types=1);

namespace App\Site;

use App\Words\Speaker;
use App\Words\StepWords;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;
use YokeLine\Planning\RailCut;
use YokeLine\Work\AtHand;
use YokeLine\Work\Drive;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** What one has at hand for a step, and what one hesitates over. */
final readonly class StepHand
{
    public function __construct(private Plan $plan, private Speaker $speak) {}

    /** @return list<string> */
    public function hand(Step $step): array
    {
        $says = match ($step->kind()) {
            StepKind::RailUp => [
                $this->turn('insert', Drive::of($this->plan)->insert),
                ...array_slice(AtHand::hanger($this->plan), 0, 3),
            ],
            StepKind::CutRail => $this->cut(),
            StepKind::RailTrue => [$this->turn('tighten', Drive::of($this->plan)->tighten)],
            StepKind::FitHangers, StepKind::Hang => array_slice(AtHand::hanger($this->plan), 0, 3),
            StepKind::StopsOn,
            StepKind::CatchesOn,
            StepKind::SetStops,
            StepKind::SetCatches,
            StepKind::DiscsIn => AtHand::stop($this->plan),
            StepKind::MarkGuide, StepKind::FixGuide => AtHand::guide($this->plan),
            StepKind::FitTriggers => AtHand::catchScrews($this->plan),
            StepKind::BoreLeaf => [new Message('site.hand', [], 'square')],
            default => [],
        };

        return array_values(
            array_filter([
                StepWords::howTight($step),
                ...array_map($this->speak->say(...), $says),
                StepWords::why($step),
            ]),
        );
    }

    /** @return list<Message> */
    private function cut(): array
    {
        $cut = RailCut::of($this->plan);
        $left = array_map($this->speak->lengths()->show(...), $cut->left ?? []);

        return $cut === null
            ? []
            : [
                new Message(
                    'site.hand',
                    [
                        'bar' => $cut->bar,
                        'end' => Message::word('sides', $cut->end),
                        'bored' => implode(', ', $cut->bored) ?: '–',
                        'left' => implode(', ', $left) ?: '–',
                    ],
                    'rail-cut',
                ),
            ];
    }

    /** @param  list<int>  $holes  in which turn their bolts are driven */
    private function turn(string $how, array $holes): Message
    {
        return new Message('site.hand', ['turn' => implode(', ', $holes)], "turn-{$how}");
    }
}
