<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Table;
use App\Http\Editor;
use App\Models\Doorway;
use App\Record\Comparison;
use App\Record\LogLine;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What happened at a doorway, and how two of its plans differ. */
final class LogController
{
    private const PAGE = 100;

    public function show(Request $request, Doorway $doorway): View
    {
        $kind = $this->kind($request);
        $setout = $doorway->setout(Editor::of($request)->units);

        return view('record.log', [
            'doorway' => $doorway,
            'setout' => $setout,
            'kind' => $kind,
            'lines' => LogLine::page($doorway, $setout->write, $kind, self::PAGE),
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
        $units = Editor::of($request)->units;

        return view('record.compare', [
            'doorway' => $doorway,
            'setout' => $doorway->setout($units),
            'revisions' => $doorway
                ->revisions()
                ->select(['id', 'number', 'what', 'created_at'])
                ->orderByDesc('number')
                ->simplePaginate(self::PAGE)
                ->withQueryString(),
            'comparison' => Comparison::of(
                $doorway,
                $request->integer('from', 1),
                $request->integer('to', $doorway->revision->number),
                $units,
            ),
        ]);
    }

    private function kind(Request $request): string
    {
        $kind = $request->query('kind');

        return is_string($kind) && in_array($kind, LogLine::KINDS, true) ? $kind : '';
    }
}
