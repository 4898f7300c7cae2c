<?php

declare(strict_types=1);

namespace YokeLine;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Kit;
use YokeLine\Format\Assumed;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\KitReader;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Buildable;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Inspector;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Verdict;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planner\Planner;
use YokeLine\Planning\CannotPlan;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;

/** The front door of the core: a doorway document and a shelf of kits in; plan, findings and proved cures out. */
final readonly class Setout
{
    /** Each cure is tried on the whole doorway: no doorway that one would hang has so many. */
    private const PROVED_AT_ONCE = 80;

    private const ORDERED_BY = ['leaf.width', 'leaf.height', 'yoke_line', 'passage.clear', 'rail.length'];

    /**
     * @param  ?Plan  $plan  null while too little is known
     * @param  list<Finding>  $findings  the gravest first
     */
    private function __construct(
        public Document $document,
        public Doorway $doorway,
        public ?Plan $plan,
        public array $findings,
        public LengthWriter $write,
    ) {}

    /**
     * @param  array<string, Kit>  $kits  by id
     * @param  ?Unit  $shown  what lengths are said in; the document's own where none is given
     *
     * @throws UnreadableFile
     */
    public static function of(Document $document, array $kits, ?Unit $shown = null): self
    {
        return self::quick($document, $kits, $shown)->withProvedCures($kits);
    }

    /**
     * With only those cures that do take their finding away and bring no new stop.
     *
     * @param  array<string, Kit>  $kits  by id
     */
    public function withProvedCures(array $kits): self
    {
        $proved = [];
        $left = self::PROVED_AT_ONCE;
        foreach ($this->findings as $finding) {
            $proved[] = $finding->withCures($left > 0 ? $this->proved($finding, $kits) : []);
            $left -= count($finding->cures);
        }

        return new self($this->document, $this->doorway, $this->plan, $proved, $this->write);
    }

    /**
     * Whether there are more cures than are tried in one go: those of the last findings follow once the first are
     * settled.
     */
    public function hasMoreCures(): bool
    {
        return array_sum(array_map(fn (Finding $finding) => count($finding->cures), $this->findings)) >
            self::PROVED_AT_ONCE;
    }

    /** @param  list<list<Cure>>  $cures  for each finding, as they were proved before */
    public function withCures(array $cures): self
    {
        return new self(
            $this->document,
            $this->doorway,
            $this->plan,
            array_map(fn (Finding $finding, array $proved) => $finding->withCures($proved), $this->findings, $cures),
            $this->write,
        );
    }

    /** The same, with its lengths said in a unit; in the document's own where none is given. */
    public function in(?Unit $shown): self
    {
        return $this->write->unit === ($shown ?? $this->doorway->units)
            ? $this
            : new self($this->document, $this->doorway, $this->plan, $this->findings, $this->doorway->writer($shown));
    }

    /** @return list<string> the places to measure or choose next; [] once there is a plan */
    public function missing(): array
    {
        return $this->plan === null ? $this->doorway->missing() : [];
    }

    /**
     * A document read and not planned: for asking what stands in it.
     *
     * @throws UnreadableFile
     */
    public static function unplanned(Document $document, ?Unit $shown = null): self
    {
        $doorway = DoorwayReader::read($document);

        return new self($document, $doorway, null, [], $doorway->writer($shown));
    }

    /**
     * As `of`, without proving cures: for lists and for looking ahead.
     *
     * @param  array<string, Kit>  $kits  by id
     *
     * @throws UnreadableFile
     */
    public static function quick(Document $document, array $kits, ?Unit $shown = null): self
    {
        $doorway = DoorwayReader::read($document);

        return self::planned($document, $doorway, $kits, $shown, self::kitAsPlanned($document, $doorway, $kits));
    }

    /**
     * A doorway carries the kit as it was when it was planned; null where it carries none, or another one's.
     *
     * @param  array<string, Kit>  $kits  by id
     *
     * @throws UnreadableFile
     */
    private static function kitAsPlanned(Document $document, Doorway $doorway, array $kits): ?Kit
    {
        return $document->get('kit.id') === $doorway->brief->kit && $doorway->brief->kit !== ''
            ? KitReader::at($document, 'kit')->besides(...Kit::looseGuides($kits))
            : null;
    }

    /**
     * As far as they must be known to tell whether a cure cures.
     *
     * @param  int  $times  how often the like stood before
     * @param  list<FindingCode>  $stops
     * @return list<Finding>
     */
    private static function findingsAfter(Finding $toCure, int $times, CheckContext $context, array $stops): array
    {
        if (Inspector::stillSays($toCure, $context, $times)) {
            return [$toCure];
        }
        $findings = Inspector::inspectGeometry($context);
        $newStop =
            array_filter(
                $findings,
                fn (Finding $finding) => $finding->severity === Severity::Stop &&
                    ! in_array($finding->code, $stops, true),
            ) !== [];

        return $newStop ? $findings : [...$findings, ...Inspector::anchors($context)];
    }

    private function sameKit(Document $document, Doorway $doorway): bool
    {
        return $doorway->brief->kit === $this->doorway->brief->kit &&
            $document->get('kit') !== null &&
            $document->get('kit') === $this->document->get('kit');
    }

    /**
     * @param  array<string, Kit>  $kits
     * @param  ?Finding  $toCure  where its own check still says it, nothing else is asked
     * @param  list<FindingCode>  $stops  that stood before: where a new one comes, how the rail is held is not asked
     *   any more
     * @param  int  $times  how often the like of what is to be cured stood before
     */
    private static function planned(
        Document $document,
        Doorway $doorway,
        array $kits,
        ?Unit $shown,
        ?Kit $asPlanned,
        ?Finding $toCure = null,
        array $stops = [],
        int $times = 1,
    ): self {
        $write = $doorway->writer($shown);
        try {
            $kit = $asPlanned ?? ($kits[$doorway->brief->kit] ?? throw new CannotPlan($doorway->brief->kit));
            $plan = Planner::plan($doorway, $kit);
            $context = new CheckContext($plan, $kits);
            $findings =
                $toCure === null
                    ? Inspector::inspect($context)
                    : self::findingsAfter($toCure, $times, $context, $stops);
            if ($asPlanned !== null && isset($kits[$kit->id]) && $kits[$kit->id] != $kit) {
                $findings[] = new Finding(
                    FindingCode::KitChanged,
                    Severity::Note,
                    'brief.kit',
                    cures: [new Cure('shelf-kit', ['kit' => null])],
                );
            }

            return new self($document, $doorway, $plan, $findings, $write);
        } catch (NotYetMeasured $problem) {
            $next = array_map(fn (string $place) => Message::word('missing', $place), $problem->missing);
            $findings = [
                new Finding(
                    FindingCode::SurveyIncomplete,
                    Severity::Settle,
                    $problem->missing[0] ?? '',
                    ['next' => $next[0] ?? '', 'then' => array_slice($next, 1)],
                    how: count($next) > 1 ? 'next-then' : 'next',
                ),
            ];
        } catch (CannotPlan $problem) {
            $others = array_map(
                fn (Kit $other) => new Cure('kit', ['brief.kit' => $other->id], ['kit' => $other->name]),
                array_values(array_filter($kits, fn (Kit $kit) => in_array($doorway->brief->hang, $kit->hangs, true))),
            );
            $findings = [
                new Finding(
                    FindingCode::KitUnknown,
                    Severity::Stop,
                    'brief.kit',
                    ['kit' => $problem->kit],
                    $others,
                    how: $problem->kit === '' ? 'none' : 'gone',
                ),
            ];
        }

        return new self($document, $doorway, null, $findings, $write);
    }

    /**
     * The cures of a finding that do take it away and bring no new stop, each with what else it changes.
     *
     * @param  array<string, Kit>  $kits
     * @return list<Cure>
     */
    private function proved(Finding $finding, array $kits): array
    {
        $stops = $this->codes(Severity::Stop);
        $times = count(array_filter($this->findings, fn (Finding $other) => $other->code === $finding->code));
        $proved = [];
        $buildable = new Buildable($this->doorway);
        foreach (array_filter($finding->cures, $buildable->is(...)) as $cure) {
            try {
                $document = $this->after($cure);
                $measuredAnew =
                    array_filter(
                        array_keys($cure->changes),
                        fn (string $place) => ! str_starts_with($place, 'brief.'),
                    ) !== [];
                $doorway = DoorwayReader::read($document, $measuredAnew ? null : $this->doorway->survey);
                $after = self::planned(
                    $document,
                    $doorway,
                    $kits,
                    $this->write->unit,
                    $this->sameKit($document, $doorway)
                        ? $this->plan?->kit
                        : self::kitAsPlanned($document, $doorway, $kits),
                    $finding,
                    $stops,
                    $times,
                );
            } catch (UnreadableFile) {
                continue;
            }
            // Without a plan nothing was known before: whatever brings one cures.
            if (
                ! $finding->isAmong($after->findings, $times) &&
                ($this->plan === null ||
                    array_filter(
                        $after->codes(Severity::Stop),
                        fn (FindingCode $code) => ! in_array($code, $stops, true),
                    ) === [])
            ) {
                $proved[] = [$cure, $after];
            }
        }

        // Two that end in the same plan are one.
        $ends = [];
        foreach ($proved as [$cure, $after]) {
            $ends[count($proved) > 1 ? $after->ends() : ''] ??= $cure->withEffect($this->effect($after));
        }

        return array_values($ends);
    }

    /** What this comes to, alike for two that end in the same plan. Of the anchoring only what it is worked from. */
    private function ends(): string
    {
        $brief = $this->doorway->brief;
        $plan = $this->plan;

        return serialize([
            $brief->kit,
            $brief->backing,
            $brief->header,
            $brief->rules,
            $brief->leaf->construction,
            $brief->leaf->made,
            $brief->ends,
            $brief->wallPull,
            $brief->frontPull,
            $this->doorway->survey,
            $plan?->layout->width->size->total,
            $plan?->heights->leaf->size->total,
            $plan?->thickness,
            $plan?->rail->span,
        ]);
    }

    public function after(Cure $cure): Document
    {
        $document = $this->document;
        foreach ($cure->changes as $place => $value) {
            $document = $value === null ? $document->without($place) : $document->with($place, $value);
        }

        return $document;
    }

    public function verdict(): Verdict
    {
        return match (true) {
            $this->plan === null && ! $this->has(FindingCode::KitUnknown) => Verdict::Unmeasured,
            $this->codes(Severity::Stop) !== [] => Verdict::Stopped,
            $this->codes(Severity::Settle) !== [] => Verdict::ToSettle,
            // Nothing fits by what nobody has said.
            $this->assumed() !== [] => Verdict::FitsIf,
            default => Verdict::Fits,
        };
    }

    /** @return list<string> places that decide an order and that nobody has answered */
    public function assumed(): array
    {
        return Assumed::in($this->document);
    }

    /** Leaf and yoke line in a line, for lists; before there is a plan, what is to be done first. */
    public function summary(): Message
    {
        return $this->plan === null
            ? $this->findings[0]->says()
            : new Message('findings.summary', [
                'width' => $this->plan->layout->width->size->total,
                'height' => $this->plan->heights->leaf->size->total,
                'line' => $this->plan->yokeLine(),
            ]);
    }

    public function has(FindingCode $code): bool
    {
        return in_array($code, array_column($this->findings, 'code'), true);
    }

    /** @return list<FindingCode> */
    private function codes(Severity $severity): array
    {
        return array_values(
            array_map(
                fn (Finding $finding) => $finding->code,
                array_filter($this->findings, fn (Finding $finding) => $finding->severity === $severity),
            ),
        );
    }

    /**
     * What a change does to the numbers people order by.
     *
     * @return array<string, Length> by the key of its sum
     */
    private function effect(self $after): array
    {
        $changes = [];
        [$before, $now] = [$this->plan?->sums() ?? [], $after->plan?->sums() ?? []];
        foreach (self::ORDERED_BY as $key) {
            [$was, $is] = [$before[$key]->total ?? null, $now[$key]->total ?? null];
            if ($is !== null && $was?->nm !== $is->nm) {
                $changes[$key] = $is;
            }
        }

        return $changes;
    }
}
