<?php

declare(strict_types=1);

namespace App\Fitting;

use App\Bench\DoorwayForm;
use App\Bench\EitherUnit;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use App\Keeping\Kept;
use App\Making\MadeSheet;
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
        $isPair = $this->setout->plan !== null && $this->setout->plan->onlyLeaf() === null;

        return [
            Group::named($isPair ? 'in-hand-first' : 'in-hand', $this->leaf('brief.in_hand')),
            ...$isPair ? [Group::named('in-hand-second', $this->leaf('brief.in_hand.second'))] : [],
            Group::named('in-hand-solid', [
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

    /** Every size that may serve is tried, which takes longer than the page: it is kept. */
    public function card(): ?SizeCard
    {
        $plan = $this->setout->plan;

        return $plan === null
            ? null
            : Kept::of('card', $this->doorway->planHangsOn(), fn () => SizeCard::of($plan));
    }

    /** @return array<string, list<Fit>> by leaf */
    public function fits(?SizeCard $card): array
    {
        return $card === null || $this->setout->plan === null ? [] : Fitting::each($this->setout->plan, $card);
    }

    /** @return list<MadeSheet> the leaf that is made from old ones, each leaf of a pair by itself */
    public function madeFromOld(): array
    {
        return array_values(array_filter(
            MadeSheet::of($this->setout),
            fn (MadeSheet $leaf) => $leaf->oldLeaves() !== [],
        ));
    }

    /** @return list<Row> */
    private function leaf(string $place): array
    {
        return [
            Row::of(Field::of("{$place}.width")),
            Row::of(Field::of("{$place}.height")),
            Row::named(
                'thickness',
                Field::of("{$place}.thickness[0]", isShort: true),
                Field::of("{$place}.thickness[1]", isShort: true),
            ),
            Row::of(EitherUnit::field($this->setout->write->unit, "{$place}.mass", 'kg')),
        ];
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/size-card/changes";
    }
}
