<?php

declare(strict_types=1);

namespace App\Models;

use App\Files\DoorwayFile;
use App\Http\Editor;
use App\Keeping\Kept;
use App\Plain;
use App\Shelf;
use App\Words\AsMessage;
use App\Words\Speaker;
use App\Words\StoredMessage;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;
use YokeLine\Format\ItemIds;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Verdict;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/**
 * One opening with its wall, brief and history.
 *
 * @property int $id
 * @property int $job_id
 * @property string $name
 * @property string $verdict
 * @property StoredMessage $summary
 * @property ?int $revision_id
 * @property ?string $waits_for  null until it is worked out again
 * @property StoredMessage $next
 * @property int $snags  open ones
 * @property ?Carbon $archived_at
 * @property Carbon $updated_at
 * @property Job $job
 * @property Revision $revision
 * @property ?WallTrace $trace
 * @property Collection<int, LogEntry> $stepsTold
 */
final class Doorway extends Model
{
    protected $table = 'doorways';

    protected $fillable = ['job_id', 'name', 'verdict', 'summary'];

    /** @var array<string, string> */
    protected $casts = ['archived_at' => 'datetime', 'summary' => AsMessage::class, 'next' => AsMessage::class];

    private ?Setout $setout = null;

    /** What it was set out from. */
    private ?Document $setoutOf = null;

