<?php

namespace App\Fitting;

use App\Bench\Field;
use App\Bench\Form;
use App\Bench\Group;
use App\Bench\Row;
use App\Bench\Typed;
use App\Models\Doorway;
use YokeLine\Fitting\Fit;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** The size card of a doorway, and the leaf in hand that is held against it. */
final readonly class SizeCardForm implements Form
{
    public Setout $setout;

    public ?SizeCard $card;

    private Typed $typed;

    /** @param  array<string, array{typed: string, says: string}>  $refused */
    public function __construct(public Doorway $doorway, ?Unit $units, public array $refused = [])
    {
        $this->setout = $doorway->setout($units);
        $this->card = $this->setout->plan === null ? null : SizeCard::of($this->setout->plan, $this->setout->write);
        $this->typed = new Typed($this->setout->write->unit, $this->setout->doorway->units);
    }

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

    /** @return list<Fit> */
    public function fits(): array
    {
        $leaf = $this->setout->doorway->brief->inHand;

        return $leaf === null || $this->card === null || $this->setout->plan === null ? [] : Fitting::of($this->setout->plan, $this->card, $leaf, $this->setout->write);
    }

    /** @throws UnreadableFile */
    public function read(string $place, string $said): mixed
    {
        $field = Group::field($place, ...$this->groups()) ?? throw new UnreadableFile([$place => 'There is no such field here.']);

        return $this->typed->toDocument($field, $said);
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/size-card/changes";
    }

    public function value(Field $field): string
    {
        return $this->refused[$field->place]['typed'] ?? $this->typed->toScreen($field, $this->setout->document->get($field->place));
    }

    public function grey(Field $field): string
    {
        return $field->grey instanceof Length ? $this->setout->write->show($field->grey) : (string) $field->grey;
    }

    public function isOverruled(Field $field): bool
    {
        return false;
    }

    public function refusal(Field $field): ?string
    {
        return $this->refused[$field->place]['says'] ?? null;
    }

    public function unit(): Unit
    {
        return $this->setout->write->unit;
    }
}
