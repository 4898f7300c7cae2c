<?php

declare(strict_types=1);

namespace App\Site;

use App\Models\Doorway;
use App\Record\Log;
use App\Words\Refusals;
use App\Words\Speaker;
use App\Words\StepWords;
use App\Words\StoredMessage;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Work\RunCheck;
use YokeLine\Work\StepKind;

/** What comes from the site, one entry after the other; each is kept, or told why not. */
final readonly class Entries
{
    private Log $log;

    public function __construct(private Doorway $doorway, private SiteRun $run, private string $who)
    {
        $this->log = new Log($doorway);
    }

    /**
     * @param  list<mixed>  $entries  in the order they were entered
     * @return array{kept: list<string>, refused: array<string, string>, notices: list<string>} by the names they were
     *   given
     */
    public function take(array $entries): array
    {
        $kept = [];
        $refused = [];
        $notices = [];
        foreach ($entries as $entry) {
            if (! is_array($entry) || ! is_string($entry['uid'] ?? null)) {
                continue;
            }
            if (preg_match('/^[\w-]{8,40}$/', $entry['uid']) !== 1) {
                $refused[$entry['uid']] = Speaker::words('refusals.entry-no-name');

                continue;
            }
            try {
                $kind = is_string($entry['kind'] ?? null) ? $entry['kind'] : '';
                $about = is_string($entry['about'] ?? null) ? mb_substr($entry['about'], 0, 80) : '';
                $data = $this->data($kind, $about, (array) ($entry['data'] ?? []));
                $before = $this->log->last($kind)[$about] ?? null;
                $at = Log::moment($entry['at'] ?? null);
                if ($before !== null && $before->uid !== $entry['uid'] && $before->at->isAfter($at)) {
                    $notices[] = Speaker::words('site.entered-later', [
                        'what' => $this->name($kind, $about),
                        'who' => $before->who === '' ? Speaker::words('changes.someone') : $before->who,
                        'at' => $before->at->format('H:i'),
                    ]);
                }
                $this->log->add($kind, $about, $data, $this->who, $entry['uid'], $at);
                $kept[] = $entry['uid'];
            } catch (NotTaken|UnreadableLength $problem) {
                $refused[$entry['uid']] = Refusals::say($problem->why);
            }
        }

        return ['kept' => $kept, 'refused' => $refused, 'notices' => [...$this->planMoved($entries), ...$notices]];
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed> as the log keeps it
     *
     * @throws NotTaken
     * @throws UnreadableLength
     */
    private function data(string $kind, string $about, array $data): array
    {
        $words = fn (string $key) => trim(mb_substr(is_string($data[$key] ?? null) ? $data[$key] : '', 0, 500));
        $typed = fn (string $key) => StoredMessage::typed($words($key))->write();

        return match ($kind) {
            'step' => $this->step($about, $words('state'), $typed('reason')),
            'measured' => $this->measured($about, $words('typed'), $words('units')),
            'note' => $words('says') === ''
                ? throw NotTaken::because('say-found')
                : ['says' => $typed('says'), 'step' => $words('step')],
            'run' => $this->check($about, $words('holds'), $words('typed'), $words('units'), $typed('says')),
            'snag' => $this->snag($typed('says'), $words('state'), $typed('reason')),
            default => throw NotTaken::because('no-entry'),
        };
    }

    /** @return array<string, mixed> */
    private function step(string $about, string $state, string $reason): array
    {
        isset($this->run->steps[$about]) || throw NotTaken::because('no-step');
        in_array($state, ['done', 'skipped', 'open'], true) || throw NotTaken::because('step-state');
        if ($state === 'done' && $this->run->steps[$about]->kind() === StepKind::HandOver) {
            $over = new HandOver($this->doorway, $this->run->units);
            $over->open() === [] || throw NotTaken::because('hand-over-open', ['open' => $over->stillOpen()]);
        }
        $state !== 'skipped' || $reason !== '' || throw NotTaken::because('say-skipped');

        return ['state' => $state, 'reason' => $reason];
    }

    /** @return array<string, mixed> */
    private function measured(string $about, string $typed, string $units): array
    {
        $ask = $this->run->asks()[$about] ?? throw NotTaken::because('not-asked');

        return [
            'value' => Log::write(LengthReader::read($typed, Unit::tryFrom($units) ?? $this->run->write->unit)),
            'planned' => Log::write($ask->planned),
            'label' => StoredMessage::of($ask->called(), $this->run->write->unit)->write(),
        ];
    }

    /** @return array<string, mixed> */
    private function check(string $about, string $holds, string $typed, string $units, string $says): array
    {
        $check =
            array_column(RunCheck::of($this->run->plan), null, 'id')[$about] ??
            throw NotTaken::because('no-check');
        $label = StoredMessage::of($check->says(), $this->run->write->unit)->write();
        if ($typed === '') {
            in_array($holds, ['yes', 'no'], true) || throw NotTaken::because('holds-or-not');

            return ['holds' => $holds === 'yes', 'says' => $says, 'label' => $label];
        }
        $read = LengthReader::read($typed, Unit::tryFrom($units) ?? $this->run->write->unit);

        return [
            'holds' => $check->holds($read),
            'value' => Log::write($read),
            'planned' => $check->expected === null ? null : Log::write($check->expected),
            'says' => $says,
            'label' => $label,
        ];
    }

    /** @return array<string, mixed> */
    private function snag(string $says, string $state, string $reason): array
    {
        $says !== '' || throw NotTaken::because('say-snag');
        in_array($state, ['open', 'settled', 'accepted'], true) ||
            throw NotTaken::because('snag-state');
        $state !== 'accepted' || $reason !== '' || throw NotTaken::because('say-accepted');

        return ['says' => $says, 'state' => $state, 'reason' => $reason];
    }

    /**
     * @param  list<mixed>  $entries
     * @return list<string> whether the plan is another one than the phone had
     */
    private function planMoved(array $entries): array
    {
        $seen = array_filter(
            array_map(
                fn (mixed $entry) => is_array($entry) && is_int($entry['change'] ?? null) ? $entry['change'] : null,
                $entries,
            ),
        );
        $now = $this->doorway->revision->number;
        $old = $seen === [] ? $now : min($seen);

        return $old >= $now
            ? []
            : [
                Speaker::words('refusals.plan-changed', [
                    'old' => $old,
                    'now' => $now,
                    'what' => $this->doorway->revision->what->says(),
                ]),
            ];
    }

    private function name(string $kind, string $about): string
    {
        return match ($kind) {
            'step' => isset($this->run->steps[$about]) ? StepWords::step($this->run->steps[$about]) : $about,
            'measured' => isset($this->run->asks()[$about])
                ? Speaker::in($this->run->write)->say($this->run->asks()[$about]->called())
                : $about,
            default => $about,
        };
    }
}