    protected static function booted(): void
    {
        // Of the jobs that are found, and of those that still arrive.
        self::addGlobalScope(
            'found',
            fn (Builder $query) => $query->whereExists(
                Job::query()->withoutGlobalScope('here')->whereColumn('jobs.id', 'doorways.job_id')->toBase(),
            ),
        );
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Revision, $this> the current one */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasMany<LogEntry, $this> what was told of its steps, in the order it was done */
    public function stepsTold(): HasMany
    {
        return $this->hasMany(LogEntry::class)->where('kind', 'step')->orderBy('at')->orderBy('id');
    }

    /** @return HasOne<WallTrace, $this> what a scanner last sent of its wall */
    public function trace(): HasOne
    {
        return $this->hasOne(WallTrace::class)->latestOfMany();
    }

    /**
     * Those that are not put away, and whose job is not.
     *
     * @param  Builder<self>  $query
     */
    public function scopeAtWork(Builder $query): void
    {
        $query->whereNull('doorways.archived_at')->whereExists(
            Job::query()->whereColumn('jobs.id', 'doorways.job_id')->whereNull('jobs.archived_at')->toBase(),
        );
    }

    /** @throws UnreadableFile where the document does not read; then there is no doorway */
    public static function begin(
        Job $job,
        Document $document,
        StoredMessage|string $what,
        Editor $editor,
        ?string $uid = null,
    ): self {
        $doorway = new self(['job_id' => $job->id, 'name' => '', 'verdict' => '', 'summary' => '']);
        $doorway->rewrite(fn () => $document, $what, $editor, uid: $uid);

        return $doorway;
    }

    /**
     * Makes a document of the current revision and keeps it as the next one. Planned before anything is locked, of the
     * revision that is at hand: where somebody else was quicker meanwhile, it is made anew of what they made.
     *
     * @param  callable(Revision): Document|callable(): Document  $make  of the current revision; a doorway that begins
     *   has none
     * @param  ?int  $undoes  the own change that it takes back
     * @param  ?string  $uid  named by whoever entered it: what is sent again is kept once
     *
     * @throws UnreadableFile where the document does not read; then nothing is kept
     */
    public function rewrite(
        callable $make,
        StoredMessage|string $what,
        Editor $editor,
        ?int $undoes = null,
        ?string $uid = null,
    ): void {
        do {
            isset($isDone) && $this->refresh();
            $head = $this->exists && $this->revision_id !== null ? $this->revision : null;
            $number = 1 + Plain::number(DB::table('revisions')->where('doorway_id', $this->id)->max('number'));
            $document = ItemIds::given(
                $this->withItsKit($head === null ? $make() : $make($head)),
                'r'.base_convert((string) $number, 10, 36).'n',
            );
            $outline = $this->outline($document, fn () => DoorwayFile::check($document, $head?->document));
            if ($undoes === null && $head !== null && $document->equals($head->document)) {
                $isDone = $this->isStill($head);

                continue;
            }
            $isDone = DB::transaction(
                function () use ($head, $number, $document, $outline, $what, $editor, $undoes, $uid): bool {
                    if (! $this->exists) {
                        $this->save();
                    }
                    if (! $this->isStill($head)) {
                        return false;
                    }
                    $revision = $this->revisions()->create([
                        'parent_id' => $head?->id,
                        'number' => $number,
                        'document' => $document,
                        'what' => StoredMessage::kept($what),
                        'who' => $editor->name,
                        'browser' => $editor->browser,
                        'undoes' => $undoes,
                        'uid' => $uid,
                    ]);
                    $this->moveTo($revision, $outline);

                    return true;
                },
            );
        } while (! $isDone);
    }

    /** Whether nobody was quicker: within a transaction nobody will be either. */
    private function isStill(?Revision $head): bool
    {
        $is = DB::table('doorways')->where('id', $this->id)->lockForUpdate()->value('revision_id');

        return ($is === null ? null : Plain::number($is)) === $head?->id;
    }

    /** The revision that was seen by whoever names it; the current one where there is none of that name. */
    public function seen(int $revision): Revision
    {
        /** @var Revision */
        return $revision === $this->revision_id
            ? $this->revision
            : $this->revisions()->find($revision) ?? $this->revision;
    }

    /** A doorway takes its kit along as it is on the shelf when it is chosen; what the shelf does not know it keeps. */
    public function withItsKit(Document $document): Document
    {
        $id = $document->get('brief.kit');
        $sheet = is_string($id) && $document->get('kit.id') !== $id ? app(Shelf::class)->sheet($id) : null;

        return $sheet === null ? $document : $document->with('kit', $sheet);
    }

    /** @throws UnreadableFile */
    public function plan(Document $document): Setout
    {
        return Setout::quick($document, app(Shelf::class)->kits());
    }

    /** The current revision set out, said in the units asked for; worked once while document and shelf are the same. */
    public function setout(?Unit $shown): Setout
    {
        $document = $this->revision->document;
        $this->setout = $this->setout === null || $this->setoutOf !== $document
            ? Kept::of('setout', $this->planHangsOn(), fn () => $this->plan($document))->in($shown)
            : $this->setout->in($shown);
        $this->setoutOf = $document;

        return $this->setout;
    }

    /** What it was measured in. Every page asks for this, and few for the rest of the document. */
    public function units(): Unit
    {
        $document = Document::fromJson($this->revision->written(), Document::DEEPEST_WITHIN);

        return $document->get('units') === Unit::Inch->value ? Unit::Inch : Unit::Millimetre;
    }

    /** @return array{Unit, Unit} what it is looked at in, and its own */
    public function unitsShown(): array
    {
        return [Editor::here()->units ?? $this->units(), $this->units()];
    }

    /** @return list<scalar|null> all that its plan hangs on */
    public function planHangsOn(): array
    {
        return [$this->revision->written(), app(Shelf::class)->stamp()];
    }

    /** @return list<scalar|null> the same, whose it is, and the words that it is told in */
    public function hangsOn(): array
    {
        return [$this->id, ...$this->planHangsOn(), Editor::here()->units?->value, app()->getLocale(), url('/')];
    }

    /** Verdict and sizes in a line. */
    public function says(): string
    {
        $verdict = Verdict::from($this->verdict)->says();

        return Speaker::in(Unit::Millimetre)->say($verdict).' '.$this->summary->says();
    }

    /**
     * What lists show of a document. Worked once; whoever shows the doorway next has its plan at hand.
     *
     * @param  ?callable(): void  $check  what it must stand besides, unless it stood it before
     *
     * @throws UnreadableFile
     */
    public function outline(Document $document, ?callable $check = null): Outline
    {
        $hangsOn = [$document->toJson(), app(Shelf::class)->stamp(), $check !== null];

        return Kept::of('outline', $hangsOn, function () use ($document, $check) {
            [$this->setout, $this->setoutOf] = [$this->plan($document), $document];
            $check === null || $check();

            return Outline::of($this->setout);
        });
    }

    /** Makes a revision the current one, and takes from it what lists show. */
    public function moveTo(Revision $revision, Outline $outline): void
    {
        [$this->name, $this->verdict, $this->summary] = [$outline->name, $outline->verdict, $outline->summary];
        // How far it is is worked out again when somebody looks.
        $this->waits_for = null;
        $this->revision_id = $revision->id;
        $this->setRelation('revision', $revision);
        $this->save();
    }
}
