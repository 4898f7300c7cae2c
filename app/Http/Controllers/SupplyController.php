<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Job;
use App\Shop\JobMaterials;
use App\Supply\JobSupply;
use App\Supply\Supplier;
use App\Supply\SupplierSilent;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a job has ordered, what came, what is missing. */
final class SupplyController
{
    public function show(Request $request, Job $job, Supplier $supplier): View
    {
        $supply = new JobSupply($job, $supplier);
        $materials = new JobMaterials($job, Editor::of($request)->units);
        $quotes = $silent = null;
        if ($request->boolean('ask')) {
            try {
                $quotes = $supply->ask(array_keys($materials->wanted()));
            } catch (SupplierSilent $problem) {
                $silent = $problem->getMessage();
            }
        }

        return view('shop.supply', [
            'job' => $job,
            'supply' => $supply,
            'materials' => $materials,
            'quotes' => $quotes,
            'silent' => $silent ?? session('silent'),
        ]);
    }

    public function order(Request $request, Job $job, Supplier $supplier): RedirectResponse
    {
        return $this->asking(
            $job,
            fn () => (new JobSupply($job, $supplier))->order(
                (new JobMaterials($job, Editor::of($request)->units))->wanted(),
            ),
        );
    }

    public function receive(Job $job, Supplier $supplier): RedirectResponse
    {
        return $this->asking($job, fn () => (new JobSupply($job, $supplier))->receive());
    }

    public function giveBack(Request $request, Job $job, Supplier $supplier): RedirectResponse
    {
        return $this->asking($job, fn () => (new JobSupply($job, $supplier))->giveBack($request->integer('receipt')));
    }

    private function asking(Job $job, Closure $what): RedirectResponse
    {
        try {
            $what();
        } catch (SupplierSilent $silent) {
            return to_route('supply', $job)->with('silent', $silent->getMessage());
        }

        return to_route('supply', $job);
    }
}
