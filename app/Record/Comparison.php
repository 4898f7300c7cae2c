<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Doorway;
use App\Models\Revision;
use App\Shelf;
use App\Words\Places;
use App\Words\Speaker;
use YokeLine\Drawing\Small;
use YokeLine\Drawing\Svg;
use YokeLine\Marks\AsShown;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** Two revisions of a doorway beside each other: what was changed, and which numbers that moved. */
final readonly class Comparison
{
    /** What a document has of the shelf and of the house's rules: nobody typed it. */
    private const TAKEN_ALONG = ['kit', 'house'];

    private Setout $before;

    private Setout $after;

    /** Between two changes by their numbers; one that there is none of is the last. */
    public static function of(Doorway $doorway, int $from, int $to, ?Unit $units): self
    {
        $numbered = fn (int $number): Revision => $doorway
            ->revisions()
            ->where('number', max(0, $number))
            ->first() ?? $doorway->revisions()->orderByDesc('number')->firstOrFail();

        return new self($numbered($from), $numbered($to), $units);
    }

    public function __construct(public Revision $from, public Revision $to, ?Unit $units)
    {
        $this->before = Setout::quick($from->document, app(Shelf::class)->kits(), $units);
        $this->after = Setout::quick($to->document, app(Shelf::class)->kits(), $units);
    }

    /** @return list<array{string, string, string}> what was typed: place, before, after */
    public function changes(): array
    {
        $changes = array_filter(
            $this->from->document->changesTo($this->to->document),
            fn (string $place) => ! in_array(explode('.', $place)[0], self::TAKEN_ALONG, true),
            ARRAY_FILTER_USE_KEY,
        );

        return array_map(
            fn (string $place, array $change) => [
                Places::name($place),
                Places::value($change['before'], $place, $this->from->document),
                Places::value($change['after'], $place, $this->to->document),
            ],
            array_keys($changes),
            $changes,
        );
    }

    /** @return list<array{string, string, string}> numbers of the plan that differ: name, before, after */
    public function numbers(): array
    {
        [$old, $new] = [$this->before->plan?->sums() ?? [], $this->after->plan?->sums() ?? []];
        $speak = Speaker::in($this->after->write);
        $found = [];
        foreach ($old + $new as $key => $sum) {
            [$was, $is] = [$old[$key] ?? null, $new[$key] ?? null];
            if ($was === null || $is === null || ! $was->total->equals($is->total)) {
                $found[] = [
                    ucfirst($speak->say($sum->says())).
                    (str_starts_with($key, 'up.') ? ' '.((int) substr($key, 3) + 1) : ''),
                    $this->say($this->before, $key, $was),
                    $this->say($this->after, $key, $is),
                ];
            }
        }

        return $found;
    }

    /** @return array{string, string} the wall before and after */
    public function drawings(): array
    {
        return [
            $this->before->plan === null
                ? ''
                : Svg::write(Small::of($this->before->plan, Speaker::in($this->after->write))),
            $this->after->plan === null
                ? ''
                : Svg::write(Small::of($this->after->plan, Speaker::in($this->after->write))),
        ];
    }

    /** @return array{string, string} */
    public function verdicts(): array
    {
        $speak = Speaker::in($this->after->write);

        return [$speak->say($this->before->verdict()->says()), $speak->say($this->after->verdict()->says())];
    }

    private function say(Setout $of, string $key, ?Sum $sum): string
    {
        return $sum === null || $of->plan === null
            ? Speaker::words('changes.nothing')
            : $this->after->write->show(AsShown::of($of->plan)->sum($key, $sum));
    }
}
