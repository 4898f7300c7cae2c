<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Models\Revision;
use App\Words\StepWords;
use Illuminate\Support\Carbon;
use YokeLine\Marks\Names;
use YokeLine\Measure\LengthWriter;

/** One thing that happened, in a sentence: an entry of the log, or a change of the plan. */
final readonly class LogLine
{
    public const KINDS = [
        'plan' => 'plan',
        'step' => 'steps',
        'measured' => 'measured',
        'mark' => 'marks',
        'proof' => 'proofs of the line',
        'found' => 'found',
        'decision' => 'decisions',
        'note' => 'notes',
        'photo' => 'photographs',
        'run' => 'proof of the run',
        'snag' => 'snags',
        'signature' => 'signed',
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
        $numbers = $doorway->revisions()->pluck('number', 'id');
        $lines = [];
        if ($kind === '' || $kind === 'plan') {
            /** @var Revision $revision */
            foreach ($doorway->revisions()->get(['id', 'number', 'what', 'who', 'created_at']) as $revision) {
                $lines[] = new self($revision->created_at, 'plan', $revision->who, $revision->number, $revision->what);
            }
        }
        /** @var LogEntry $entry */
        foreach (
            LogEntry::query()
                ->where('doorway_id', $doorway->id)
                ->when($kind !== '', fn ($of) => $of->where('kind', $kind))
                ->orderBy('id')
                ->get() as $entry
        ) {
            $lines[] = new self(
                $entry->at,
                $entry->kind,
                $entry->who,
                (int) ($numbers[$entry->revision_id] ?? 0),
                self::says($entry, $write),
                $entry->kind === 'photo' ? (string) $entry->data['file'] : null,
            );
        }

        // Of two at one moment the later entered stands first.
        return array_reverse(self::byMoment($lines));
    }

    private static function says(LogEntry $entry, LengthWriter $write): string
    {
        $data = $entry->data;
        $length = fn (string $key) => isset($data[$key]) ? $write->show(Log::read($data[$key])) : '';
        $because = ($data['reason'] ?? '') === '' ? '' : ": {$data['reason']}";

        return match ($entry->kind) {
            'step' => StepWords::named($entry->about).
                ' '.
                (['done' => 'done', 'skipped' => 'skipped', 'open' => 'opened again'][$data['state']] ?? '').
                $because,
            'measured' => "{$data['label']}: {$length('value')}, planned {$length('planned')}",
            'mark' => ($data['made'] ?? false ? 'Marked ' : 'Taken back ').
                Names::of((string) substr((string) strrchr($entry->about, '/'), 1)),
            'proof' => 'Line proved, '.
                strtr($entry->about, '-', ' ').
                ": read {$length('read')}, expected {$length('expected')}, {$data['verdict']}",
            'found' => (string) ($data['says'] ?? $entry->about),
            'decision' => "{$data['says']} ({$data['harm']}). {$data['why']}",
            'note' => (string) $data['says'],
            'photo' => (string) ($data['says'] ?: 'Photograph'),
            'run' => "{$data['label']}: ".
                (isset($data['value']) ? "{$length('value')}, expected {$length('planned')}, " : '').
                ($data['holds'] ? 'holds' : 'does not hold').
                (($data['says'] ?? '') === '' ? '' : ". {$data['says']}"),
            'snag' => "{$data['says']}: {$data['state']}{$because}",
            'signature' => "Signed by {$data['name']}",
            default => $entry->about,
        };
    }

    /**
     * @param  list<self>  $lines
     * @return list<self>
     */
    private static function byMoment(array $lines): array
    {
        usort($lines, fn (self $a, self $b) => $a->at <=> $b->at);

        return $lines;
    }
}
