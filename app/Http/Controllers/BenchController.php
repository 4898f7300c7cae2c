<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\EitherUnit;
use App\Bench\Field;
use App\Bench\Moved;
use App\Bench\Station;
use App\Bench\Typed;
use App\Editing\Change;
use App\Http\Editor;
use App\Models\Doorway;
use App\Shelf;
use App\Words\Places;
use App\Words\Refusals;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Setout;

final class BenchController
{
    public function show(Request $request, Doorway $doorway, Station $station): View
    {
        return $this->bench($request, new Bench($doorway, $station, Editor::of($request)->units));
    }

    /** One field, a nudge of one, or the changes of a cure; the bench comes back as it then is. */
    public function change(Request $request, Doorway $doorway, Station $station): View
    {
        $editor = Editor::of($request);
        $place = $doorway->seen($request->integer('base'))->document->named((string) $request->input('place'));
        $notices = $refused = [];
        try {
            $changes = match (true) {
                $request->has('changes') => (array) json_decode((string) $request->input('changes'), true),
                $request->has('right') => Moved::changes(
                    $doorway->setout($editor->units),
                    $place,
                    $request->float('right'),
                    $request->float('up'),
                ),
                default => $this->typed($request, $doorway, $place),
            };
            $notices = (new Change(
                $changes,
                Places::summary($changes, $doorway->revision->document),
                $editor,
            ))->applyTo($doorway, $request->integer('base'));
        } catch (UnreadableFile $problem) {
            $refused = [
                $place => [
                    'typed' => (string) $request->input('value'),
                    'says' => Refusals::at($place, $problem),
                ],
            ];
        }

        return $this->bench($request, new Bench($doorway, $station, $editor->units, $refused, $notices));
    }

    /** @return array<string, mixed> what was typed, nudged or taken out, as the document keeps it */
    private function typed(Request $request, Doorway $doorway, string $place): array
    {
        if ($request->boolean('remove')) {
            return [$place => null];
        }
        $units = Editor::of($request)->units;
        if (! $request->has('nudge')) {
            $setout = Setout::unplanned($doorway->revision->document, $units);
            $typed = new Typed($setout->write->unit, $setout->doorway->units);

            return EitherUnit::changes(
                $doorway->revision->document,
                $place,
                $typed->toDocument(Field::declaredAt($place), (string) $request->input('value')),
            );
        }
        // What is nudged begins at what is worked out, which its page knows.
        $setout = $doorway->setout($units);
        $field =
            Station::field($setout, app(Shelf::class)->kits(), $place) ??
            throw UnreadableFile::at($place, 'no-field');
        $grey = $field->greyIn($setout->doorway->units);
        $grey = $grey instanceof Length ? $grey : Length::zero();
        $typed = new Typed($setout->write->unit, $setout->doorway->units);
        $said = $typed->nudged($setout->document->get($place), $grey, $request->integer('nudge'));

        return [$place => $typed->toDocument($field, $said)];
    }

    private function bench(Request $request, Bench $bench): View
    {
        return view($request->hasHeader('HX-Request') ? 'bench.bench' : 'bench.page', ['bench' => $bench]);
    }
}
