<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\BenchPage;
use App\Bench\Moved;
use App\Bench\Said;
use App\Bench\Station;
use App\Editing\Change;
use App\Http\Editor;
use App\Models\Doorway;
use App\Words\Places;
use App\Words\Refusals;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use YokeLine\Format\UnreadableFile;

final class BenchController
{
    public function show(Request $request, Doorway $doorway, Station $station): Response
    {
        return self::answer($request, new BenchPage($doorway, $station, Editor::of($request)));
    }

    /** One field, a nudge of one, or the changes of a cure; the bench comes back as it then is. */
    public function change(Request $request, Doorway $doorway, Station $station): Response
    {
        $editor = Editor::of($request);
        $place = $doorway->seen($request->integer('base'))->document->named($request->string('place')->value());
        $notices = $refused = [];
        try {
            /** @var array<string, mixed> $changes */
            $changes = match (true) {
                $request->has('changes') => (array) json_decode($request->string('changes')->value(), true),
                $request->has('right') => Moved::changes(
                    $doorway->setout($editor->units),
                    $place,
                    $request->float('right'),
                    $request->float('up'),
                ),
                default => Said::changes($request, $doorway, $place),
            };
            $notices = (new Change(
                $changes,
                Places::summary($changes, $doorway->revision->document),
                $editor,
            ))->applyTo($doorway, $request->integer('base'));
        } catch (UnreadableFile $problem) {
            $refused = [
                $place => [
                    'typed' => $request->string('value')->value(),
                    'says' => Refusals::at($place, $problem),
                ],
            ];
        }

        return self::answer($request, new BenchPage($doorway, $station, $editor, $refused, $notices));
    }

    /** Where a change, or what it is led on to, is asked for by the page itself, the bench comes alone. */
    private static function answer(Request $request, BenchPage $page): Response
    {
        return $request->hasHeader('HX-Request') ? response(view('bench.bench', ['page' => $page])) : $page->whole();
    }
}
