<?php

declare(strict_types=1);

namespace App\Frame;

use App\Bench\Station;
use App\Database\Row;
use App\Editing\Notices;
use App\Editing\Undo;
use App\Firm\Here;
use App\Http\Editor;
use App\Http\State;
use App\Keeping\Kept;
use App\Models\Doorway;
use Illuminate\Support\Facades\DB;
use YokeLine\Setout;

/** What stands over every page of a doorway: whose it is, how far it has come, where one is, what one can take back. */
final readonly class DoorwayFrame
{
    public Place $place;

    /** @param  string  $page  the route of the page that is shown */
    public function __construct(public Doorway $doorway, public string $page)
    {
        $this->place = Place::of($page);
    }

    /** Where what is said here comes back as a bench. */
    public function isBench(): bool
    {
        return Station::tryFromPage($this->page) !== null;
    }

    /** @return list<string> who else has this doorway before them */
    public function others(): array
    {
        return Present::besides(Editor::here(), $this->doorway);
    }

    public function undo(): Undo
    {
        return new Undo($this->doorway, Editor::here());
    }

    public function setout(): Setout
    {
        return $this->doorway->setout(Editor::here()->units);
    }

    public function howFar(): HowFar
    {
        return new HowFar($this->doorway, $this->setout());
    }

    /**
     * What a page says of who looks, of when, and of whose it is; with the doorway itself (`Doorway::hangsOn`) all that
     * it is made of. Null where something is told that is told once.
     *
     * @return ?list<scalar|null>
     */
    public function moment(): ?array
    {
        $editor = Editor::here();
        // Asked in one: a page that is kept is hardly more than what is asked for it.
        $now = DB::table('jobs')
            ->where('id', $this->doorway->job_id)
            ->select('name')
            ->selectSub(State::lastEntry($this->doorway->id), 'entry')
            ->selectSub(Notices::to($editor), 'notices')
            ->first();

        if ($now === null) {
            return null;
        }
        $row = new Row($now);

        return $row->number('notices') > 0 ? null : [
            $this->page,
            csrf_token(),
            $editor->name,
            $editor->browser,
            app(Here::class)->person()?->role->value,
            $row->text('name'),
            $row->text('entry'),
            $this->doorway->revision_id,
            $this->doorway->waits_for,
            ...$this->others(),
        ];
    }

    /** The rail of stations, the verdict, the pages of the place: as HTML, kept while nothing of it changes. */
    public function where(): string
    {
        return Kept::of(
            'where',
            [$this->page, $this->doorway->waits_for, ...$this->doorway->hangsOn()],
            fn () => view('frame.where', ['frame' => $this, 'howFar' => $this->howFar()])->render(),
        );
    }
}
