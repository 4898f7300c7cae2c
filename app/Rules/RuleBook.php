<?php

declare(strict_types=1);

namespace App\Rules;

use App\Editing\Ledger;
use App\Files\DoorwayFile;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Revision;
use App\Words\RuleWords;
use App\Words\StoredMessage;
use Illuminate\Support\Facades\DB;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/**
 * House rules, and the doorways that follow them.
 *
 * A rule that is taken is written into every doorway that follows it, marked with where it came from: the document
 * stays the whole
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
    public function read(Field $rule, string $said, Unit $shown): string
    {
        if ($rule->type !== FieldType::Length || trim($said) === '') {
            return trim($said) === '' || in_array($said, $rule->answers, true)
                ? trim($said)
                : throw new UnreadableFile([$rule->rule => RuleWords::oneOf($rule)]);
        }
        try {
            $value = self::withItsUnit(LengthReader::read($said, $shown), LengthReader::unitOf($said, $shown));
            self::check($rule, $value);

            return $value;
        } catch (UnreadableLength $problem) {
            throw new UnreadableFile([$rule->rule => $problem->why]);
        }
    }

    /**
     * No doorway is written with what none could be read with.
     *
     * @throws UnreadableFile
     */
    private static function check(Field $rule, string $value): void
    {
        $blank = Document::fromJson((string) file_get_contents(resource_path('doorways/new-mm.json')));
        try {
            DoorwayFile::read($blank->with($rule->path, $value)->toJson());
        } catch (UnreadableFile $problem) {
            throw new UnreadableFile([$rule->rule => array_values($problem->problems)[0]]);
        }
    }

    /** As it is read in doorways of either unit. */
    private static function withItsUnit(Length $length, Unit $in): string
    {
        $said = (new LengthWriter($in))->exact($length);

        return str_ends_with($said, ' mm') ? $said : "{$said} {$in->value}";
    }

    /** @return list<Doorway> those at work that follow this level on that question */
    public function followers(Field $rule): array
    {
        $follow = [];
        /** @var Doorway $doorway */
        foreach ($this->level->doorways()->with('revision')->orderBy('job_id')->orderBy('id')->lazy(200) as $doorway) {
            if ($this->follows($doorway->revision->document, $rule)) {
                $follow[] = $doorway;
            }
        }

        return $follow;
    }

    /** A document with the rule written into it. */
    public function on(Document $document, Field $rule, string $value, string $why): Document
    {
        return $value === ''
            ? $document->without($rule->path)->without("house.{$rule->rule}")
            : $document
                ->with($rule->path, $value)
                ->with("house.{$rule->rule}", (object) ['from' => $this->level->name(), 'why' => $why]);
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
    public function take(Field $rule, string $value, string $why, Editor $editor, int $seen = 0): int
    {
        if ($this->level->doorway === null) {
            DB::transaction(function () use ($rule, $value, $why, $editor, $seen): void {
                $row = ['job_id' => $this->level->job?->id, 'method' => $rule->rule];
                $this->ledger($editor)->write(
                    $rule->rule,
                    new Message("rules.ask.{$rule->rule}"),
                    HouseRule::query()->where($row)->value('value') ?? '',
                    $value,
                    $seen,
                );
                $value === ''
                    ? HouseRule::query()->where($row)->delete()
                    : HouseRule::query()->updateOrCreate($row, ['value' => $value, 'why' => $why]);
            });
        }
        $changed = 0;
        // Doorway by doorway, so that nobody waits for all of them.
        foreach ($this->followers($rule) as $doorway) {
            $before = $doorway->revision_id;
            $doorway->rewrite(
                fn (Revision $head) => $this->on($head->document, $rule, $value, $why),
                StoredMessage::change('rule', ['what' => new Message("rules.ask.{$rule->rule}")]),
                $editor,
            );
            $changed += $doorway->revision_id === $before ? 0 : 1;
        }

        return $changed;
    }

    /**
     * A new doorway begins with the rules of its job and company.
     *
     * @param  bool  $isBlank  what stands in it is only what is usual; else it was chosen, and stays
     */
    public static function begin(Document $document, Level $level, bool $isBlank = false): Document
    {
        $rules = Catalog::whole()->rules();
        foreach ($level->rules() as $kept) {
            $rule = $rules[$kept->method] ?? null;
            if ($rule !== null && ($isBlank || $document->get($rule->path) === null)) {
                $document = $document
                    ->with($rule->path, $kept->value)
                    ->with(
                        "house.{$rule->rule}",
                        (object) ['from' => $kept->job_id === null ? 'company' : 'job', 'why' => $kept->why],
                    );
            }
        }

        return $document;
    }

    private function follows(Document $document, Field $rule): bool
    {
        $from = $document->get("house.{$rule->rule}.from");

        return match ($this->level->name()) {
            'doorway' => true,
            'job' => $from === 'company' || $from === 'job' || $document->get($rule->path) === null,
            default => $from === 'company' || $document->get($rule->path) === null,
        };
    }
}
