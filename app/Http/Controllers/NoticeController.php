<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Change;
use App\Editing\Notices;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\WaitingNotice;
use App\Words\Places;
use App\Words\Refusals;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;

/** What an editor was told: seen, or put back as they had it. */
final class NoticeController
{
    public function seen(Request $request, int $notice): RedirectResponse
    {
        $this->of($request, $notice)?->delete();

        return back();
    }

    public function putBack(Request $request, int $notice): RedirectResponse
    {
        $editor = Editor::of($request);
        $waiting = $this->of($request, $notice);
        $doorway = $waiting === null ? null : Doorway::query()->find($waiting->doorway_id);
        if ($waiting !== null && $doorway !== null) {
            try {
                $changes = $waiting->put_back;
                $notices = (new Change(
                    $changes,
                    Places::summary($changes, $doorway->revision->document),
                    $editor,
                ))->applyTo($doorway, (int) $doorway->revision_id);
                $waiting->delete();
                Notices::carry($editor, $doorway->id, $notices);
            } catch (UnreadableFile $problem) {
                return back()->withErrors(['notice' => Refusals::whole($problem)]);
            }
        }

        return back();
    }

    private function of(Request $request, int $notice): ?WaitingNotice
    {
        /** @var ?WaitingNotice */
        return WaitingNotice::query()->where('browser', Editor::of($request)->browser)->whereKey($notice)->first();
    }
}
