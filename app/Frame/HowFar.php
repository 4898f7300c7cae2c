<?php

declare(strict_types=1);

namespace App\Frame;

use App\Bench\Station;
use App\Models\Doorway;
use App\Words\Speaker;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Verdict;
use YokeLine\Setout;

/** How far a doorway has come: which stations are done, whether it works, where it is mended. */
final readonly class HowFar
{
    public function __construct(private Doorway $doorway, public Setout $setout) {}

    /** Whether what is to be done at a station is done: the rail is green that far. */
    public function isDone(Place $place): bool
    {
        return match ($place) {
            Place::Wall => Station::Wall->isDone($this->setout),
            Place::Door => Station::Leaf->isDone($this->setout),
            Place::Rail, Place::Anchors, Place::Papers => Station::Rail->isDone($this->setout),
            Place::Marks => in_array($this->waitsFor(), ['proof', 'done'], true),
            Place::Site, Place::Record => $this->waitsFor() === 'done',
        };
    }

    public function verdict(): Verdict
    {
        return $this->setout->verdict();
    }

    /** The verdict in a few words, with how much is open. */
    public function says(): string
    {
        $open = count($this->open());

        return $open === 0 || $this->setout->plan === null
            ? rtrim(Speaker::in($this->setout->write)->say($this->verdict()->says()), '.')
            : trans_choice('frame.open', $open);
    }

    /** Where what is open is mended: at the station of the first of it. */
    public function mend(): string
    {
        $first = $this->open()[0] ?? null;
        $station = $first === null || $first->where === '' ? Station::Rail : Station::settingPlace($first->where);

        return route($this->setout->plan === null ? Station::Wall->page() : $station->page(), $this->doorway).'#means';
    }

    /** @return list<Finding> */
    private function open(): array
    {
        return array_values(
            array_filter($this->setout->findings, fn (Finding $finding) => $finding->severity->needsSettling()),
        );
    }

    /** What it waits for, as the list of all doorways last worked it out; '' where something has changed since. */
    private function waitsFor(): string
    {
        return $this->setout->plan === null ? 'measure' : (string) $this->doorway->waits_for;
    }
}
