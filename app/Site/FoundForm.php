<?php

declare(strict_types=1);

namespace App\Site;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Revision;
use App\Record\Log;
use App\Shelf;
use App\Words\Refusals;
use App\Words\Speaker;
use App\Words\StoredMessage;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Recovery\Problems;
use YokeLine\Recovery\Question;
use YokeLine\Recovery\Surveyed;
use YokeLine\Recovery\WayOut;
use YokeLine\Setout;

/** What was found of one kind, as it was told last, and the ways out of it. */
final readonly class FoundForm
{
    public SiteRun $run;

    private Problems $problems;

    /** The change that it was found under. */
    private int $under;

    /** What the plan came to before it was found; null where nothing was. */
    private ?Setout $before;

    /** @var array<string, Length|string> */
    private array $told;

    /** @param  array<string, array{typed: string, says: string}>  $refused */
    public function __construct(
        public Doorway $doorway,
        public string $row,
        private ?Unit $units,
        public array $refused = [],
    ) {
        $this->run = new SiteRun($doorway, $units);
        $found = (new Log($doorway))->last('found')[$row]->data ?? [];
        // Ways out go from the plan as it was when it was found, while nothing but that has changed it.
        $under =
            ($found['revision'] ?? null) === $doorway->revision_id
                ? Revision::query()
                    ->where('doorway_id', $doorway->id)
                    ->find($found['under'] ?? 0)
                : null;
        $this->under = $under instanceof Revision ? $under->id : (int) $doorway->revision_id;
        $this->before =
            $under instanceof Revision ? Setout::quick($under->document, app(Shelf::class)->kits(), $units) : null;
        $this->problems = $this->run->problems($this->before);
        /** @var array<string, string> $told */
        $told = (array) ($found['told'] ?? []);
        $this->told = $this->last($told);
    }

    public function title(): string
    {
        return lcfirst($this->speak()->say(Problems::title($this->row)));
    }

    public function speak(): Speaker
    {
        return Speaker::in($this->run->write);
    }

    /** @return array<string, Question> */
    public function asks(): array
    {
        return $this->problems->asks($this->row);
    }

    public function typed(string $field): string
    {
        $told = $this->told[$field] ?? null;

        return $this->refused[$field]['typed'] ??
            ($told instanceof Length ? $this->run->write->exact($told) : (string) $told);
    }

    /**
     * Keeps what was found.
     *
     * @param  array<array-key, mixed>  $typed
     * @return array<string, array{typed: string, says: string}> what does not read
     */
    public function tell(array $typed, Editor $editor): array
    {
        $refused = $told = [];
        foreach ($this->asks() as $field => $ask) {
            $said = trim(is_string($typed[$field] ?? null) ? $typed[$field] : '');
            if ($ask->options !== []) {
                $told[$field] = isset($ask->options[$said]) ? $said : (string) array_key_first($ask->options);
            } elseif ($said !== '') {
                try {
                    $told[$field] = Log::write(LengthReader::read($said, $this->run->write->unit));
                } catch (UnreadableLength $problem) {
                    $refused[$field] = ['typed' => $said, 'says' => Refusals::say($problem->why)];
                }
            }
        }
        $log = new Log($this->doorway);
        if ($told !== [] && $refused === []) {
            try {
                $this->survey($told, $editor);
            } catch (UnreadableFile $problem) {
                // Beside the first thing that was told: no survey could hold it.
                return [
                    (string) array_key_first($told) => [
                        'typed' => trim(
                            is_string($typed[array_key_first($told)] ?? null) ? $typed[array_key_first($told)] : '',
                        ),
                        'says' => Refusals::whole($problem),
                    ],
                ];
            }
            $log->add(
                'found',
                $this->row,
                [
                    'told' => $told,
                    'under' => $this->under,
                    'revision' => (int) $this->doorway->revision_id,
                ],
                $editor->name,
            );
        }
        // What is asked for at a step as well is the same reading.
        foreach (array_intersect_key($told, $this->run->asks()) as $ask => $value) {
            $log->add(
                'measured',
                $ask,
                [
                    'value' => $value,
                    'planned' => Log::write($this->run->asks()[$ask]->planned),
                    'label' => StoredMessage::of($this->run->asks()[$ask]->called(), $this->run->write->unit)->write(),
                ],
                $editor->name,
            );
        }

        return $refused;
    }

    /** @return array{list<Message>, list<WayOut>} what it means, and the ways out */
    public function ways(): array
    {
        if (in_array($this->row, Problems::SURVEYED, true)) {
            return [$this->follows(), []];
        }
        [$says, $ways] = $this->problems->ways($this->row, $this->told);
        $document = $this->doorway->revision->document;
        $hazard =
            $this->row === 'hazard'
                ? Surveyed::hazardAt($document, $this->run->plan->doorway->units, $this->told)
                : null;
        if ($hazard === null) {
            return [$says, $ways];
        }
        $id = $document->get("survey.hazards[{$hazard}].id");
        $place = 'survey.hazards['.(is_string($id) ? "#{$id}" : $hazard).']';

        return [
            [new Message('recovery.means.kept'), ...$says],
            array_map(
                fn (WayOut $way) => $way->id === 'move-hazard' ? $way->changing(["{$place}.moved" => true]) : $way,
                $ways,
            ),
        ];
    }

    /** @return list<Message> what follows of it that did not stand before */
    private function follows(): array
    {
        if ($this->before === null) {
            return [];
        }
        $known = $this->before->findings;
        $count = fn (Finding $finding) => 1 +
            count(array_filter($known, fn (Finding $other) => $other->code === $finding->code));
        $new = array_filter(
            $this->doorway->setout($this->units)->findings,
            fn (Finding $finding) => ! $finding->isAmong($known, $count($finding)),
        );

        return [
            new Message('recovery.means.kept'),
            ...$new === []
                ? [new Message('recovery.means.nothing-new')]
                : array_values(array_map(fn (Finding $finding) => $finding->says(), $new)),
        ];
    }

    /**
     * What was found of the wall is part of its survey before anything is decided of it.
     *
     * @param  array<string, string>  $told
     */
    private function survey(array $told, Editor $editor): void
    {
        $read = array_map(
            fn (string $field, string $value) => ($this->asks()[$field]->options ?? []) === []
                ? Log::read($value)
                : $value,
            array_keys($told),
            $told,
        );
        $found = array_combine(array_keys($told), $read);
        $this->doorway->rewrite(
            fn (Revision $head) => Surveyed::in(
                $head->document,
                $this->run->plan->doorway->units,
                $this->row,
                $found,
                $editor->name,
                now()->toIso8601String(),
            ),
            StoredMessage::of(
                new Message('recovery.found', ['what' => Problems::title($this->row)]),
                $this->run->write->unit,
            ),
            $editor,
        );
    }

    public function way(string $id): ?WayOut
    {
        return array_values(array_filter($this->ways()[1], fn (WayOut $way) => $way->id === $id && $way->works))[0] ??
            null;
    }

    /** A way out that is taken, as the history keeps it. */
    public function taken(WayOut $way): StoredMessage
    {
        return StoredMessage::of(
            new Message('recovery.taken', ['found' => Problems::title($this->row), 'way' => $way->title()]),
            $this->run->write->unit,
        );
    }

    /** Nothing is done about it, for a reason; what it leaves to settle stays. */
    public function left(string $why, string $who): void
    {
        (new Log($this->doorway))->add(
            'decision',
            $this->row,
            [
                'way' => 'leave',
                'says' => $this->kept(new Message('recovery.left-as-is')),
                'why' => StoredMessage::typed($why)->write(),
                'redo' => [],
                'harm' => $this->kept(new Message('recovery.harm', [], '0')),
            ],
            $who,
        );
    }

    /** Logs the decision, and opens again what is to be done over. */
    public function decided(WayOut $way, string $who): void
    {
        $log = new Log($this->doorway);
        $log->add(
            'decision',
            $this->row,
            [
                'way' => $way->id,
                'says' => $this->kept($way->title()),
                'why' => $this->kept($way->says()),
                'redo' => array_column($way->redo, 'value'),
                'harm' => $this->kept($way->harm()),
            ],
            $who,
        );
        foreach ($this->run->steps as $id => $step) {
            if (in_array($step->kind(), $way->redo, true) && $this->run->state($id) !== 'open') {
                $log->add(
                    'step',
                    $id,
                    [
                        'state' => 'open',
                        'reason' => $this->kept(new Message('recovery.do-over', ['what' => $way->title()])),
                    ],
                    $who,
                );
            }
        }
    }

    private function kept(Message $message): string
    {
        return StoredMessage::of($message, $this->run->write->unit)->write();
    }

    /**
     * What was found last, or measured at its step.
     *
     * @param  array<string, string>  $found
     * @return array<string, Length|string>
     */
    private function last(array $found): array
    {
        $told = [];
        foreach ($found as $field => $value) {
            $told[$field] =
                ($this->problems->asks($this->row)[$field]->options ?? []) === [] ? Log::read($value) : (string) $value;
        }
        foreach (array_keys($this->problems->asks($this->row)) as $field) {
            $read = $this->run->read($field);
            if ($read !== null) {
                $told[$field] = $read;
            }
        }

        return $told;
    }
}
