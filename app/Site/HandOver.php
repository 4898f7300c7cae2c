<?php

declare(strict_types=1);

namespace App\Site;

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Record\Log;
use App\Words\Speaker;
use YokeLine\Inspection\Cautions;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Work\RunCheck;

/** The end of the work: the checks of the run, what is still open, and the sheet for the customer. */
final readonly class HandOver
{
    public SiteRun $run;

    /** @var array<string, LogEntry> */
    public array $checked;

    /** @var array<string, LogEntry> */
    public array $snags;

    public ?LogEntry $signature;

    public function __construct(public Doorway $doorway, ?Unit $units)
    {
        $this->run = new SiteRun($doorway, $units);
        $log = new Log($doorway);
        $this->checked = $log->last('run');
        $this->snags = $log->last('snag');
        $this->signature = array_values($log->last('signature'))[0] ?? null;
    }

    /** Keeps a signature; what keeps it from being one, as a sentence, where something does. */
    public function sign(string $name, string $strokes, string $who): ?string
    {
        $problem = match (true) {
            $this->open() !== [] => 'It cannot be signed while something is open: '.
                implode('; ', $this->open()).
                '.',
            trim($name) === '' => 'Whose signature is it? Write the name.',
            preg_match('/^M[\dML .-]{4,60000}$/', $strokes) !== 1 => 'Sign in the box.',
            default => null,
        };
        if ($problem === null) {
            $data = ['name' => trim($name), 'strokes' => $strokes];
            (new Log($this->doorway))->add('signature', 'hand-over', $data, $who);
        }

        return $problem;
    }

    /** @return list<RunCheck> */
    public function checks(): array
    {
        return RunCheck::of($this->run->plan);
    }

    public function holds(RunCheck $check): ?bool
    {
        return isset($this->checked[$check->id]) ? (bool) $this->checked[$check->id]->data['holds'] : null;
    }

    public function read(RunCheck $check): string
    {
        $value = $this->checked[$check->id]->data['value'] ?? null;

        return $value === null ? '' : $this->run->write->exact(Log::read($value));
    }

    /** @return list<string> what blocks the end: snags that are open, checks that do not hold or are not made */
    public function open(): array
    {
        $snags = array_map(
            fn (LogEntry $snag) => (string) $snag->data['says'],
            array_values(array_filter($this->snags, fn (LogEntry $snag) => $snag->data['state'] === 'open')),
        );
        $failed = array_map(
            fn (RunCheck $check) => Speaker::words('record.does-not-hold', [
                'what' => Speaker::in($this->run->write)->say($check->says()),
            ]),
            array_values(
                array_filter(
                    $this->checks(),
                    fn (RunCheck $check) => $this->holds($check) === false &&
                        ($this->snags["run-{$check->id}"]->data['state'] ?? '') !== 'accepted',
                ),
            ),
        );
        $left = count(array_filter($this->checks(), fn (RunCheck $check) => $this->holds($check) === null));

        return [
            ...$snags,
            ...$failed,
            ...$left === 0 ? [] : [$left === 1 ? 'One check is not made yet' : "{$left} checks are not made yet"],
        ];
    }

    /** @return list<array{string, string}> what was fitted */
    public function fitted(): array
    {
        $plan = $this->run->plan;
        $say = $this->run->write->show(...);

        return [
            [
                'Leaf',
                "{$say($plan->layout->width->size->total)} × {$say($plan->heights->leaf->size->total)} × {$say(
                    $plan->thickness,
                )}, about ".
                round($plan->mass->kg).
                ' kg',
            ],
            ['Kit', $plan->kit->name],
            [
                'Rail',
                $say($plan->rail->length->total).($plan->header === null ? ', straight to the wall' : ', on a board'),
            ],
            [
                'Passage when open',
                implode(', ', array_map(fn ($passage) => $say($passage->total), $plan->layout->passages)),
            ],
            ['Rail line', "{$say($plan->yokeLine())} above the high spot".$this->lineBuilt()],
        ];
    }

    /** @return list<string> */
    public function care(): array
    {
        $kit = $this->run->plan->kit;

        return array_values(
            array_filter([
                'Once a month: wipe the rail; no oil on it, wheels run dry.',
                'Twice a year: look whether stops, hangers and guide are snug; by hand, not harder.',
                $kit->jumpDisc === null ? null : 'Jump discs stay turned in: they keep the leaf on the rail.',
                $this->run->plan->hasSoftClose()
                    ? 'Soft close: push the leaf into it gently if it has let go; it cocks itself.'
                    : null,
                $kit->guide->style->needsGroove()
                    ? 'The guide in the floor is small and sharp: keep it covered by the leaf.'
                    : null,
                'A leaf that runs by itself, rubs or rattles has moved: do not bend anything, ask the installer.',
                'Wood moves with the seasons: a little more or less gap is no fault.',
            ]),
        );
    }

    /** @return list<string> what the customer must know */
    public function cautions(): array
    {
        return array_map(Speaker::in($this->run->write)->say(...), Cautions::forCustomer($this->run->plan));
    }

    private function lineBuilt(): string
    {
        $off = array_map(fn (array $built) => $built[1]->absolute(), [
            ...$this->run->lineBuilt(),
            ...$this->run->lineBuilt('-front'),
        ]);

        return $off === [] ? '' : ', built within '.$this->run->write->show(Length::greatest(...$off));
    }
}
