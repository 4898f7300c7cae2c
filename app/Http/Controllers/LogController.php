<?php

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Revision;
use App\Record\Comparison;
use App\Record\LogLine;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What happened at a doorway, and how two of its plans differ. */
final class LogController
{
    public function show(Request $request, Doorway $doorway): View
    {
        $kind = $this->kind($request);
        $setout = $doorway->setout(Editor::of($request)->units);

        return view('record.log', ['doorway' => $doorway, 'setout' => $setout, 'kind' => $kind, 'lines' => LogLine::of($doorway, $setout->write, $kind)]);
    }

    public function table(Request $request, Doorway $doorway): Response
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No room to write a table.');
        fputcsv($file, ['at', 'kind', 'who', 'change', 'says'], escape: '');
        foreach (array_reverse(LogLine::of($doorway, $doorway->setout(Editor::of($request)->units)->write, $this->kind($request))) as $line) {
            fputcsv($file, [$line->at->toIso8601String(), LogLine::KINDS[$line->kind] ?? $line->kind, $line->who, $line->change, strtr($line->says, ["\u{202f}" => ' '])], escape: '');
        }
        rewind($file);

        return response((string) stream_get_contents($file), headers: ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="'.(Str::slug($doorway->name) ?: 'doorway').'-log.csv"']);
    }

    public function compare(Request $request, Doorway $doorway): View
    {
        $revisions = $doorway->revisions()->orderBy('number')->get(['id', 'number', 'what', 'created_at']);
        $numbered = fn (string $key, int $else): Revision => $doorway->revisions()->where('number', $request->integer($key, $else))->first() ?? $doorway->revision;

        return view('record.compare', ['doorway' => $doorway, 'setout' => $doorway->setout(Editor::of($request)->units), 'revisions' => $revisions, 'comparison' => new Comparison($numbered('from', 1), $numbered('to', $doorway->revision->number), Editor::of($request)->units)]);
    }

    private function kind(Request $request): string
    {
        $kind = $request->query('kind');

        return is_string($kind) && isset(LogLine::KINDS[$kind]) ? $kind : '';
    }
}
