<?php

declare(strict_types=1);

namespace App\Survey;

use App\Bench\Field;
use App\Bench\Typed;
use App\Models\Doorway;
use App\Models\Job;
use App\Words\FieldWords;
use App\Words\Speaker;
use App\Words\Terms;
use YokeLine\Catalog\FieldType;
use YokeLine\Catalog\Least;
use YokeLine\Drawing\Affine;
use YokeLine\Drawing\WallSketch;
use YokeLine\Format\Document;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Setout;
use YokeLine\Survey\Agreement;
use YokeLine\Survey\Asked;
use YokeLine\Survey\Readings;
use YokeLine\Survey\Walk;

/**
 * All that the page needs to walk along a wall with no connection: what is asked, in which words, where the tape goes,
 * what was told already, and what must agree. Numbers only; no rule is in the page.
 */
final readonly class WalkPage
{
    private WallSketch $sketch;

    private function __construct(
        public Job $job,
        public ?Doorway $doorway,
        private ?Setout $setout,
        public Unit $unit,
    ) {
        $this->sketch = new WallSketch;
    }

    public static function of(Doorway $doorway, ?Unit $shown): self
    {
        $setout = $doorway->setout($shown);

        return new self($doorway->job, $doorway, $setout, $setout->write->unit);
    }

    /** For a doorway that is begun on it. */
    public static function beginning(Job $job, ?Unit $shown): self
    {
        return new self($job, null, null, $shown ?? $job->units);
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $doorway = $this->doorway;

        return [
            'doorway' => $doorway?->id,
            'job' => $this->job->id,
            'base' => $doorway?->revision_id,
            'units' => $this->unit->value,
            'unitMm' => $this->unit === Unit::Millimetre ? 1 : 25.4,
            'begin' => route('jobs.begin', $this->job),
            'screens' => array_map($this->screen(...), Walk::all()),
            'sketch' => $this->sketch->numbers(),
            'agreements' => array_map($this->agreement(...), Agreement::all()),
            'mm' => $this->told(),
        ];
    }

    /** @return array<string, mixed> */
    private function screen(Asked $asked): array
    {
        return [
            ...$this->question($asked),
            'stretch' => Speaker::words("survey.stretches.{$asked->stretch->value}"),
            'unless' => $asked->unless,
            'after' => $asked->after,
            'parts' => array_map($this->question(...), $asked->parts),
            'value' => $asked->parts === [] ? $this->value($asked->place) : '',
            'count' => $asked->parts === [] ? 0 : count((array) ($this->document()?->get($asked->place) ?? [])),
        ];
    }

    /** @return array<string, mixed> */
    private function question(Asked $asked): array
    {
        $field = Field::of($asked->place);
        $dimension = $this->sketch->dimensions()[$asked->place] ?? null;

        return [
            'place' => $asked->place,
            'kind' => match (true) {
                $asked->field->type === FieldType::Items => 'list',
                $field->options !== [] => 'choice',
                default => 'length',
            },
            'label' => FieldWords::label($asked->place),
            // As HTML: each word of the trade leads to what it is.
            'how' => Terms::linked(Speaker::in($this->unit)->say(new Message('survey.how', [], $asked->place))),
            'absent' => $asked->field->mayBeNone(),
            'options' => array_filter($field->options, fn (string $key) => $key !== '', ARRAY_FILTER_USE_KEY),
            'signed' => $asked->isLength() && $asked->field->least === Least::Any,
            'dimension' => $dimension === null
                ? null
                : array_map(fn (array $end) => array_map(fn (Affine $at) => $at->numbers(), $end), $dimension),
            'spot' => array_map(
                fn (Affine $at) => $at->numbers(),
                $this->sketch->spot(strtok($asked->place, '[') ?: ''),
            ),
        ];
    }

    /** As its field shows it. */
    private function value(string $place): string
    {
        return $this->setout === null
            ? ''
            : (new Typed($this->unit, $this->setout->doorway->units))->toScreen(
                Field::of($place),
                $this->setout->document->get($place),
            );
    }

    private function document(): ?Document
    {
        return $this->setout?->document;
    }

    /** @return array<string, float> what was told of every length, mm */
    private function told(): array
    {
        if ($this->setout === null) {
            return [];
        }
        $readings = Readings::in($this->setout->document, $this->setout->doorway->units);
        $mm = [];
        foreach (Walk::lengths() as $place) {
            $told = $readings->at($place);
            if ($told !== null) {
                $mm[$place] = $told->toMm();
            }
        }

        return $mm;
    }

    /** @return array<string, mixed> */
    private function agreement(Agreement $one): array
    {
        return [
            'more' => $one->more,
            'less' => $one->less,
            'least' => $one->least->toMm(),
            'absent' => array_values(array_filter($one->places(), Agreement::mayBeAbsent(...))),
            'says' => Speaker::in(new LengthWriter($this->unit))->say($one->says()),
        ];
    }
}
