<?php

declare(strict_types=1);

namespace App\Bench;

use App\Editing\Notice;
use App\Firm\Ability;
use App\Firm\Here;
use App\Frame\DoorwayFrame;
use App\Http\Editor;
use App\Http\Packed;
use App\Keeping\Kept;
use App\Models\Doorway;
use App\Survey\WallPhoto;
use App\Survey\WallPhotos;
use Illuminate\Http\Response;

/** A page of the bench: what is worked and drawn is kept, and worked anew only where something of it changed. */
final readonly class BenchPage
{
    /**
     * @param  array<string, array{typed: string, says: string}>  $refused  what was typed and could not be taken, by
     *   place
     * @param  list<Notice>  $notices
     */
    public function __construct(
        public Doorway $doorway,
        public Station $station,
        private Editor $editor,
        private array $refused = [],
        private array $notices = [],
    ) {}

    /** All of it: kept for who comes here again and finds everything as it was. */
    public function whole(): Response
    {
        $moment = $this->isOnlyOfThisPage() ? null : $this->frame()->moment();
        $make = fn (): string => Packed::pack(view('bench.page', ['page' => $this])->render());

        return new Packed($moment === null ? $make() : Kept::of('page', [...$moment, ...$this->hangsOn()], $make));
    }

    public function frame(): DoorwayFrame
    {
        return new DoorwayFrame($this->doorway, $this->station->page());
    }

    /** Fields, drawings, findings and the numbers to read out, as HTML. */
    public function body(): string
    {
        return $this->isOnlyOfThisPage()
            ? $this->made()
            : Kept::of('bench', $this->hangsOn(), $this->made(...));
    }

    /** What lies behind the drawing; null where no photograph is true to scale. */
    public function photo(): ?WallPhoto
    {
        return WallPhotos::behind($this->doorway);
    }

    /** @return list<scalar|null> */
    private function hangsOn(): array
    {
        return [
            $this->station->value,
            // Where something can be added, two people who do it at once add it under ids of their own.
            $this->station === Station::Leaf ? null : $this->editor->browser,
            app(Here::class)->may(Ability::Plan),
            (new ProvedCures($this->doorway, $this->editor->units))->areKept(),
            $this->station === Station::Anchors ? $this->doorway->trace?->id : null,
            ...$this->doorway->hangsOn(),
        ];
    }

    /** What was refused or told is told once; what a leaf costs that is built hangs on every price of the house. */
    private function isOnlyOfThisPage(): bool
    {
        return $this->refused !== [] || $this->notices !== [] || $this->station === Station::Made;
    }

    private function made(): string
    {
        $bench = new Bench($this->doorway, $this->station, $this->editor->units, $this->refused, $this->notices);

        return view('bench.body', ['bench' => $bench])->render();
    }
}
