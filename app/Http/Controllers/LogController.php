<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Table;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Revision;
use App\Record\Comparison;
use App\Record\LogLine;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What happened at a doorway, and how two of its plans differ. */
final class LogController
{
    public function show(Request $request, Doorway $doorway): View
    {
        $kind = $this->kind($request);
        $setout = $doorway->setout(Editor::of($request)->units);

        return view('record.log', [
            'doorway' => $doorway,
            'setout' => $setout,
            'kind' => $kind,
            'lines' => LogLine::of($doorway, $setout->write, $kind),
        ]);
    }

    public function table(Request $request, Doorway $doorway): Response
    {
        $lines = array_reverse(
            LogLine::of($doorway, $doorway->setout(Editor::of($request)->units)->write, $this->kind($request)),
        );

        return Table::answer(
            Table::csv(
                ['at', 'kind', 'who', 'change', 'says'],
                array_map(
                    fn (LogLine $line) => [
                        $line->at->toIso8601String(),
                        LogLine::kind($line->kind),
                        $line->who,
                        $line->change,
                        $line->says,
                    ],
                    $lines,
                ),
            ),
            'log',
            $doorway->name,
        );
    }

    public function compare(Request $request, Doorway $doorway): View
    {
        $revisions = $doorway
            ->revisions()
            ->orderBy('number')
            ->get(['id', 'number', 'what', 'created_at']);
        $numbered = fn (string $key, int $else): Revision => $doorway
            ->revisions()
            ->where('number', max(0, min($request->integer($key, $else), (int) $revisions->max('number'))))
            ->first() ?? $doorway->revision;

        return view('record.compare', [
            'doorway' => $doorway,
            'setout' => $doorway->setout(Editor::of($request)->units),
            'revisions' => $revisions,
            'comparison' => new Comparison(
                $numbered('from', 1),
                $numbered('to', $doorway->revision->number),
                Editor::of($request)->units,
            ),
        ]);
    }

    private function kind(Request $request): string
    {
        $kind = $request->query('kind');

        return is_string($kind) && in_array($kind, LogLine::KINDS, true) ? $kind : '';
    }
}
