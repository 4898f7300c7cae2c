<?php

declare(strict_types=1);

namespace App\Marking;

use App\Bench\DoorwayForm;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use App\Keeping\Kept;
use App\Words\BenchWords;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Recovery\OnSite;
use YokeLine\Tolerance\Clearance;
use YokeLine\Tolerance\Pick;

/** How far off tools and makers may be, and how sure the plan then is. */
final readonly class SureForm extends DoorwayForm
{
    /** @return list<Group> */
    public function groups(): array
    {
        return [
            Group::named(
                'plus-minus',
                array_map(fn (string $what) => Row::of(Field::of("marking.plus_minus.{$what}")), [
                    'tape',
                    'level',
                    'leaf',
                    'hole',
                    'kit',
                ]),
                note: BenchWords::note($this->unit() === Unit::Inch ? 'plus-minus-in' : 'plus-minus'),
            ),
        ];
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/record/tolerance";
    }

    /** Half millimetres matter here. */
    public function grey(Field $field): string
    {
        $grey = $field->greyIn($this->setout->doorway->units);

        return $grey instanceof Length ? $this->setout->write->exact($grey) : parent::grey($field);
    }

    /** @return list<Clearance> that are judged, the least sure first */
    public function rows(): array
    {
        $rows =
            $this->setout->plan === null
                ? []
                : array_values(
                    array_filter(
                        Clearance::of($this->setout->plan, $this->setout->doorway->marking->plusMinus),
                        fn (Clearance $row) => $row->wanted !== null,
                    ),
                );
        usort($rows, fn (Clearance $a, Clearance $b) => ($a->spare() ?? 0) - $a->rss <=> ($b->spare() ?? 0) - $b->rss);

        return $rows;
    }

    /** @return list<Clearance> those that errors can eat up */
    public function unsure(): array
    {
        return array_values(array_filter($this->rows(), fn (Clearance $row) => $row->verdict() !== 'sure'));
    }

    /** @return list<Pick> worked on the whole doorway for every measure, and kept */
    public function picks(): array
    {
        $plan = $this->setout->plan;

        return $plan === null ? [] : Kept::of('picks', $this->doorway->planHangsOn(), fn () => Pick::of(
            new OnSite($this->setout->document, $plan),
            $plan->doorway->marking->plusMinus,
        ));
    }
}
