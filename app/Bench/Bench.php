<?php

declare(strict_types=1);

namespace App\Bench;

use App\Editing\Notice;
use App\Editing\Undo;
use App\Http\Editor;
use App\Models\Doorway;
use App\Shelf;
use App\Words\ClearanceWords;
use App\Words\RuleWords;
use App\Words\Speaker;
use Illuminate\Support\Facades\Cache;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field as CatalogField;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Obstacle;
use YokeLine\Drawing\Above;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\FloorProfile;
use YokeLine\Drawing\Loads;
use YokeLine\Drawing\Section;
use YokeLine\Drawing\Svg;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Grip;
use YokeLine\Holding\RailFixings;
use YokeLine\Holding\Schedule;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\Slide;
use YokeLine\Setout;
use YokeLine\Tolerance\Clearance;

/** What the bench shows of one doorway at one station. */
final readonly class Bench implements Form
{
    private const LOAD_STEPS = 40;

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
        $shelf = app(Shelf::class);
        $this->kits = $shelf->kits();
        $this->hasMoreCures = $doorway->setout($units)->hasMoreCures();
        [$this->setout, $this->hasCures] = (new ProvedCures($shelf))->of($doorway->setout($units), $proveNow);
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

    public function undo(): Undo
    {
        return new Undo($this->doorway, Editor::here());
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

    public function unit(): Unit
    {
        return $this->setout->write->unit;
    }

    public function kept(Field $field): mixed
    {
        return $this->setout->document->get($field->place);
    }

    public function value(Field $field): string
    {
        return $this->refused[$field->place]['typed'] ?? $this->typed->toScreen($field, $this->kept($field));
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
            : Cache::remember(
                "unsure.{$this->doorway->revision_id}.".app()->getLocale(),
                now()->addWeek(),
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

    private function speak(): Speaker
    {
        return Speaker::in($this->setout->write);
    }

    public function elevation(): string
    {
        return Svg::write(
            $this->station === Station::Anchors
                ? Elevation::withAnchors(
                    $this->setout->doorway,
                    $this->setout->plan,
                    $this->speak(),
                    $this->doorway->trace->profile ?? [],
                )
                : Elevation::of($this->setout->doorway, $this->setout->plan, $this->speak()),
        );
    }

    public function above(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(Above::of($this->setout->plan, $this->speak()));
    }

    public function profile(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(FloorProfile::of($this->setout->plan, $this->speak()));
    }

    public function loads(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(Loads::of($this->setout->plan, $this->speak()));
    }

    /** @return list<Schedule> every fixing to have at hand */
    public function fixings(): array
    {
        return $this->setout->plan === null ? [] : Schedule::of($this->setout->plan);
    }

    public function section(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(Section::of($this->setout->plan, $this->speak()));
    }

    /** Which of several alike a sum is, for the table of numbers: the leaf of a pair, or the place along the wall. */
    public function whichOf(string $key): string
    {
        [$of, $number] = [strtok($key, '.'), (string) strtok('')];

        return match (true) {
            $of === 'up' => ', at '.
                $this->setout->write->show($this->setout->plan?->readingPlaces()[(int) $number] ?? Length::zero()),
            $of !== 'leaf' && isset($this->setout->plan?->layout->runs[$of]) => ", {$of}",
            default => '',
        };
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
            default => Speaker::words('bench.open.none'),
        };
    }

    /**
     * The numbers one reads out: key of the sum behind it => what it is, and the number.
     *
     * @return array<string, array{string, string}>
     */
    public function readOut(): array
    {
        $plan = $this->setout->plan;
        if ($plan === null) {
            return [];
        }
        $say = $this->setout->write->show(...);

        return [
            'yoke_line' => [Speaker::words('bench.numbers.line'), $say($plan->yokeLine())],
            'leaf.width' => [Speaker::words('bench.numbers.width'), $say($plan->layout->width->size->total)],
            'leaf.height' => [Speaker::words('bench.numbers.height'), $say($plan->heights->leaf->size->total)],
            'rail.length' => [
                Speaker::words('bench.numbers.rail', ['count' => $plan->rail->pieces]),
                $say($plan->rail->length->total),
            ],
            ...$plan->header === null
                ? []
                : ['header.bottom' => [Speaker::words('bench.numbers.header'), $say($plan->header->foot->total)]],
            ...$this->travels($plan),
        ];
    }

    /** The slide for the browser: numbers along the run, straight between frames, in millimetres. */
    public function slide(): string
    {
        $plan = $this->setout->plan;
        if ($plan === null) {
            return 'null';
        }
        $number = fn ($value) => $value instanceof Length ? $value->toMm() : $value;
        $leaves = array_map(
            fn (PlannedLeaf $leaf) => [
                'travel' => $leaf->run->travel->total->toMm(),
                'hasCatch' => $leaf->softClose,
                'frames' => array_map(fn (array $frame) => array_map($number, $frame), Slide::frames($plan, $leaf)),
            ],
            $plan->leaves(),
        );

        return (string) json_encode([
            'says' => $this->readings($plan),
            'leaves' => $leaves,
            ...$this->station === Station::Anchors ? $this->holding($plan) : [],
        ]);
    }

    /**
     * @return array{step: float, from: int, texts: list<string>} every reading that the slide can show, step by step as
     * the screen rounds, from the first step on
     */
    private function readings(Plan $plan): array
    {
        $shown = [];
        foreach ($plan->leaves() as $leaf) {
            foreach (Slide::frames($plan, $leaf) as $frame) {
                array_push($shown, $frame['passage'], $frame['covered'], $frame['gapLeading'], $frame['gapTrailing']);
            }
        }
        $step = $this->setout->write->unit->step();
        $count = fn (Length $length) => intdiv($length->roundedTo($step)->nm, $step->nm);
        [$from, $to] = [$count(Length::least(...$shown)), $count(Length::greatest(...$shown))];

        return [
            'step' => $step->toMm(),
            'from' => $from,
            'texts' => array_map(fn (int $n) => $this->setout->write->show($step->times($n)), range($from, $to)),
        ];
    }

    /**
     * @return array<string, mixed> what every fixing takes along the slide, and where the rail's left end may be for
     * each of its holes to hold
     */
    private function holding(Plan $plan): array
    {
        $anchoring = Anchoring::of($plan);
        $loads = [];
        foreach ($plan->layout->runs as $leaf => $run) {
            for ($i = 0; $i <= self::LOAD_STEPS; $i++) {
                $by = $run->travel->total->scaled($i, self::LOAD_STEPS);
                $loads[$leaf][] = [
                    'by' => $by->toMm(),
                    'taken' => array_map(fn (float $newton) => round($newton, 1), $anchoring->taken($leaf, $by)),
                ];
            }
        }
        $grips = RailFixings::holding($plan)->grips;
        $holes = array_map(
            fn (Length $hole) => array_map(
                fn (Grip $grip) => [$grip->span->low->minus($hole)->toMm(), $grip->span->high->minus($hole)->toMm()],
                $grips,
            ),
            $plan->rail->holes,
        );

        return ['loads' => $loads, ...$plan->header === null && ! $plan->isOnMasonry() ? ['holes' => $holes] : []];
    }

    /** @return array<string, array{string, string}> */
    private function travels(Plan $plan): array
    {
        $say = $this->setout->write->show(...);
        $travels = [];
        foreach ($plan->layout->runs as $leaf => $run) {
            $travels["{$leaf}.travel"] = [
                count($plan->layout->runs) === 1
                    ? Speaker::words('bench.numbers.travel')
                    : Speaker::words('bench.numbers.travel-of', ['door' => Speaker::words("words.leaves.{$leaf}")]),
                $say($run->travel->total),
            ];
        }
        if (count($travels) > 1 && count(array_unique(array_column($travels, 1))) === 1) {
            return [
                array_key_first($travels) => [
                    Speaker::words('bench.numbers.each-travels'),
                    $travels[array_key_first($travels)][1],
                ],
            ];
        }

        return $travels;
    }

    /** @return list<string> where this house differs from what is usual, or has said why */
    public function houseRules(): array
    {
        $rules = [];
        foreach (Catalog::whole()->rules() as $key => $rule) {
            $kept = $this->setout->document->get($rule->path);
            $why = $this->setout->document->get("house.{$key}.why");
            $why = is_string($why) ? $why : '';
            if (
                is_scalar($kept) &&
                (! $this->isUsual($rule, $kept) || $why !== '') &&
                ($rule->answers === [] || in_array($kept, $rule->answers, true))
            ) {
                $rules[] = RuleWords::kept(
                    $rule,
                    $rule->answers === []
                        ? $this->typed->toScreen(Field::of($rule->path), $kept)
                        : RuleWords::answer($rule, (string) $kept),
                    $why,
                );
            }
        }

        return $rules;
    }

    private function isUsual(CatalogField $rule, mixed $kept): bool
    {
        $units = $this->setout->doorway->units;
        $usual =
            $rule->path === 'brief.rules.side_overlap'
                ? $this->setout->doorway->brief->rules->usualOverlap()
                : $rule->usualIn($units);

        return $rule->answers === []
            ? $usual !== null && LengthReader::read($kept, $units)->equals($usual)
            : $kept === $rule->usual;
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

    public function stationOf(Finding $finding): Station
    {
        return Station::settingPlace($finding->where);
    }

    private function count(Severity $severity): int
    {
        return count(array_filter($this->setout->findings, fn (Finding $finding) => $finding->severity === $severity));
    }
}
