<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\Editor;
use App\Models\Doorway;
use App\Shelf;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;

/** What was done to one field of the bench. */
final class Said
{
    /** @return array<string, mixed> what was typed, nudged or taken out, as the document keeps it */
    public static function changes(Request $request, Doorway $doorway, string $place): array
    {
        if ($request->boolean('remove')) {
            return [$place => null];
        }
        $typed = new Typed(...$doorway->unitsShown());
        if (! $request->has('nudge')) {
            $said = $typed->toDocument(Field::declaredAt($place), $request->string('value')->value());

            return EitherUnit::changes($doorway->revision->document, $place, $said);
        }
        // What is nudged begins at what is worked out, which its page knows.
        $setout = $doorway->setout(Editor::of($request)->units);
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
