<?php

declare(strict_types=1);

namespace App\Bench;

use App\Editing\Change;
use App\Editing\Notice;
use App\Http\Editor;
use App\Models\Doorway;
use App\Words\Places;
use App\Words\Refusals;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** Fields of a doorway's document on a page of their own. */
abstract readonly class DoorwayForm implements Form
{
    public Setout $setout;

    private Typed $typed;

    /**
     * @param  array<string, array{typed: string, says: string}>  $refused
     * @param  list<Notice>  $notices  what others did meanwhile
     */
    final public function __construct(
        public Doorway $doorway,
        ?Unit $units,
        private array $refused = [],
        public array $notices = [],
    ) {
        $this->setout = $doorway->setout($units);
        $this->typed = new Typed($this->setout->write->unit, $this->setout->doorway->units);
    }

    public static function of(Request $request, Doorway $doorway): static
    {
        return new static($doorway, Editor::of($request)->units);
    }

    /**
     * The form after what was typed in one of its fields, nudged there or taken out was kept, or refused at its place.
     */
    public static function after(Request $request, Doorway $doorway): static
    {
        $editor = Editor::of($request);
        $place = $request->string('place')->value();
        $typed = $request->string('value')->value();
        try {
            $changes = EitherUnit::changes(
                $doorway->revision->document,
                $place,
                self::of($request, $doorway)->read($request, $place),
            );
            $notices = (new Change(
                $changes,
                Places::summary($changes, $doorway->revision->document),
                $editor,
            ))->applyTo($doorway, $request->integer('base'));

            return new static($doorway, $editor->units, [], $notices);
        } catch (UnreadableFile $problem) {
            return new static($doorway, $editor->units, [
                $place => ['typed' => $typed, 'says' => Refusals::at($place, $problem)],
            ]);
        }
    }

    public function value(Field $field): string
    {
        return $this->refused[$field->place]['typed'] ??
            $this->typed->toScreen($field, EitherUnit::kept($this->setout->document, $field->place));
    }

    public function beside(Field $field): string
    {
        return $this->typed->beside($field, EitherUnit::kept($this->setout->document, $field->place));
    }

    public function grey(Field $field): string
    {
        $grey = $field->greyIn($this->setout->doorway->units);

        return $grey instanceof Length ? $this->setout->write->show($grey) : (string) $grey;
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

    /** @throws UnreadableFile */
    private function read(Request $request, string $place): mixed
    {
        if ($request->boolean('remove')) {
            return null;
        }
        $field =
            Group::field($place, ...$this->groups()) ??
            throw UnreadableFile::at($place, 'no-field');
        $said = $request->has('nudge')
            ? $this->typed->nudged(
                $this->setout->document->get($place),
                ($grey = $field->greyIn($this->setout->doorway->units)) instanceof Length ? $grey : Length::zero(),
                $request->integer('nudge'),
            )
            : $request->string('value')->value();

        return $this->typed->toDocument($field, $said);
    }
}
