<?php

declare(strict_types=1);

namespace App\Survey;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Rules\Level;
use App\Rules\RuleBook;
use App\Words\StoredMessage;
use YokeLine\Format\Document;
use YokeLine\Measure\Unit;

/** A doorway of which nothing is measured yet, as its house works. */
final class NewDoorway
{
    /** @param  ?string  $uid  named by a browser that began it without a connection: sent again, it is the same one */
    public static function begin(Job $job, string $name, Unit $units, Editor $editor, ?string $uid = null): Doorway
    {
        $begun = $uid === null
            ? null
            : Doorway::query()
                ->where('job_id', $job->id)
                ->whereHas('revisions', fn ($revisions) => $revisions->where('uid', $uid))
                ->first();
        $blank = Document::fromJson((string) file_get_contents(resource_path("doorways/new-{$units->value}.json")));

        return $begun ??
            Doorway::begin(
                $job,
                RuleBook::begin($blank->with('name', $name), Level::job($job), isBlank: true),
                StoredMessage::change('begun'),
                $editor,
                $uid,
            );
    }
}
