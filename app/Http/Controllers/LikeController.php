<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Pattern;
use App\Http\Editor;
use App\Http\Named;
use App\Models\Doorway;
use App\Models\Job;
use App\Rules\Level;
use App\Rules\RuleBook;
use App\Words\Speaker;
use App\Words\StoredMessage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Doorways that begin as another stands: whole, or as a pattern that is measured anew. */
final class LikeController
{
    public function copy(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        $name = Speaker::words('jobs.copy-of', ['name' => $doorway->name]);
        $document = $doorway->revision->document->with('name', $name);
        $copy = Doorway::begin(
            $doorway->job,
            $document,
            StoredMessage::change('copied', ['name' => $doorway->name]),
            $editor,
        );

        return to_route('wall.measure', $copy);
    }

    public function ask(Doorway $doorway): View
    {
        return view('jobs.like', ['doorway' => $doorway, 'jobs' => Job::query()->inList(false)->latest('id')->get()]);
    }

    /** A new one that is chosen and done like this one, and measured anew. */
    public function pattern(Request $request, Doorway $doorway): RedirectResponse
    {
        $job = Job::query()->inList(false)->find($request->integer('job'));
        if ($job === null) {
            return to_route('doorways.like', $doorway)->withErrors(['job' => Speaker::words('refusals.no-job')]);
        }
        $like = Doorway::begin(
            $job,
            RuleBook::begin(
                Pattern::of($doorway->revision->document, Named::doorway($request)),
                Level::job($job),
            ),
            StoredMessage::change('patterned', ['name' => $doorway->name]),
            Editor::of($request),
        );

        return to_route('wall.measure', $like);
    }
}
