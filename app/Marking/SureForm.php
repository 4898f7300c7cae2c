<?php

declare(strict_types=1);

namespace App\Marking;

use App\Bench\DoorwayForm;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use YokeLine\Doorway\PlusMinus;
use YokeLine\Measure\Length;
use YokeLine\Work\Recovery\OnSite;
use YokeLine\Work\Tolerance\Clearance;
use YokeLine\Work\Tolerance\Pick;

/** How far off tools and makers may be, and how sure the plan then is. */
final readonly class SureForm extends DoorwayForm
{
    /** @return list<Group> */
    public function groups(): array
    {
        $usual = PlusMinus::usual();

        return [new Group('Either way', [
            Row::of(Field::length('marking.plus_minus.tape', 'A tape, read or marked', $usual->tape)),
            Row::of(Field::length('marking.plus_minus.level', 'A level', $usual->level)),
            Row::of(Field::length('marking.plus_minus.leaf', 'The leaf as made', $usual->leaf)),
            Row::of(Field::length('marking.plus_minus.hole', 'A hole', $usual->hole)),
            Row::of(Field::length('marking.plus_minus.kit', 'Kit, thicknesses', $usual->kit)),
        ], 'Which tape, which level? A cheap level is good for 2 over a doorway, a laser for less than 1.')];
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/sure";
    }

    /** Half millimetres matter here. */
    public function grey(Field $field): string
    {
        return $field->grey instanceof Length ? $this->setout->write->exact($field->grey) : parent::grey($field);
    }

    /** @return list<Clearance> that are judged, the least sure first */
    public function rows(): array
    {
        $rows = $this->setout->plan === null ? [] : array_values(array_filter(Clearance::of($this->setout->plan, $this->setout->doorway->marking->plusMinus), fn (Clearance $row) => $row->wanted !== null));
        usort($rows, fn (Clearance $a, Clearance $b) => ($a->spare() ?? 0) - $a->rss <=> ($b->spare() ?? 0) - $b->rss);

        return $rows;
    }

    /** @return list<Clearance> those that errors can eat up */
    public function unsure(): array
    {
        return array_values(array_filter($this->rows(), fn (Clearance $row) => $row->verdict() !== 'sure'));
    }

    /** @return list<Pick> */
    public function picks(): array
    {
        return $this->setout->plan === null ? [] : Pick::of(new OnSite($this->setout->document, $this->setout->plan, $this->setout->write), $this->setout->doorway->marking->plusMinus);
    }
}
