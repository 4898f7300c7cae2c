<?php

declare(strict_types=1);

namespace App\Site;

use App\Marking\MarkingForm;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Record\Log;
use App\Words\Speaker;
use App\Words\StepWords;
use Illuminate\Support\Carbon;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\Problems;
use YokeLine\Setout;
use YokeLine\Work\After;
use YokeLine\Work\Order;
use YokeLine\Work\SiteMeasurement;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** A doorway on site: its steps, how far they are, and what was really measured. */
final readonly class SiteRun
{
    public Plan $plan;

    public LengthWriter $write;

    /** @var array<string, Step> */
    public array $steps;

    /** @var array<string, LogEntry> */
    private array $said;

    /** @var array<string, LogEntry> */
    private array $measured;

    public function __construct(public Doorway $doorway, public ?Unit $units)
    {
        $setout = $doorway->setout($units);
        $this->plan = $setout->plan ?? abort(404, Speaker::words('refusals.no-plan'));
        $this->write = $setout->write;
        $this->steps = array_filter(Order::of($this->plan)->steps, fn (Step $step) => ! $step->kind()->isAtTheDesk());
        $log = new Log($doorway);
        $this->said = $log->last('step');
        $this->measured = $log->last('measured');
    }

    /** @return 'open'|'done'|'skipped' */
    public function state(string $step): string
    {
        $state = $this->said[$step]->data['state'] ?? 'open';

        return $state === 'done' || $state === 'skipped' ? $state : 'open';
    }

    public function done(): int
    {
        return count(array_filter(array_keys($this->steps), fn (string $id) => $this->state($id) !== 'open'));
    }

    /** The first open step that nothing open stands before. */
    public function next(): ?string
    {
        return $this->ready()[0] ?? null;
    }

    /**
     * @return list<string> open steps that nothing open stands before; and, where a moment is given, that wait for
     * nothing to dry then
     */
    public function ready(?Carbon $at = null): array
    {
        $isBefore = fn (After $after) => isset($this->steps[$after->step]) && $this->state($after->step) === 'open';
        $isWet = fn (After $after) => $at !== null &&
            isset($this->said[$after->step]) &&
            $this->said[$after->step]->at->diffInMinutes($at) < $after->minutes;

        return array_keys(
            array_filter(
                $this->steps,
                fn (Step $step) => $this->state($step->id) === 'open' &&
                    array_filter($step->after, fn (After $after) => $isBefore($after) || $isWet($after)) === [],
            ),
        );
    }

    /** @return list<SiteStep> */
    public function steps(): array
    {
        $speak = Speaker::in($this->write);
        $drawn = new StepDrawing($this->plan, $speak, $this->lineBuilt(...), $this->read(...));
        $numbers = new StepReadings($this->plan, $this->write, new MarkingForm($this->doorway, $this->units));
        $hand = new StepHand($this->plan, $speak);

        return array_values(
            array_map(
                fn (Step $step) => new SiteStep(
                    $step,
                    StepWords::step($step),
                    StepWords::card($step->card()),
                    $this->state($step->id),
                    isset($this->said[$step->id]) ? $this->said[$step->id]->text('reason') : '',
                    array_map(
                        fn ($after) => [
                            StepWords::after($after),
                            ! isset($this->steps[$after->step]) || $this->state($after->step) !== 'open',
                        ],
                        $step->after,
                    ),
                    $drawn->drawing($step),
                    $numbers->readings($step),
                    $hand->hand($step),
                    array_map(
                        fn (SiteMeasurement $ask) => [$ask, $this->typed($ask->id), $this->off($ask)],
                        SiteMeasurements::at($step, $this->plan),
                    ),
                ),
                $this->steps,
            ),
        );
    }

    /** @return array<string, SiteMeasurement> every number that is asked for, by its name */
    public function asks(): array
    {
        $asks = [];
        foreach ($this->steps as $step) {
            foreach (SiteMeasurements::at($step, $this->plan) as $ask) {
                $asks[$ask->id] = $ask;
            }
        }

        return $asks;
    }

    /** What was really measured; null where nothing was. */
    public function read(string $ask): ?Length
    {
        return isset($this->measured[$ask]) ? Log::read($this->measured[$ask]->data['value']) : null;
    }

    /** @return array<string, list<array{SiteMeasurement, string}>> what is off by too much, by what to look at */
    public function deviations(): array
    {
        $found = [];
        foreach ($this->asks() as $ask) {
            if ($this->off($ask) !== '') {
                $found[$ask->row][] = [$ask, $this->off($ask)];
            }
        }

        return $found;
    }

    /**
     * The doorway as the core works ways out from it: what is done is fixed.
     *
     * @param  ?Setout  $before  as it was planned before something was found
     */
    public function problems(?Setout $before = null): Problems
    {
        $kinds = [];
        foreach ($this->steps as $id => $step) {
            $kinds[$step->kind()->value] = ($kinds[$step->kind()->value] ?? true) && $this->state($id) === 'done';
        }

        return new Problems(
            new OnSite(
                $before->document ?? $this->doorway->revision->document,
                $before->plan ?? $this->plan,
                array_map(StepKind::from(...), array_keys(array_filter($kinds))),
            ),
        );
    }

    /**
     * Where the line of a rail was read, and how much higher it is than planned.
     *
     * @param  string  $rail  what its readings end with
     * @return list<array{Length, Length}>
     */
    public function lineBuilt(string $rail = ''): array
    {
        $built = [];
        foreach (SiteMeasurements::linePlaces($this->plan) as [$id, $x]) {
            $read = $this->read("{$id}{$rail}");
            if ($read !== null) {
                $built[] = [$x, $read->minus($this->plan->tapeUp($x))];
            }
        }

        return $built;
    }

    private function typed(string $ask): string
    {
        $read = $this->read($ask);

        return $read === null ? '' : $this->write->exact($read);
    }

    private function off(SiteMeasurement $ask): string
    {
        $read = $this->read($ask->id);
        if ($read === null || ! $ask->differs($read)) {
            return '';
        }
        $off = $read->minus($ask->planned);

        return Speaker::in($this->write)->say(
            new Message('site.off', ['by' => $off->absolute()], $off->isPositive() ? 'more' : 'less'),
        );
    }
}
