<?php

declare(strict_types=1);

namespace App\Editing;

use App\Database\Row;
use App\Firm\Here;
use App\Http\Editor;
use App\Plain;
use App\Words\Places;
use App\Words\StoredMessage;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/**
 * The history of what has no revisions of its own: kits, prices, house rules. Of two who set the same, the later
 * stands, both are written down, and
 * both are told.
 */
final readonly class Ledger
{
    public function __construct(public string $subject, private Editor $editor) {}

    /** The last edit that a page was drawn with: what came after it, its reader has not seen. */
    public function seen(): int
    {
        return Plain::number($this->edits()->max('id'));
    }

    /**
     * Writes an edit down; to be called in the transaction that makes it.
     *
     * @param  Message  $what  was set
     * @param  int  $seen  the last edit that its author had seen
     */
    public function write(string $place, Message $what, mixed $before, mixed $after, int $seen): void
    {
        if ($before === $after) {
            return;
        }
        $foreign = $this->edits()
            ->where('place', $place)
            ->where('id', '>', $seen)
            ->where('browser', '!=', $this->editor->browser)
            ->latest('id')
            ->first();
        DB::table('edits')->insert([
            'firm_id' => app(Here::class)->firm(),
            'user_id' => app(Here::class)->person()?->id,
            'subject' => $this->subject,
            'place' => mb_substr($place, 0, 190),
            'before' => json_encode($before),
            'after' => json_encode($after),
            'who' => $this->editor->name,
            'browser' => $this->editor->browser,
            'created_at' => now(),
        ]);
        if ($foreign !== null) {
            $other = new Row($foreign);
            $said = [
                'who' => $this->editor->name,
                'what' => $what,
                'is' => self::valued($after),
                'was' => self::valued($other->json('after')),
            ];
            Notices::leave(
                $other->text('browser'),
                null,
                "{$this->subject} {$place}",
                StoredMessage::change('over-yours', $said),
            );
            Notices::leave(
                $this->editor->browser,
                null,
                "{$this->subject} {$place}",
                StoredMessage::change('had-set', [...$said, 'who' => $other->text('who')]),
            );
        }
    }

    /** @return list<array{Carbon, string, string, string, string}> when, who, what, before, after; the newest first */
    public function last(int $most = 20): array
    {
        $last = [];
        foreach ($this->edits()->latest('id')->limit($most)->get() as $edit) {
            $row = new Row($edit);
            $last[] = [
                Carbon::parse($row->text('created_at')),
                $row->text('who'),
                $row->text('place'),
                self::value($row->json('before')),
                self::value($row->json('after')),
            ];
        }

        return $last;
    }

    private function edits(): Builder
    {
        return DB::table('edits')->where('firm_id', app(Here::class)->firm())->where('subject', $this->subject);
    }

    private static function value(mixed $value): string
    {
        return StoredMessage::of(self::valued($value), Unit::Millimetre)->says();
    }

    private static function valued(mixed $value): Message
    {
        return is_array($value) || is_object($value)
            ? new Message('changes', ['value' => (string) json_encode($value, JSON_UNESCAPED_UNICODE)], 'value')
            : Places::valued($value === '' ? null : $value);
    }
}
