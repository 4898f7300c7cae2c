<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Ledger;
use App\Files\Table;
use App\Http\Editor;
use App\Models\Job;
use App\Shop\Prices;
use App\Shop\Setting;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use YokeLine\Stock\SoldBy;

/** What things cost here. */
final class PricesController
{
    /** The price of one line, or one of the ways the house reckons. */
    public function enter(Request $request, Job $job): RedirectResponse
    {
        $typed = mb_substr(trim($request->string('price')->value()), 0, 200);
        $setting = Setting::tryFrom($request->string('setting')->value());
        $at = $setting->value ?? $request->string('key')->value();
        $refused =
            $setting === null
                ? (new Prices())->enterLine(
                    $at,
                    $request->string('like')->value(),
                    $typed,
                    $request->enum('per', SoldBy::class) ?? SoldBy::Piece,
                    self::ledger($request),
                    $request->integer('seen'),
                )
                : (new Prices())->enter($setting, $typed, self::ledger($request), $request->integer('seen'));
        // Back to where one typed: the list is long.
        $back = to_route(
            'materials',
            array_filter(['job' => $job->id, 'doorway' => $request->input('doorway')]),
        )->withFragment('at-'.Str::slug($at));

        return $refused === null
            ? $back
            : $back->with('refused', ['at' => $at, 'typed' => $typed, 'says' => Refusals::say($refused)]);
    }

    public function table(): Response
    {
        return Table::answer((new Prices())->csv(), 'prices');
    }

    public function bringIn(Request $request, Job $job): RedirectResponse
    {
        $file = $request->file('file');
        $problems =
            $file instanceof UploadedFile
                ? (new Prices())->bringIn((string) file_get_contents($file->getRealPath()), self::ledger($request))
                : [Speaker::words('refusals.choose-prices')];

        return to_route('materials', $job)->with('price_problems', $problems);
    }

    private static function ledger(Request $request): Ledger
    {
        return new Ledger('prices', Editor::of($request));
    }
}
