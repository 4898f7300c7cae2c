<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Doorway;
use App\Record\Log;
use App\Site\HandOver;
use App\Site\SiteRun;
use App\Words\StepWords;
use App\Words\StoredMessage;
use Illuminate\Support\Carbon;
use YokeLine\Inspection\Verdict;
use YokeLine\Measure\Message;
use YokeLine\Work\StepKind;

/** How far a doorway is: what comes next, and what it waits for. */
final class Standing
{
    /** What a doorway can wait for. */
    public const WAITS = ['measure', 'settle', 'leaf', 'paint', 'second', 'us', 'proof', 'done'];

    /** The page on which a doorway's next step is taken, where that is not its steps. */
    public const PAGES = [
        'measure' => 'wall.measure',
        'settle' => 'rail.stops',
        'proof' => 'record.checks',
        'done' => 'record.log',
    ];

    /** Works out where it was not worked since the last change. */
    public static function keep(Doorway $doorway): void
    {
        if ($doorway->waits_for === null) {
            [$waits, $next, $snags] = self::of($doorway);
            Doorway::query()
                ->whereKey($doorway->id)
                ->toBase()
                ->update(['waits_for' => $waits, 'next' => $next->write(), 'snags' => $snags]);
            $doorway->forceFill(['waits_for' => $waits, 'next' => $next, 'snags' => $snags])->syncOriginal();
        }
    }

    /** @return array{string, StoredMessage, int} what it waits for, what is next, open snags */
    private static function of(Doorway $doorway): array
    {
        $setout = $doorway->setout(null);
        if ($setout->plan === null) {
            return ['measure', $doorway->summary, 0];
        }
        $say = fn (Message $message) => StoredMessage::of($message, $setout->write->unit);
        $log = new Log($doorway);
        $snags = count(array_filter($log->last('snag'), fn ($snag) => $snag->data['state'] === 'open'));
        $begun = $log->last('step') !== [];
        if (! $begun && $setout->verdict() === Verdict::FitsIf) {
            return [
                'settle',
                $say(new Message('bench.open', ['count' => count($setout->assumed())], 'assumed')),
                $snags,
            ];
        }
        if (! $begun && $setout->verdict() !== Verdict::Fits) {
            return ['settle', $say($setout->findings[0]->says()), $snags];
        }
        if (isset($log->last('signature')['hand-over'])) {
            return ['done', $say(new Message('jobs.next', [], 'signed')), $snags];
        }
        $run = new SiteRun($doorway, null);
        if ($run->next() === null) {
            $open = (new HandOver($doorway, null))->open();

            return [
                'proof',
                $say(
                    $open === []
                        ? new Message('jobs.next', [], 'to-sign')
                        : new Message('jobs.next', ['open' => $open], 'open'),
                ),
                $snags,
            ];
        }
        // While one thing dries another can be done.
        $dry = $run->ready(Carbon::now());
        $step = $run->steps[$dry[0] ?? $run->next()];

        return [
            match (true) {
                in_array($step->kind(), [StepKind::LeafIn, StepKind::BringIn], true) => 'leaf',
                $dry === [] => 'paint',
                $step->people > 1 => 'second',
                in_array($step->kind(), [StepKind::ProveRun, StepKind::HandOver], true) => 'proof',
                default => 'us',
            },
            $say(StepWords::called($step->id)),
            $snags,
        ];
    }
}
