<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fixing;
use YokeLine\Holding\Layers;
use YokeLine\Holding\Member;
use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Depth;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Plan;
use YokeLine\Work\StepKind;

/** Something behind the leaf stands further out than was measured. */
final readonly class LeafRubs
{
    /** @param  array<string, Length>  $found  place in the document => how far it really stands out */
    public function __construct(private OnSite $site, private array $found) {}

    /** What is left behind the leaf, as it is. */
    public function clearance(): Length
    {
        return ($this->site->again($this->found) ?? $this->site->plan)->innerDepth()->clearance->total;
    }

    public function short(): Length
    {
        return Depth::wanted()->minus($this->clearance())->orZeroIfNegative();
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        return $this->short()->isZero() ? [] : WayOut::ranked([$this->spacer(), $this->thinner(), $this->ease()]);
    }

    private function spacer(): WayOut
    {
        $plan = $this->site->plan;
        $thick = $this->short()->roundedUpTo($plan->doorway->units->step());
        $changes = [...$this->found, 'brief.rules.spacer' => $plan->doorway->brief->rules->spacer->plus($thick)];
        $again = $this->site->again($changes) ?? $plan;
        $redo = $this->site->isDone(StepKind::RailUp) ? [StepKind::RailUp, StepKind::RailTrue] : [];

        return new WayOut(
            'rubs',
            'spacer',
            true,
            0,
            $redo,
            $this->site->minutes($redo),
            '',
            [
                'thickness' => $thick,
                'rail_centre' => $again->innerDepth()->rail->total,
                'leaf_back' => $again->innerDepth()->leafBack->total,
                'clearance' => $again->innerDepth()->clearance->total,
                'grip' => Layers::of($again)->grip,
                'bolt_into_board' => $this->bolts(Member::Board, [$plan, $again]),
                'bolt_into_stud' => $this->bolts(Member::Stud, [$plan, $again]),
            ],
            $this->site->written($changes),
        );
    }

    private function thinner(): WayOut
    {
        $plan = $this->site->again($this->found) ?? $this->site->plan;
        $isProudest = $plan->header !== null && $plan->innerDepth()->proudest === 'header';
        $works = $isProudest && ! $this->site->isDone(StepKind::BoardFix);
        $thin = $plan->header === null
            ? null
            : Grid::of($plan->doorway)->downToSixteenth($plan->header->thickness->minus($this->short()));

        return new WayOut(
            'rubs',
            'thinner-board',
            $works && $thin?->isPositive() === true,
            0,
            [],
            0,
            $isProudest ? ($works ? 'thinner' : 'fixed') : 'other',
            [],
            with: [
                'thin' => $thin ?? Length::zero(),
                'what' => Sum::called($plan->innerDepth()->proudest ?: 'wall'),
            ],
        );
    }

    private function ease(): WayOut
    {
        $off = Grid::of($this->site->plan->doorway)->upToSixteenth($this->short());

        return new WayOut(
            'rubs',
            'ease',
            true,
            1,
            [StepKind::Ease],
            $this->site->minutes([StepKind::Ease]),
            '',
            ['off' => $off],
            $this->site->written([
                ...array_map(fn (Length $out) => $out->minus($off), $this->found),
                'survey.eased' => true,
            ]),
        );
    }

    /**
     * @param  list<Plan>  $plans  before and after
     * @return list<?Length>
     */
    private function bolts(Member $into, array $plans): array
    {
        return array_map(function (Plan $plan) use ($into) {
            $bolts = array_values(
                array_filter(
                    Anchoring::of($plan)->fixings,
                    fn (Fixing $fixing) => $fixing->into === $into && $fixing->kind !== 'header-screw',
                ),
            );

            return $bolts === [] ? null : $bolts[0]->length;
        }, $plans);
    }
}
