<?php

declare(strict_types=1);

namespace App\Site;

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Record\Log;
use App\Survey\WallPhoto;
use App\Survey\WallPhotos;
use App\Words\Speaker;
use YokeLine\Inspection\Cautions;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
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

    /** The customer's own wall; null where no photograph of it is true to scale. */
    public function photo(): ?WallPhoto
    {
        return WallPhotos::behind($this->doorway);
    }

    /** Keeps a signature; what keeps it from being one, as a sentence, where something does. */
    public function sign(string $name, string $strokes, string $who): ?string
    {
        $problem = match (true) {
            $this->open() !== [] => Speaker::words('refusals.sign-open', ['open' => $this->stillOpen()]),
            trim($name) === '' => Speaker::words('refusals.whose-signature'),
            preg_match('/^M[\dML .-]{4,60000}$/', $strokes) !== 1 => Speaker::words('refusals.sign-in-box'),
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

    public function stillOpen(): string
    {
        return implode('; ', array_map(Speaker::in($this->run->write)->say(...), $this->open()));
    }

    /** @return list<Message> what blocks the end: snags that are open, checks that do not hold or are not made */
    public function open(): array
    {
        $snags = array_map(
            fn (LogEntry $snag) => $snag->told('says')->message(),
            array_values(array_filter($this->snags, fn (LogEntry $snag) => $snag->data['state'] === 'open')),
        );
        $failed = array_map(
            fn (RunCheck $check) => new Message('record', ['what' => $check->says()], 'does-not-hold'),
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
            ...$left === 0 ? [] : [new Message('paper.hand-over', ['count' => $left], 'left')],
        ];
    }

    /** @return list<array{string, string}> what was fitted */
    public function fitted(): array
    {
        $plan = $this->run->plan;
        $say = $this->run->write->show(...);

        return [
            [
                Speaker::words('words.The-door'),
                "{$say($plan->layout->width->size->total)} × {$say($plan->heights->leaf->size->total)} × {$say(
                    $plan->thickness,
                )}, ".Speaker::words('paper.hand-over.about', [
                    'mass' => Speaker::in($this->run->write)->amount(Quantity::kilograms(round($plan->mass->kg))),
                ]),
            ],
            [Speaker::words('paper.hand-over.kit'), $plan->kit->name],
            [
                Speaker::words('paper.offer.rail'),
                $say($plan->rail->length->total).
                ', '.
                Speaker::words($plan->header === null ? 'paper.offer.on-wall' : 'paper.offer.on-board'),
            ],
            [
                Speaker::words('paper.offer.passage'),
                implode(', ', array_map(fn ($passage) => $say($passage->total), $plan->layout->passages)),
            ],
            [
                Speaker::words('paper.hand-over.line'),
                Speaker::words('paper.hand-over.above', ['height' => $say($plan->yokeLine())]).$this->lineBuilt(),
            ],
        ];
    }

    /** @return list<string> */
    public function care(): array
    {
        $kit = $this->run->plan->kit;

        return array_values(
            array_filter([
                Speaker::words('paper.hand-over.care-rail'),
                Speaker::words('paper.hand-over.care-snug'),
                $kit->jumpDisc === null ? null : Speaker::words('paper.hand-over.care-discs'),
                $this->run->plan->hasSoftClose() ? Speaker::words('paper.hand-over.care-soft') : null,
                $kit->guide->style->needsGroove() ? Speaker::words('paper.hand-over.care-guide') : null,
                Speaker::words('paper.hand-over.care-moved'),
                Speaker::words('paper.hand-over.care-wood'),
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

        return $off === []
            ? ''
            : Speaker::words('paper.hand-over.built', ['off' => $this->run->write->show(Length::greatest(...$off))]);
    }
}
