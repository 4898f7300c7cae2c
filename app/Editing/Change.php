<?php

declare(strict_types=1);

namespace App\Editing;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Revision;
use App\Words\Places;
use App\Words\StoredMessage;
use YokeLine\Catalog\Catalog;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Message;

/**
 * Lays changes on a doorway that others may have changed since they were typed.
 *
 * An edit lands on the very item that was meant, by its id, or is refused where that was taken out. Of one field the
 * later value stands:
 * whoever typed it is told at once what it stands over, and who is stood over is told when they next open anything;
 * both can put theirs back.
 */
final readonly class Change
{
    /** @var array<string, mixed> */
    private array $changes;

    /**
     * @param  array<array-key, mixed>  $changes place => value, null to take it out; what names no place is left out
     * @param  ?string  $uid  named by whoever entered it
     */
    public function __construct(
        array $changes,
        private StoredMessage|string $what,
        private Editor $editor,
        private ?string $uid = null,
    ) {
        $this->changes = array_filter($changes, is_string(...), ARRAY_FILTER_USE_KEY);
    }

    /**
     * @param  int  $base  the revision that was seen when it was typed
     * @return list<Notice> what others did meanwhile
     *
     * @throws UnreadableFile where the document would not read with the changes, or what they are about is gone
     */
    public function applyTo(Doorway $doorway, int $base): array
    {
        $based = $doorway->seen($base);
        // A place that counts its item means the one that was seen there.
        $names = array_map($based->document->named(...), array_keys($this->changes));

        $named = new self(array_combine($names, $this->changes), $this->what, $this->editor, $this->uid);

        return $named->layOn($doorway, $based);
    }

    /** @return list<Notice> */
    private function layOn(Doorway $doorway, Revision $based): array
    {
        $notices = [];
        $base = $based->id;
        $doorway->rewrite(
            function (Revision $head) use ($based, &$notices): Document {
                $foreign = $this->foreignChanges($based, $head);
                $this->mustBeThere($based, $head, $foreign);
                $notices = $this->notices($foreign, $head);

                return $this->on($head->document);
            },
            $this->what,
            $this->editor,
            uid: $this->uid,
        );
        foreach ($this->overruled($doorway, $base) as [$browser, $place, $before]) {
            Notices::leave(
                $browser,
                $doorway->id,
                $place,
                StoredMessage::change('over-yours-at', [
                    'who' => $this->editor->name,
                    'what' => Places::called($place, $doorway->revision->document),
                    'name' => $doorway->name,
                    'is' => Places::valued($this->changes[$place], $place, $doorway->revision->document),
                    'was' => Places::valued($before, $place, $doorway->revision->document),
                ]),
                [$place => $before],
            );
        }

        return $notices;
    }

    private function on(Document $document): Document
    {
        foreach ($this->changes as $place => $value) {
            $document = $value === null ? $document->without($place) : $document->with($place, $value);
            // Set by hand, it no longer follows the house.
            $rule = Catalog::whole()->find($place)->rule ?? '';
            if ($rule !== '') {
                $document = $document->without("house.{$rule}");
            }
        }

        return $document;
    }

    /**
     * What other browsers changed between two revisions, the last of each place.
     *
     * @return array<string, array{before: mixed, after: mixed, who: string, browser: string}>
     */
    private function foreignChanges(Revision $from, Revision $to): array
    {
        $found = [];
        for (
            $revision = $to;
            $revision->id !== $from->id && $revision->parent !== null;
            $revision = $revision->parent
        ) {
            if ($revision->browser !== $this->editor->browser) {
                foreach ($revision->parent->document->changesTo($revision->document) as $place => $change) {
                    $found[$place] ??= [...$change, 'who' => $revision->who, 'browser' => $revision->browser];
                }
            }
        }

        return $found;
    }

    /**
     * What was there when it was typed and is there no more is not brought back by an edit of it.
     *
     * @param  array<string, array{before: mixed, after: mixed, who: string, browser: string}>  $foreign
     *
     * @throws UnreadableFile
     */
    private function mustBeThere(Revision $based, Revision $head, array $foreign): void
    {
        foreach ($this->changes as $place => $value) {
            $item = preg_match('/^[^#]*\[#[^\]]+\]/', $place, $found) === 1 ? $found[0] : null;
            if (
                $item !== null &&
                $value !== null &&
                $based->document->get($item) !== null &&
                $head->document->get($item) === null
            ) {
                throw new UnreadableFile([
                    $place => new Message(
                        'changes',
                        [
                            'what' => Places::called($item, $based->document),
                            'who' => $foreign[$item]['who'] ?? new Message('changes', [], 'someone'),
                        ],
                        'removed',
                    ),
                ]);
            }
        }
    }

    /**
     * @param  array<string, array{before: mixed, after: mixed, who: string, browser: string}>  $foreign
     * @return list<Notice>
     */
    private function notices(array $foreign, Revision $head): array
    {
        $notices = [];
        foreach ($foreign as $place => $change) {
            $said = [
                'who' => $change['who'],
                'what' => Places::called($place, $head->document),
                'was' => Places::valued($change['before'], $place, $head->document),
                'is' => Places::valued($change['after'], $place, $head->document),
            ];
            $notices[] = array_key_exists($place, $this->changes)
                ? new Notice(StoredMessage::change('yours-stands', $said), [$place => $change['after']])
                : new Notice(StoredMessage::change('changed', $said));
        }

        return $notices;
    }

    /**
     * Whose values these changes stand over that were set since they were typed.
     *
     * @return list<array{string, string, mixed}> browser, place, what they had set
     */
    private function overruled(Doorway $doorway, int $base): array
    {
        $mine = $doorway->revision;
        $before =
            $mine->id === $base || $mine->parent_id === $base || $mine->browser !== $this->editor->browser
                ? null
                : $mine->parent;
        if ($before === null) {
            return [];
        }
        $based = $doorway->seen($base);
        $found = [];
        foreach (array_intersect_key($this->foreignChanges($based, $before), $this->changes) as $place => $change) {
            if (json_encode($change['after']) !== json_encode($doorway->revision->document->get($place))) {
                $found[] = [$change['browser'], $place, $change['after']];
            }
        }

        return $found;
    }
}
