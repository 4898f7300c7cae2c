<?php

declare(strict_types=1);

namespace App\Bench;

use App\Editing\Notice;
use App\Http\Editor;
use App\Keeping\Kept;
use App\Making\MadeCost;
use App\Making\MadeSheet;
use App\Models\Doorway;
use App\Shelf;
use App\Words\ClearanceWords;
use App\Words\Speaker;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Obstacle;
use YokeLine\Holding\Schedule;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Slide;
use YokeLine\Setout;
use YokeLine\Survey\Agreement;
use YokeLine\Survey\Readings;
use YokeLine\Tolerance\Clearance;

/** What the bench shows of one doorway at one station. */
final readonly class Bench implements Form
{
    public Setout $setout;

    /** @var array<string, Kit> */
    private array $kits;

    public Typed $typed;

    /** Whether the cures are proved; where they are not yet, the page asks for them once it stands. */
    public bool $hasCures;

    public bool $hasMoreCures;

    /** Where this doorway's pages are. */
    public string $url;

    /**
     * @param  array<string, array{typed: string, says: string}>  $refused  what was typed and could not be taken, by
     *   place
     * @param  list<Notice>  $notices
     */
    public function __construct(
        public Doorway $doorway,
        public Station $station,
        ?Unit $units,
        public array $refused = [],
        public array $notices = [],
        bool $proveNow = false,
    ) {
        $this->url = "/doorways/{$doorway->id}";
        $this->kits = app(Shelf::class)->kits();
        $this->hasMoreCures = $doorway->setout($units)->hasMoreCures();
        [$this->setout, $this->hasCures] = (new ProvedCures($doorway, $units))->of($proveNow);
        $this->typed = new Typed($this->setout->write->unit, $this->setout->doorway->units);
    }

    /** @return list<Group> */
    public function groups(): array
    {
        return $this->station->groups(
            $this->setout,
            $this->kits,
            Items::shownTo(Editor::here(), $this->setout->document),
            $this->doorway->id,
        );
    }

    public function changesUrl(): string
    {
        return "{$this->url}/{$this->station->value}/changes";
    }

    public function refusal(Field $field): ?string
    {
        return $this->refused[$field->place]['says'] ?? null;
    }

    /** @return list<string> what is wrong with something that has no field here any more */
    public function astray(): array
    {
        $groups = $this->groups();

        return array_values(
            array_map(
                fn (array $refused) => $refused['says'],
                array_filter(
                    $this->refused,
                    fn (string $place) => Group::field($place, ...$groups) === null,
                    ARRAY_FILTER_USE_KEY,
                ),
            ),
        );
    }

    /** @return list<string> readings that can hardly all be right, where they are typed */
    public function asks(): array
    {
        if ($this->station !== Station::Wall) {
            return [];
        }
        $readings = Readings::in($this->setout->document, $this->setout->doorway->units);

        return array_map(
            fn (Agreement $one) => Speaker::in($this->setout->write)->say($one->says()),
            Agreement::askedOf($readings),
        );
    }

    public function unit(): Unit
    {
        return $this->setout->write->unit;
    }

    public function kept(Field $field): mixed
    {
        return EitherUnit::kept($this->setout->document, $field->place);
    }

    public function value(Field $field): string
    {
        return $this->refused[$field->place]['typed'] ?? $this->typed->toScreen($field, $this->kept($field));
    }

    public function beside(Field $field): string
    {
        return $this->typed->beside($field, $this->kept($field));
    }

    public function grey(Field $field): string
    {
        $grey = $field->greyIn($this->setout->doorway->units);

        return $grey instanceof Length ? $this->setout->write->show($grey) : (string) $grey;
    }

    /** Whether something is set here over what would be worked out; what was measured overrules nothing. */
    public function isOverruled(Field $field): bool
    {
        return str_starts_with($field->place, 'brief.') &&
            $field->greyIn($this->setout->doorway->units) !== null &&
            $field->kind === 'length' &&
            $this->value($field) !== '';
    }

    /**
     * @return list<string> clearances that a tape cannot be sure of; told with the cures, and kept while the document
     * is the same
     */
    public function unsure(): array
    {
        $plan = $this->setout->plan;

        return $plan === null || ! $this->hasCures
            ? []
            : Kept::of(
                'unsure',
                $this->doorway->hangsOn(),
                fn () => array_values(
                    array_map(
                        fn (Clearance $row) => Speaker::words('bench.tight', [
                            'what' => ClearanceWords::row($row->name),
                        ]),
                        array_filter(
                            Clearance::of($plan, $plan->doorway->marking->plusMinus),
                            fn (Clearance $row) => $row->verdict() === 'tight',
                        ),
                    ),
                ),
            );
    }

    /** @return list<string> what is moved away before the leaf hangs, with what that leaves to make good */
    public function toMove(): array
    {
        $going = array_filter($this->setout->doorway->survey->obstacles, fn (Obstacle $thing) => $thing->moved);

        return array_values(
            array_map(
                fn (Obstacle $thing) => Speaker::in($this->setout->write)->say(
                    new Message(
                        match (true) {
                            ! $thing->isOnWall() => 'bench.move.loose',
                            in_array($thing->kind, ['switch', 'socket', 'thermostat'], true) => 'bench.move.wired',
                            default => 'bench.move.fixed',
                        },
                        ['thing' => Message::word('things', $thing->name)],
                    ),
                ),
                $going,
            ),
        );
    }

    public function drawings(): Drawings
    {
        // Only where anchors are drawn is it asked for.
        $trace = $this->station === Station::Anchors ? $this->doorway->trace->profile ?? [] : [];

        return new Drawings($this->setout, $this->station, $trace);
    }

    /** @return list<MadeSheet> the leaf as it is built */
    public function madeLeaves(): array
    {
        return MadeSheet::of($this->setout);
    }

    /** @return list<string> what it costs to build it, and to buy it */
    public function madeCost(): array
    {
        return (new MadeCost($this->setout, $this->kits))->says();
    }

    public function numbers(): Numbers
    {
        return new Numbers($this->setout);
    }

    /** What the slide is sent, as JSON; `null` where nothing slides yet. */
    public function slide(): string
    {
        $plan = $this->setout->plan;

        return (string) json_encode(
            $plan === null ? null : SlideFrames::of($plan, $this->setout->write, $this->station === Station::Anchors),
            JSON_UNESCAPED_UNICODE,
        );
    }

    /** @return list<string> where this house differs from what is usual, or has said why */
    public function houseRules(): array
    {
        return (new HouseAnswers($this->setout, $this->typed))->told();
    }

    /** @return list<Schedule> every fixing to have at hand */
    public function fixings(): array
    {
        return $this->setout->plan === null ? [] : Schedule::of($this->setout->plan);
    }

    /** What is grave or must be settled, in a line. */
    public function toSettle(): string
    {
        $stops = $this->count(Severity::Stop);
        $settles = $this->count(Severity::Settle);

        return match (true) {
            $this->setout->missing() !== [] => Speaker::words('bench.open.to-measure', [
                'count' => count($this->setout->missing()),
            ]),
            $stops > 0 => Speaker::words('bench.open.stopped', ['count' => $stops]).
                ($settles > 0 ? ' '.Speaker::words('bench.open.more', ['count' => $settles]) : ''),
            $settles > 0 => Speaker::words('bench.open.points', ['count' => $settles]),
            $this->setout->assumed() !== [] => Speaker::words('bench.open.assumed', [
                'count' => count($this->setout->assumed()),
            ]),
            default => Speaker::words('bench.open.none'),
        };
    }

    public function stationOf(Finding $finding): Station
    {
        return Station::settingPlace($finding->where);
    }

    private function count(Severity $severity): int
    {
        return count(array_filter($this->setout->findings, fn (Finding $finding) => $finding->severity === $severity));
    }
}
