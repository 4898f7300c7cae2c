<?php

declare(strict_types=1);

namespace App\Marking;

use App\Bench\DoorwayForm;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use YokeLine\Doorway\Marking;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Hook;
use YokeLine\Marks\Names;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** How one marks out here, and what every tape then reads. */
final readonly class MarkingForm extends DoorwayForm
{
    private const PULLS = 3;

    /** @return list<Group> */
    public function groups(): array
    {
        $marking = $this->marking();

        return [
            new Group('Along the wall', [
                ...$this->pullRows(),
                Row::of(Field::length('marking.tape', 'Tape is long', $this->tape())),
                Row::of(Field::length('marking.line', 'Pencil line at')),
                Row::of(Field::flag('marking.rail_up', 'The rail', 'is up', 'is not up')),
            ], 'A pull that is chosen stays; others come in only where it does not reach.'),
            new Group('Other tapes', [
                ...($this->plan()->header === null ? [] : [$this->end('board', 'Board')]),
                $this->end('rail', 'Rail'),
                Row::of($this->pull('floor', 0, 'Guide from', Pulls::floorHooks($this->plan()))),
            ]),
            new Group('Heights', [
                Row::of(Field::select('brief.rules.heights', 'Carried along by', ['level' => 'one height and a level', 'places' => 'a tape at every place', 'laser' => 'a laser'], 'level')),
                ...($marking->heights === 'laser' ? [Row::of(Field::length('marking.laser', 'Up to the laser'))] : []),
            ], $marking->heights === 'laser' ? 'What the tape reads up to the laser at the high spot.' : ''),
            new Group('Proof of the line', [
                Row::of(Field::length('marking.proved_at', 'Proved at', $this->provedAt())),
                Row::of(Field::length('marking.packing', 'Packing', $this->packing())),
            ], 'Where along the wall; and what the leaf stands on.'),
        ];
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/marks/changes";
    }

    public function plan(): Plan
    {
        return $this->setout->plan ?? abort(404, 'There is no plan yet; measure the wall first.');
    }

    public function marking(): Marking
    {
        return $this->setout->doorway->marking;
    }

    public function provedAt(): Length
    {
        return $this->marking()->provedAt ?? Heights::highSpot($this->plan());
    }

    public function packing(): Length
    {
        return $this->marking()->packing ?? $this->plan()->doorway->brief->rules->gap;
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
        $marks = ['wall' => Tapes::wall($plan), 'board' => Tapes::board($plan), 'rail' => Tapes::rail($plan), 'floor' => Tapes::floor($plan)];
        $hooks = [
            'wall' => $this->hooks(),
            'board' => Pulls::ends($plan->header?->span->length() ?? Length::zero(), $this->isFromRight('board')),
            'rail' => Pulls::ends($plan->rail->span->length(), $this->isFromRight('rail')),
            'floor' => Pulls::floorHooks($plan),
        ];
        $pulls = [];
        foreach (array_filter($marks) as $tape => $on) {
            $pulls[$tape] = Pulls::of($on, $hooks[$tape], $this->tape(), $this->setout->write->unit, $this->marking()->pulls[$tape]);
        }

        return $pulls;
    }

    private function tape(): Length
    {
        return $this->marking()->tape ?? Length::mm(Pulls::TAPE_MM);
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

        return array_map(fn (int $i) => new Row('Pull '.($i + 1), [$this->pull('wall', $i, 'Pull '.($i + 1), $this->hooks())], $i < $count ? "marking.pulls.wall[{$i}]" : null), range(0, min($count, self::PULLS - 1)));
    }

    /** @param  non-empty-list<Hook>  $hooks */
    private function pull(string $tape, int $i, string $label, array $hooks): Field
    {
        $options = ['' => 'as it is hooked least'];
        foreach ($hooks as $hook) {
            foreach ($hook->ways as $way) {
                $options[$hook->pull($way)] = Names::hook($hook->id).', to the '.($way === 1 ? 'right' : 'left');
            }
        }

        return Field::select("marking.pulls.{$tape}[{$i}]", $label, $options, '');
    }

    private function end(string $tape, string $label): Row
    {
        return Row::of(Field::choice("marking.pulls.{$tape}[0]", "{$label} from its", ['end-l right' => 'left end', 'end-r left' => 'right end'], 'end-l right'));
    }
}
