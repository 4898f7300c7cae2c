<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Ledger;
use App\Files\Table;
use App\Http\Editor;
use App\Models\Job;
use App\Shop\JobMaterials;
use App\Supply\JobSupply;
use App\Supply\Supplier;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a job wants bought and how its boards are cut. */
final class MaterialsController
{
    public function show(Request $request, Job $job): View
    {
        return view('shop.materials', [
            'list' => $this->list($request, $job),
            'ledger' => new Ledger('prices', Editor::of($request)),
            'missing' => (new JobSupply($job, app(Supplier::class)))->missing(),
        ]);
    }

    /** How its boards and rails are sawn from what the yard has. */
    public function cutting(Request $request, Job $job): View
    {
        return view('shop.cutting', ['list' => $this->list($request, $job)]);
    }

    public function table(Request $request, Job $job): Response
    {
        return Table::answer($this->list($request, $job)->csv(), 'materials', $job->name);
    }

    private function list(Request $request, Job $job): JobMaterials
    {
        return new JobMaterials(
            $job,
            Editor::of($request)->units,
            $request->query('doorway') === null ? null : $request->integer('doorway'),
        );
    }
}
