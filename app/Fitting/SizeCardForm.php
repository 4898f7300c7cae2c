<?php

declare(strict_types=1);

namespace App\Fitting;

use App\Bench\DoorwayForm;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use YokeLine\Fitting\Fit;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;
use YokeLine\Measure\Length;

/** The size card of a doorway, and the leaf in hand that is held against it. */
final readonly class SizeCardForm extends DoorwayForm
{
    /** @return list<Group> */
    public function groups(): array
    {
        return [new Group('The leaf in hand', [
            Row::of(Field::length('brief.in_hand.width', 'Width')),
            Row::of(Field::length('brief.in_hand.height', 'Height')),
            new Row('Thickness', [Field::length('brief.in_hand.thickness[0]', 'Thickness at the leading hanger', null, 'leading'), Field::length('brief.in_hand.thickness[1]', 'Thickness at the trailing hanger', null, 'trailing')]),
            Row::of(Field::amount('brief.in_hand.mass_kg', 'Mass in kg')),
            Row::of(Field::length('brief.leaf.trim_limit', 'May come off an edge', Length::zero())),
            ...array_map(fn (int $i) => new Row('Solid '.($i + 1), [Field::length("brief.leaf.solid[{$i}][0]", 'Solid member '.($i + 1).' from', null, $i === 0 ? 'from' : ''), Field::length("brief.leaf.solid[{$i}][1]", 'Solid member '.($i + 1).' to', null, $i === 0 ? 'to' : '')]), [0, 1]),
        ], 'Solid members across the leaf, from its leading edge.')];
    }

    public function card(): ?SizeCard
    {
        return $this->setout->plan === null ? null : SizeCard::of($this->setout->plan, $this->setout->write);
    }

    /** @return list<Fit> */
    public function fits(?SizeCard $card): array
    {
        $leaf = $this->setout->doorway->brief->inHand;

        return $leaf === null || $card === null || $this->setout->plan === null ? [] : Fitting::of($this->setout->plan, $card, $leaf, $this->setout->write);
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/size-card/changes";
    }
}
