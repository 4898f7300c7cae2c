<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\Editor;
use App\Models\Doorway;
use App\Shelf;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Setout;

/** What was done to one field of the bench. */
final class Said
{
    /** @return array<string, mixed> what was typed, nudged or taken out, as the document keeps it */
    public static function changes(Request $request, Doorway $doorway, string $place): array
    {
        if ($request->boolean('remove')) {
            return [$place => null];
        }
        $units = Editor::of($request)->units;
        $document = $doorway->revision->document;
        // What is nudged begins at what is worked out, which its page knows.
        $setout = $request->has('nudge') ? $doorway->setout($units) : Setout::unplanned($document, $units);
        $typed = new Typed($setout->write->unit, $setout->doorway->units);
        if (! $request->has('nudge')) {
            $said = $typed->toDocument(Field::declaredAt($place), (string) $request->input('value'));

            return EitherUnit::changes($document, $place, $said);
        }
        $field =
            Station::field($setout, app(Shelf::class)->kits(), $place) ??
            throw UnreadableFile::at($place, 'no-field');
        $grey = $field->greyIn($setout->doorway->units);
        $grey = $grey instanceof Length ? $grey : Length::zero();

        return [
            $place => $typed->toDocument(
                $field,
                $typed->nudged($setout->document->get($place), $grey, $request->integer('nudge')),
            ),
        ];
    }
}
