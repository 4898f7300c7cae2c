<?php

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Job;
use App\Shop\JobMaterials;
use App\Shop\Prices;
use App\Supply\JobSupply;
use App\Supply\Supplier;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** What a job wants bought, how its boards are cut, and what things cost here. */
final class MaterialsController
{
    public function show(Request $request, Job $job): View
    {
        return view('shop.materials', ['list' => $this->list($request, $job), 'missing' => (new JobSupply($job, app(Supplier::class)))->missing()]);
    }

    public function table(Request $request, Job $job): Response
    {
        $list = $this->list($request, $job);
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No room to write a table.');
        fputcsv($file, ['group', 'what', 'count', 'unit', 'for', 'note', 'each', 'all'], escape: '');
        foreach (array_merge(...array_values($list->lines()) ?: [[]]) as $line) {
            fputcsv($file, array_map(fn (string $cell) => strtr($cell, ["\u{202f}" => ' ']), [$line->material->group, $line->material->what, (string) $line->count, $line->material->unit, $line->says(), $line->material->note, $this->money($line->each), $this->money($line->cents())]), escape: '');
        }
        rewind($file);

        return response((string) stream_get_contents($file), headers: ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'-materials.csv"']);
    }

    /** The price of one line, or one of the ways the house reckons. */
    public function price(Request $request, Job $job): RedirectResponse
    {
        $prices = new Prices;
        $back = to_route('materials', array_filter(['job' => $job->id, 'doorway' => $request->input('doorway')]));
        $typed = trim((string) $request->input('price'));
        if ($request->has('setting')) {
            $prices->settle((string) $request->input('setting'), mb_substr($typed, 0, 200));

            return $back;
        }
        $cents = Prices::read($typed);
        if ($typed !== '' && $cents === null) {
            return $back->with('not_money', ['key' => $request->input('key'), 'typed' => $typed]);
        }
        $prices->set((string) $request->input('key'), $typed === '' ? null : $cents);

        return $back;
    }

    public function prices(): Response
    {
        return response((new Prices)->csv(), headers: ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="prices.csv"']);
    }

    public function bringIn(Request $request, Job $job): RedirectResponse
    {
        $file = $request->file('file');
        $problems = $file instanceof UploadedFile ? (new Prices)->bringIn((string) file_get_contents($file->getRealPath())) : ['Choose a price list to bring in.'];

        return to_route('materials', $job)->with('price_problems', $problems);
    }

    private function list(Request $request, Job $job): JobMaterials
    {
        return new JobMaterials($job, Editor::of($request)->units, $request->query('doorway') === null ? null : $request->integer('doorway'));
    }

    private function money(?int $cents): string
    {
        return $cents === null ? '' : number_format($cents / 100, 2, '.', '');
    }
}
