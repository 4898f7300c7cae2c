<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Making\MadeSheet;
use App\Models\Doorway;
use App\Paper\MarksTable;
use App\Paper\SetOutSheet;
use App\Paper\SheetContent;
use App\Paper\ShopSheet;
use App\Paper\Templates;
use App\Words\Speaker;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use YokeLine\Drawing\Dxf;
use YokeLine\Drawing\Svg;
use YokeLine\Drawing\WallOutline;
use YokeLine\Measure\Unit;

/** What a doorway gives to paper and to other programs. */
final class GiveOutController
{
    public function __invoke(Request $request, Doorway $doorway, string $what): Response
    {
        $setout = $doorway->setout(Editor::of($request)->units);
        $plan = $setout->plan ?? abort(404, Speaker::words('refusals.no-plan'));
        abort_if($what === 'shop.pdf' && $plan->making === null, 404, Speaker::words('refusals.no-shop'));
        $paper = $request->query('paper') === 'letter' ? 'Letter' : 'A4';
        [$type, $body] = match ($what) {
            'sheet.pdf' => [
                'application/pdf',
                SetOutSheet::of(new SheetContent($doorway, Editor::of($request)->units), $paper),
            ],
            'templates.pdf' => ['application/pdf', Templates::of($plan, $setout->write, $doorway->name, $paper)],
            'shop.pdf' => ['application/pdf', ShopSheet::of(MadeSheet::of($setout), $doorway->name, $paper)],
            'wall.dxf' => [
                'image/vnd.dxf',
                Dxf::write(
                    WallOutline::of($plan, Speaker::in($plan->doorway->writer())),
                    $plan->doorway->units,
                ),
            ],
            'wall.svg' => ['image/svg+xml', Svg::trueToSize(WallOutline::of($plan, Speaker::in(Unit::Millimetre)))],
            default => ['text/csv; charset=UTF-8', MarksTable::csv($plan)],
        };

        return response(
            $body,
            headers: [
                'Content-Type' => $type,
                'Content-Disposition' => 'attachment; filename="'.(Str::slug($doorway->name) ?: 'doorway')."-{$what}\"",
            ],
        );
    }
}
