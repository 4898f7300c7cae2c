<?php

declare(strict_types=1);

namespace App\Record;

use App\Marking\Proofs;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Models\Revision;
use App\Plain;
use App\Words\Speaker;
use App\Words\StepWords;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Carbon;
use YokeLine\Marks\MarkId;
use YokeLine\Measure\LengthWriter;
use YokeLine\Recovery\Problems;

/** One thing that happened, in a sentence: an entry of the log, or a change of the plan. */
final readonly class LogLine
{
    public const KINDS = [
        'plan',
        'step',
        'measured',
        'mark',
        'proof',
        'found',
        'decision',
        'note',
        'photo',
        'points',
        'run',
        'snag',
        'signature',
    ];

    private function __construct(
        public Carbon $at,
        public string $kind,
        public string $who,
        public int $change,
        public string $says,
        public ?string $photo = null,
    ) {}

    /**
     * @param  string  $kind  '' for all
     * @return list<self> the newest first
     */
    public static function of(Doorway $doorway, LengthWriter $write, string $kind = ''): array
    {
        return self::told($doorway, $write, self::moments($doorway, $kind));
    }

    /**
     * @param  string  $kind  '' for all
     * @return Paginator<int, self> the newest first
     */
    public static function page(Doorway $doorway, LengthWriter $write, string $kind, int $many): Paginator
    {
        $page = Paginator::resolveCurrentPage();
        // One more tells whether there is another page.
        $moments = array_slice(self::moments($doorway, $kind), ($page - 1) * $many, $many + 1);
        $options = ['path' => Paginator::resolveCurrentPath()];

        return (new Paginator(self::told($doorway, $write, $moments), $many, $page, $options))
            ->appends(array_filter(['kind' => $kind]));
    }

    /**
     * Of two at one moment the later entered stands first.
     *
     * @return list<array{string, string, int}> when, of which table, which; the newest first
     */
    private static function moments(Doorway $doorway, string $kind): array
    {
        $plan = $kind === '' || $kind === 'plan'
            ? $doorway->revisions()->toBase()->orderBy('id')->pluck('created_at', 'id')->all()
            : [];
        $entries = LogEntry::query()
            ->toBase()
            ->where('doorway_id', $doorway->id)
            ->when($kind !== '', fn ($of) => $of->where('kind', $kind))
            ->orderBy('id')
            ->pluck('at', 'id')
            ->all();
        $moments = [
            ...array_map(fn (mixed $at, int $id) => [Plain::text($at), 'plan', $id], $plan, array_keys($plan)),
            ...array_map(fn (mixed $at, int $id) => [Plain::text($at), 'entry', $id], $entries, array_keys($entries)),
        ];
        usort($moments, fn (array $a, array $b) => $a[0] <=> $b[0]);

        return array_reverse($moments);
    }

    /**
     * @param  list<array{string, string, int}>  $moments
     * @return list<self>
     */
    private static function told(Doorway $doorway, LengthWriter $write, array $moments): array
    {
        $of = fn (string $table) => array_column(
            array_filter($moments, fn (array $moment) => $moment[1] === $table),
            2,
        );
        $entries = LogEntry::query()->findMany($of('entry'))->keyBy('id');
        $revisions = $doorway
            ->revisions()
            ->whereIntegerInRaw('id', [...$of('plan'), ...$entries->pluck('revision_id')])
            ->get(['id', 'number', 'what', 'who', 'created_at'])
            ->keyBy('id');

        $lines = [];
        foreach ($moments as [, $table, $id]) {
            $entry = $table === 'entry' ? $entries->get($id) : null;
            $revision = $revisions->get($entry === null ? $id : (int) $entry->revision_id);
            $lines[] = match (true) {
                $entry !== null => self::ofEntry($entry, $revision, $write),
                $revision !== null => self::ofChange($revision),
                default => null,
            };
        }

        return array_values(array_filter($lines));
    }

    private static function ofChange(Revision $revision): self
    {
        return new self(
            $revision->created_at,
            'plan',
            $revision->who,
            $revision->number,
            $revision->what->saysWithUnits(),
        );
    }

    private static function ofEntry(LogEntry $entry, ?Revision $revision, LengthWriter $write): self
    {
        return new self(
            $entry->at,
            $entry->kind,
            $entry->who,
            $revision->number ?? 0,
            self::says($entry, $write),
            $entry->kind === 'photo' ? $entry->plain('file') : null,
        );
    }

    /** What a kind of entries is called. */
    public static function kind(string $kind): string
    {
        return in_array($kind, self::KINDS, true) ? Speaker::words("record.kinds.{$kind}") : $kind;
    }

    private static function says(LogEntry $entry, LengthWriter $write): string
    {
        $data = $entry->data;
        $length = fn (string $key) => isset($data[$key]) ? $write->showWithUnit(Log::read($data[$key])) : '';
        $text = fn (string $name) => $entry->told($name)->saysWithUnits();
        $because = $entry->text('reason') === '' ? '' : ": {$entry->text('reason')}";

        return match ($entry->kind) {
            'step' => self::logged("step-{$entry->plain('state')}", [
                'step' => StepWords::named($entry->about),
            ]).$because,
            'measured' => self::logged('measured', [
                'what' => $text('label'),
                'is' => $length('value'),
                'planned' => $length('planned'),
            ]),
            'mark' => self::logged($data['made'] ?? false ? 'marked' : 'unmarked', [
                'mark' => Speaker::in($write)->withUnits()->say(
                    MarkId::of((string) substr((string) strrchr($entry->about, '/'), 1))->says(),
                ),
            ]),
            'proof' => self::logged('proof', [
                'way' => Proofs::name($entry->about),
                'read' => $length('read'),
                'expected' => $length('expected'),
                'verdict' => Speaker::words('record.verdicts.'.strtr($entry->plain('verdict'), ' ', '-')),
            ]),
            'found' => $text('says') ?: Speaker::in($write)->withUnits()->say(Problems::title($entry->about)),
            'decision' => self::logged('decision', [
                'what' => $text('says'),
                'harm' => lcfirst($text('harm')),
                'why' => $text('why'),
            ]),
            'note' => $text('says'),
            'photo' => $text('says') ?: self::logged('photo'),
            'points' => self::logged('points'),
            'run' => self::logged((isset($data['value']) ? 'run-read' : 'run').($data['holds'] ? '-holds' : '-fails'), [
                'what' => $text('label'),
                'is' => $length('value'),
                'planned' => $length('planned'),
            ]).($text('says') === '' ? '' : ". {$text('says')}"),
            'snag' => $text('says').': '.Speaker::words("record.snags.{$entry->plain('state')}").$because,
            'signature' => self::logged('signature', ['name' => $entry->plain('name')]),
            default => $entry->about,
        };
    }

    /** @param  array<string, string|int>  $with */
    private static function logged(string $how, array $with = []): string
    {
        return Speaker::words("record.log.{$how}", $with);
    }
}
