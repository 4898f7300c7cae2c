<?php

declare(strict_types=1);

namespace App\Record;

use App\Marking\Proofs;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Models\Revision;
use App\Words\Speaker;
use App\Words\StepWords;
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
        $numbers = $doorway->revisions()->pluck('number', 'id');
        $lines = [];
        if ($kind === '' || $kind === 'plan') {
            /** @var Revision $revision */
            foreach ($doorway->revisions()->get(['id', 'number', 'what', 'who', 'created_at']) as $revision) {
                $lines[] = new self(
                    $revision->created_at,
                    'plan',
                    $revision->who,
                    $revision->number,
                    $revision->what->saysWithUnits(),
                );
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

    /** What a kind of entries is called. */
    public static function kind(string $kind): string
    {
        return in_array($kind, self::KINDS, true) ? Speaker::words("record.kinds.{$kind}") : $kind;
    }

    private static function says(LogEntry $entry, LengthWriter $write): string
    {
        $data = $entry->data;
        $length = fn (string $key) => isset($data[$key]) ? $write->showWithUnit(Log::read($data[$key])) : '';
        $say = fn (string $how, array $with = []) => Speaker::words("record.log.{$how}", $with);
        $text = fn (string $name) => $entry->told($name)->saysWithUnits();
        $because = $entry->text('reason') === '' ? '' : ": {$entry->text('reason')}";

        return match ($entry->kind) {
            'step' => $say("step-{$data['state']}", ['step' => StepWords::named($entry->about)]).$because,
            'measured' => $say('measured', [
                'what' => $text('label'),
                'is' => $length('value'),
                'planned' => $length('planned'),
            ]),
            'mark' => $say($data['made'] ?? false ? 'marked' : 'unmarked', [
                'mark' => Speaker::in($write)->withUnits()->say(
                    MarkId::of((string) substr((string) strrchr($entry->about, '/'), 1))->says(),
                ),
            ]),
            'proof' => $say('proof', [
                'way' => Proofs::name($entry->about),
                'read' => $length('read'),
                'expected' => $length('expected'),
                'verdict' => Speaker::words('record.verdicts.'.strtr((string) $data['verdict'], ' ', '-')),
            ]),
            'found' => $text('says') ?: Speaker::in($write)->withUnits()->say(Problems::title($entry->about)),
            'decision' => $say('decision', [
                'what' => $text('says'),
                'harm' => lcfirst($text('harm')),
                'why' => $text('why'),
            ]),
            'note' => $text('says'),
            'photo' => $text('says') ?: $say('photo'),
            'points' => $say('points'),
            'run' => $say((isset($data['value']) ? 'run-read' : 'run').($data['holds'] ? '-holds' : '-fails'), [
                'what' => $text('label'),
                'is' => $length('value'),
                'planned' => $length('planned'),
            ]).($text('says') === '' ? '' : ". {$text('says')}"),
            'snag' => $text('says').': '.Speaker::words("record.snags.{$data['state']}").$because,
            'signature' => $say('signature', ['name' => $data['name']]),
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
