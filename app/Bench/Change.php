<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Doorway;
use App\Models\Revision;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Methods\Methods;

/**
 * Lays changes on a doorway that others may have changed since they were typed.
 *
 * The typed values win and are kept; whoever typed them is told what else changed and can put it back.
 * Where a list has grown or shrunk meanwhile its places mean something else: then the change is kept beside the history, not laid on it.
 */
final readonly class Change
{
    /** @var array<string, mixed> */
    private array $changes;

    /** @param  array<array-key, mixed>  $changes place => value, null to take it out; what names no place is left out */
    public function __construct(array $changes, private string $what, private string $who, private string $browser)
    {
        $this->changes = array_filter($changes, is_string(...), ARRAY_FILTER_USE_KEY);
    }

    /**
     * @return list<Notice> what others did meanwhile
     *
     * @throws UnreadableFile where the document would not read with the changes
     */
    public function applyTo(Doorway $doorway, int $base): array
    {
        return DB::transaction(function () use ($doorway, $base) {
            $doorway->refresh();
            $head = $doorway->revision;
            $based = $base === $head->id ? $head : $doorway->revisions()->find($base) ?? $head;
            $foreign = $this->foreignChanges($based, $head);
            if ($this->meansAnotherPlace($foreign)) {
                $kept = $doorway->keep($this->on($based->document), $this->what, $this->who, $this->browser, $based->id);

                return [new Notice("The list changed while you typed, so your entry was not laid on it. It is kept as revision {$kept->number}; enter it again at its place.")];
            }
            $document = $doorway->withItsKit($this->on($head->document));
            $setout = $doorway->plan($document);
            if (! $document->equals($head->document)) {
                $doorway->moveTo($doorway->keep($document, $this->what, $this->who, $this->browser, $head->id), $setout);
            }

            return $this->notices($foreign, $based);
        });
    }

    private function on(Document $document): Document
    {
        foreach ($this->changes as $place => $value) {
            $document = $value === null ? $document->without($place) : $document->with($place, $value);
            // Set by hand, it no longer follows the house.
            $method = Methods::at($place);
            if ($method !== null) {
                $document = $document->without("house.{$method->key}");
            }
        }

        return $document;
    }

    /**
     * What other browsers changed between two revisions.
     *
     * @return array<string, array{before: mixed, after: mixed, who: string}>
     */
    private function foreignChanges(Revision $from, Revision $to): array
    {
        $found = [];
        for ($revision = $to; $revision->id !== $from->id && $revision->parent !== null; $revision = $revision->parent) {
            if ($revision->browser !== $this->browser) {
                foreach ($revision->parent->document->changesTo($revision->document) as $place => $change) {
                    $found[$place] ??= [...$change, 'who' => $revision->who];
                }
            }
        }

        return $found;
    }

    /** @param  array<string, array{before: mixed, after: mixed, who: string}>  $foreign */
    private function meansAnotherPlace(array $foreign): bool
    {
        foreach ($foreign as $list => $change) {
            foreach (array_keys($this->changes) as $place) {
                if ((is_array($change['before']) || is_array($change['after'])) && str_starts_with($place, "{$list}[")) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  array<string, array{before: mixed, after: mixed, who: string}>  $foreign
     * @return list<Notice>
     */
    private function notices(array $foreign, Revision $based): array
    {
        $notices = [];
        foreach ($foreign as $place => $change) {
            $name = Places::say($place);
            $after = Places::value($change['after']);
            $notices[] = array_key_exists($place, $this->changes)
                ? new Notice("{$change['who']} set {$name} to {$after} meanwhile; yours stands over it.", [$place => $change['after']])
                : new Notice("{$change['who']} changed {$name} meanwhile: ".Places::value($change['before'])." → {$after}.");
        }

        return $notices;
    }
}
