<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Named;
use App\Models\Doorway;
use App\Record\Log;
use App\Shop\DoorwayOffer;
use App\Words\Speaker;
use App\Words\StoredMessage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a customer sees behind the link that they are sent: their wall with the door, the price; accept or ask. */
final class CustomerController
{
    public function show(Doorway $doorway): View
    {
        return view('shop.customer', ['offer' => self::offer($doorway), 'links' => DoorwayOffer::links($doorway)]);
    }

    public function accept(Request $request, Doorway $doorway): RedirectResponse
    {
        $name = self::said($request, 'name', 120, 'refusals.who-accepts');
        $refused = self::offer($doorway)->accept($name);
        $back = redirect(DoorwayOffer::links($doorway)['show']);

        return $refused === null ? $back : $back->withErrors(['name' => $refused]);
    }

    /** A question goes into the record, where whoever opens the doorway finds it. */
    public function ask(Request $request, Doorway $doorway): RedirectResponse
    {
        $says = self::said($request, 'question', 500, 'refusals.say-question');
        (new Log($doorway))->add(
            'note',
            '',
            ['says' => StoredMessage::typed($says)->write(), 'step' => ''],
            mb_substr(trim($request->string('from')->value()), 0, 60) ?: Speaker::words('shop.customer.customer'),
        );

        return redirect(DoorwayOffer::links($doorway)['show'])->with('asked', true);
    }

    private static function offer(Doorway $doorway): DoorwayOffer
    {
        $doorway->setout(null)->plan ?? abort(404, Speaker::words('refusals.no-plan'));

        return new DoorwayOffer($doorway, null);
    }

    private static function said(Request $request, string $field, int $most, string $refusal): string
    {
        return Named::in($request, $field, $most, ["{$field}.required" => Speaker::words($refusal)]);
    }
}
