<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Site\NotTaken;
use App\Site\Photo;
use App\Survey\PhotoMarks;
use App\Survey\PhotoPage;
use App\Survey\WallPhotos;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use YokeLine\Format\UnreadableFile;
use YokeLine\Survey\UnusablePhoto;

/** Photographs of a wall: what is known in one makes it true to scale, and then it is measured by. */
final class WallPhotoController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return $this->page($request, $doorway, $request->string('photo')->value());
    }

    public function store(Request $request, Doorway $doorway): RedirectResponse
    {
        $file = $request->file('photo');
        $uid = strtolower((string) Str::ulid());
        try {
            $bytes = $file instanceof UploadedFile ? (string) file_get_contents($file->getPathname()) : '';
            Photo::keep($doorway, $uid, 'survey', '', Editor::of($request)->name, null, $bytes);
        } catch (NotTaken $problem) {
            return to_route('wall.photos', $doorway)->withErrors(['photo' => Refusals::say($problem->why)]);
        }

        return to_route('wall.photos', [$doorway, 'photo' => $uid]);
    }

    /** Where its points were shown; the page comes back with the wall behind the drawing, or why not. */
    public function points(Request $request, Doorway $doorway, string $uid): View
    {
        $photo = WallPhotos::of($doorway)->find($uid) ?? abort(404, Speaker::words('refusals.no-photo'));
        try {
            (new PhotoMarks($doorway, Editor::of($request)))->keep(
                $photo,
                (array) json_decode($request->string('points')->value(), true),
            );
        } catch (UnreadableFile $problem) {
            $refused = Refusals::at(array_key_first($problem->problems) ?? '', $problem);

            return $this->page($request, $doorway, $uid, $refused);
        }

        return $this->page($request, $doorway, $uid);
    }

    public function place(Request $request, Doorway $doorway, string $uid): View
    {
        $photo = WallPhotos::of($doorway)->find($uid)->fitted ?? abort(404, Speaker::words('refusals.no-photo'));
        $at = fn (string $of) => [$request->float("{$of}-x"), $request->float("{$of}-y")];
        try {
            (new PhotoMarks($doorway, Editor::of($request)))
                ->place($photo, $request->string('kind')->value(), $at('one'), $at('other'));
        } catch (UnreadableFile $problem) {
            return $this->page($request, $doorway, $uid, Refusals::at('survey.obstacles', $problem));
        } catch (UnusablePhoto $problem) {
            return $this->page($request, $doorway, $uid, Refusals::say($problem->says()));
        }

        return $this->page($request, $doorway, $uid);
    }

    private function page(Request $request, Doorway $doorway, string $uid, string $refused = ''): View
    {
        $view = $request->hasHeader('HX-Request') ? 'survey.photo' : 'survey.photos';

        return view($view, ['page' => new PhotoPage($doorway, $uid, $refused)]);
    }
}
