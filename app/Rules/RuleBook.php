<?php

declare(strict_types=1);

namespace App\Rules;

use App\Editing\Ledger;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Revision;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Methods\Method;
use YokeLine\Methods\Methods;

/**
 * House rules, and the doorways that follow them.
 *
 * A rule that is taken is written into every doorway that follows it, marked with where it came from: the document stays the whole
 * record, undo works, and a doorway that was set otherwise by hand stays as it is.
 */
final readonly class RuleBook
{
    public function __construct(private Level $level) {}

    /**
     * An answer as documents keep it; '' lets the rule go.
     *
     * @throws UnreadableFile with the sentence at the question's key
     */
    public function read(Method $method, string $said, Unit $shown): string
    {
        if (! $method->isLength() || trim($said) === '') {
            return trim($said) === '' || isset($method->schools[$said]) ? trim($said) : throw new UnreadableFile([$method->key => 'One of '.implode(', ', $method->schools).' is wanted here.']);
        }
        try {
            return (new LengthWriter(Unit::Millimetre))->exact(LengthReader::read($said, $shown)).' mm';
        } catch (UnreadableLength $problem) {
            throw new UnreadableFile([$method->key => $problem->getMessage()]);
        }
    }

    /** @return list<Doorway> those at work that follow this level on that question */
    public function followers(Method $method): array
    {
        $follow = [];
        /** @var Doorway $doorway */
        foreach ($this->level->doorways()->with('revision')->orderBy('job_id')->orderBy('id')->lazy(200) as $doorway) {
            if ($this->follows($doorway->revision->document, $method)) {
                $follow[] = $doorway;
            }
        }

        return $follow;
    }

    /** A document with the rule written into it. */
    public function on(Document $document, Method $method, string $value, string $why): Document
    {
        return $value === ''
            ? $document->without($method->place)->without("house.{$method->key}")
            : $document->with($method->place, $value)->with("house.{$method->key}", (object) ['from' => $this->level->name(), 'why' => $why]);
    }

    /** Who set which rule of this level to what. */
    public function ledger(Editor $editor): Ledger
    {
        return new Ledger('rules '.($this->level->job === null ? 'company' : "job {$this->level->job->id}"), $editor);
    }

    /**
     * @param  int  $seen  the last edit that its author had seen
     * @return int how many doorways changed
     */
    public function take(Method $method, string $value, string $why, Editor $editor, int $seen = 0): int
    {
        if ($this->level->doorway === null) {
            DB::transaction(function () use ($method, $value, $why, $editor, $seen): void {
                $rule = ['job_id' => $this->level->job?->id, 'method' => $method->key];
                $this->ledger($editor)->write($method->key, lcfirst($method->question), HouseRule::query()->where($rule)->value('value') ?? '', $value, $seen);
                $value === '' ? HouseRule::query()->where($rule)->delete() : HouseRule::query()->updateOrCreate($rule, ['value' => $value, 'why' => $why]);
            });
        }
        $changed = 0;
        // Doorway by doorway, so that nobody waits for all of them.
        foreach ($this->followers($method) as $doorway) {
            $before = $doorway->revision_id;
            $doorway->rewrite(fn (Revision $head) => $this->on($head->document, $method, $value, $why), "house rule of the {$this->level->name()}: ".lcfirst($method->question), $editor);
            $changed += $doorway->revision_id === $before ? 0 : 1;
        }

        return $changed;
    }

    /** A new doorway begins with the rules of its job and company. */
    public static function begin(Document $document, Level $level): Document
    {
        foreach ($level->rules() as $rule) {
            $method = Methods::all()[$rule->method] ?? null;
            if ($method !== null && $document->get($method->place) === null) {
                $document = $document->with($method->place, $rule->value)->with("house.{$method->key}", (object) ['from' => $rule->job_id === null ? 'company' : 'job', 'why' => $rule->why]);
            }
        }

        return $document;
    }

    private function follows(Document $document, Method $method): bool
    {
        $from = $document->get("house.{$method->key}.from");

        return match ($this->level->name()) {
            'doorway' => true,
            'job' => $from === 'company' || $from === 'job' || $document->get($method->place) === null,
            default => $from === 'company' || $document->get($method->place) === null,
        };
    }
}
