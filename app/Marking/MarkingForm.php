<?php

declare(strict_types=1);

namespace App\Marking;

use App\Bench\DoorwayForm;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use App\Words\BenchWords;
use App\Words\Speaker;
use YokeLine\Doorway\Marking;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Hook;
use YokeLine\Marks\Proof;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** How one marks out here, and what every tape then reads. */
readonly class MarkingForm extends DoorwayForm
{
    private const PULLS = 3;

    /** @return list<Group> */
    public function groups(): array
    {
        $marking = $this->marking();

        return [
            Group::named('tapes', [
                ...$this->pullRows(),
                Row::of(Field::of('marking.tape', grey: $this->tape())),
                Row::of(Field::of('marking.line')),
                Row::of(Field::of('marking.rail_up')),
            ]),
            Group::named('other-tapes', [
                ...$this->plan()->header === null
                    ? []
                    : [Row::of(Field::of('marking.pulls.board[0]', grey: 'end-l right'))],
                Row::of(Field::of('marking.pulls.rail[0]', grey: 'end-l right')),
                Row::of($this->pull('floor', 0, Pulls::floorHooks($this->plan()))),
            ]),
            Group::named(
                'heights',
                [
                    Row::of(Field::of('brief.rules.heights')->asList()),
                    ...$marking->heights === 'laser' ? [Row::of(Field::of('marking.laser'))] : [],
                ],
                note: $marking->heights === 'laser' ? BenchWords::note('laser') : '',
            ),
        ];
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/marks/changes";
    }

    public function plan(): Plan
    {
        return $this->setout->plan ?? abort(404, Speaker::words('refusals.no-plan'));
    }

    public function marking(): Marking
    {
        return $this->setout->doorway->marking;
    }

    public function provedAt(): Length
    {
        return Proof::place($this->plan());
    }

    public function packing(): Length
    {
        return $this->marking()->packing ?? $this->plan()->heights->gap->low;
    }

    /** Where the laser's line is; null where nobody has read it. */
    public function laser(): ?Length
    {
        $reading = $this->marking()->laser;

        return $reading === null ? null : Heights::laser($this->plan(), Heights::highSpot($this->plan()), $reading);
    }

    /** @return array<string, Pulls> by tape, those on which there is a mark */
    public function pulls(): array
    {
        $plan = $this->plan();
        $marks = [
            'wall' => Tapes::wall($plan),
            'board' => Tapes::board($plan),
            'rail' => Tapes::rail($plan),
            'floor' => Tapes::floor($plan),
        ];
        $hooks = [
            'wall' => $this->hooks(),
            'board' => Pulls::ends($plan->header?->span->length() ?? Length::zero(), $this->isFromRight('board')),
            'rail' => Pulls::ends($plan->rail->span->length(), $this->isFromRight('rail')),
            'floor' => Pulls::floorHooks($plan),
        ];
        $pulls = [];
        foreach (array_filter($marks) as $tape => $on) {
            $pulls[$tape] = Pulls::of(
                $on,
                $hooks[$tape],
                $this->tape(),
                $this->setout->write->step(),
                $this->marking()->pulls[$tape],
            );
        }

        return $pulls;
    }

    private function tape(): Length
    {
        return $this->marking()->tape ?? $this->plan()->doorway->tape();
    }

    /** @return non-empty-list<Hook> */
    private function hooks(): array
    {
        return Pulls::hooks($this->plan(), $this->marking()->line, $this->marking()->railIsUp);
    }

    private function isFromRight(string $tape): bool
    {
        return in_array('end-r left', $this->marking()->pulls[$tape], true);
    }

    /** @return list<Row> the pulls that were chosen, and one to choose */
    private function pullRows(): array
    {
        $count = count($this->marking()->pulls['wall']);
        $row = fn (int $i) => new Row(
            BenchWords::say('rows.run', ['n' => $i + 1]),
            [$this->pull('wall', $i, $this->hooks())],
            $i < $count ? "marking.pulls.wall[{$i}]" : null,
        );

        return array_map($row, range(0, min($count, self::PULLS - 1)));
    }

    /** @param  non-empty-list<Hook>  $hooks */
    private function pull(string $tape, int $i, array $hooks): Field
    {
        $options = ['' => BenchWords::say('least-hooked')];
        foreach ($hooks as $hook) {
            foreach ($hook->ways as $way) {
                $options[$hook->pull($way)] = BenchWords::say('hook-to.'.($way === 1 ? 'right' : 'left'), [
                    'hook' => Speaker::in($this->setout->write)->say($hook->says()),
                ]);
            }
        }

        return Field::of("marking.pulls.{$tape}[{$i}]", $i + 1, options: $options)->asList();
    }
}
