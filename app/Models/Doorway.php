<?php

declare(strict_types=1);

namespace App\Models;

use App\Shelf;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/**
 * One opening with its wall, brief and history.
 *
 * @property int $id
 * @property int $job_id
 * @property string $name
 * @property string $verdict
 * @property string $summary
 * @property ?int $revision_id
 * @property ?string $waits_for  null until it is worked out again
 * @property string $next
 * @property int $snags  open ones
 * @property ?Carbon $archived_at
 * @property Carbon $updated_at
 * @property Job $job
 * @property Revision $revision
 * @property ?WallTrace $trace
 */
final class Doorway extends Model
{
    protected $fillable = ['job_id', 'name', 'verdict', 'summary'];

    /** @var array<string, string> */
    protected $casts = ['archived_at' => 'datetime'];

    private ?Setout $setout = null;

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
        $query->whereNull('archived_at')->whereIn('job_id', Job::query()->select('id')->whereNull('archived_at'));
    }

    public static function begin(Job $job, Document $document, string $what, string $who, string $browser): self
    {
        return DB::transaction(function () use ($job, $document, $what, $who, $browser) {
            $doorway = new self(['job_id' => $job->id, 'name' => '', 'verdict' => '', 'summary' => '']);
            $doorway->save();
            $doorway->record($document, $what, $who, $browser, null);

            return $doorway;
        });
    }

    /** Keeps a document as the next revision, after $parent, and makes it the current one. */
    public function record(Document $document, string $what, string $who, string $browser, ?int $parent): Revision
    {
        return DB::transaction(function () use ($document, $what, $who, $browser, $parent) {
            $revision = $this->keep($document, $what, $who, $browser, $parent);
            $this->moveTo($revision, $this->plan($revision->document));

            return $revision;
        });
    }

    /** Keeps a document in the history without making it the current one. */
    public function keep(Document $document, string $what, string $who, string $browser, ?int $parent): Revision
    {
        $number = (int) $this->revisions()->max('number') + 1;
        $document = $this->withItsKit($document);

        return $this->revisions()->create(['parent_id' => $parent, 'number' => $number, 'document' => $document, 'what' => mb_substr($what, 0, 250), 'who' => $who, 'browser' => $browser]);
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

    /** The current revision set out, said in the units asked for; worked once while nothing changes. */
    public function setout(?Unit $shown): Setout
    {
        $document = $this->revision->document;
        if ($this->setout?->document !== $document || $this->setout->write->unit !== ($shown ?? $this->setout->doorway->units)) {
            $this->setout = Setout::quick($document, app(Shelf::class)->kits(), $shown);
        }

        return $this->setout;
    }

    /** Makes a revision the current one, and takes from it what lists show. */
    public function moveTo(Revision $revision, Setout $setout): void
    {
        $this->name = $setout->doorway->name;
        $this->verdict = $setout->verdict()->value;
        $this->summary = $setout->summary();
        // How far it is is worked out again when somebody looks.
        $this->waits_for = null;
        $this->setout = $setout;
        $this->revision_id = $revision->id;
        $this->setRelation('revision', $revision);
        $this->save();
    }

    public function undo(): bool
    {
        return $this->step($this->revision->parent);
    }

    public function redo(): bool
    {
        return $this->step($this->next());
    }

    /** The newest revision that was made from the current one. */
    public function next(): ?Revision
    {
        /** @var ?Revision */
        return Revision::query()->where('doorway_id', $this->id)->where('parent_id', $this->revision_id)->orderByDesc('number')->first();
    }

    private function step(?Revision $to): bool
    {
        if ($to !== null) {
            $this->moveTo($to, $this->plan($to->document));
        }

        return $to !== null;
    }
}
