<?php

declare(strict_types=1);

namespace App\Fitting;

use App\Bench\DoorwayForm;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use App\Words\FieldWords;
use YokeLine\Fitting\Fit;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;

/** The size card of a doorway, and the leaf in hand that is held against it. */
final readonly class SizeCardForm extends DoorwayForm
{
    /** @return list<Group> */
    public function groups(): array
    {
        return [
            Group::named('in-hand', [
                Row::of(Field::of('brief.in_hand.width')),
                Row::of(Field::of('brief.in_hand.height')),
                Row::named(
                    'thickness',
                    Field::of('brief.in_hand.thickness[0]', isShort: true),
                    Field::of('brief.in_hand.thickness[1]', isShort: true),
                ),
                Row::of(Field::of('brief.in_hand.mass_kg')),
                Row::of(Field::of('brief.leaf.trim_limit')),
                ...array_map(
                    fn (int $i) => new Row(FieldWords::label("brief.leaf.solid[{$i}]"), [
                        Field::of("brief.leaf.solid[{$i}][0]", $i + 1, isShort: $i === 0),
                        Field::of("brief.leaf.solid[{$i}][1]", $i + 1, isShort: $i === 0),
                    ]),
                    [0, 1],
                ),
            ]),
        ];
    }

    public function card(): ?SizeCard
    {
        return $this->setout->plan === null ? null : SizeCard::of($this->setout->plan);
    }

    /** @return list<Fit> */
    public function fits(?SizeCard $card): array
    {
        $leaf = $this->setout->doorway->brief->inHand;

        return $leaf === null || $card === null || $this->setout->plan === null
            ? []
            : Fitting::of($this->setout->plan, $card, $leaf);
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/size-card/changes";
    }
}
