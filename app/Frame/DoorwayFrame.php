<?php

declare(strict_types=1);

namespace App\Frame;

use App\Bench\Station;
use App\Editing\Undo;
use App\Http\Editor;
use App\Keeping\Kept;
use App\Models\Doorway;
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
