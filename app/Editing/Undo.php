<?php

declare(strict_types=1);

namespace App\Editing;

use App\Database\Row;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Revision;
use App\Words\Places;
use App\Words\StoredMessage;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;

/**
 * Takes one's own last changes of a doorway back, one by one, and lays them on again.
 *
 * To undo is a change like any other, on top of all that came since: what another has set meanwhile stays as they set
 * it, and one is told.
 */
final readonly class Undo
{
    private const FURTHEST = 1000;

    public function __construct(private Doorway $doorway, private Editor $editor) {}

    /** @return array{bool, bool} whether there is something to take back, and something to lay on again */
    public function can(): array
    {
        $head = $this->doorway->revision;
        $isOwn = $head->browser === $this->editor->browser && $head->parent_id !== null;
        $last = $isOwn ? $head : $this->own()->first(['undoes']);

        return match (true) {
            $last === null => [false, false],
            // Mostly: what was changed last can be taken back, and nothing was taken back since.
            $last->undoes === null => [true, false],
            default => array_map(fn (array $stack) => $stack !== [], $this->stacks()),
        };
    }

    /** @return list<Notice> what was left as another had set it */
    public function undo(): array
    {
        $done = $this->stacks()[0];

        return $done === [] ? [] : $this->takeBack($done[count($done) - 1], 'undid');
    }

    /** @return list<Notice> */
    public function redo(): array
    {
        $undone = $this->stacks()[1];

        return $undone === [] ? [] : $this->takeBack($undone[count($undone) - 1], 'redid');
    }

    /** @return list<Notice> */
    private function takeBack(int $id, string $how): array
    {
        $revision = $this->doorway->revisions()->with('parent')->findOrFail($id);
        $what = $revision->what->undone($how);
        $notices = [];
        $this->doorway->rewrite(
            function (Revision $head) use ($revision, &$notices): Document {
                $notices = [];
                $document = $head->document;
                foreach ($revision->parent?->document->changesTo($revision->document) ?? [] as $place => $change) {
                    if (json_encode($document->get($place)) !== json_encode($change['after'])) {
                        $notices[] = new Notice(
                            StoredMessage::change('set-since', [
                                'what' => Places::called($place, $head->document),
                                'is' => Places::valued($document->get($place), $place, $document),
                            ]),
                        );

                        continue;
                    }
                    $document =
                        $change['before'] === null
                            ? $document->without($place)
                            : $document->with($place, $change['before']);
                }

                return $document;
            },
            $what,
            $this->editor,
            undoes: $id,
        );

        return $notices;
    }

    /** The own changes of this doorway, the last one first. */
    private function own(): Builder
    {
        return DB::table('revisions')
            ->where('doorway_id', $this->doorway->id)
            ->where('browser', $this->editor->browser)
            ->whereNotNull('parent_id')
            ->orderByDesc('id');
    }

    /**
     * Own changes that can be taken back, and own undoing that can be: of each the last one last.
     *
     * @return array{list<int>, list<int>}
     */
    private function stacks(): array
    {
        $own = $this->own()->limit(self::FURTHEST)->get(['id', 'undoes'])->reverse();
        $done = $undone = $isUndo = [];
        foreach ($own as $revision) {
            $row = new Row($revision);
            [$id, $of] = [$row->number('id'), $revision->undoes === null ? null : $row->number('undoes')];
            if ($of === null) {
                $done[] = $id;
                $undone = [];
            } elseif (isset($isUndo[$of])) {
                // An undoing taken back: the change it had undone can be undone again.
                array_pop($undone);
                $done[] = $isUndo[$of];
            } else {
                $done = array_values(array_diff($done, [$of]));
                $undone[] = $id;
                $isUndo[$id] = $of;
            }
        }

        return [$done, $undone];
    }
}
