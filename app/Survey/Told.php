<?php

declare(strict_types=1);

namespace App\Survey;

use App\Bench\EitherUnit;
use App\Bench\Field;
use App\Bench\Typed;
use App\Editing\Change;
use App\Http\Editor;
use App\Models\Doorway;
use App\Words\Places;
use App\Words\Refusals;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Unit;
use YokeLine\Setout;
use YokeLine\Survey\Asked;
use YokeLine\Survey\Walk;

/** What was told on the walk along a wall, as it arrives: each entry is a change of the doorway, or is told why not. */
final readonly class Told
{
    public function __construct(private Doorway $doorway, private Editor $editor) {}

    /**
     * @param  list<mixed>  $entries  in the order they were entered
     * @param  int  $base  the revision that was seen when they were
     * @return array{kept: list<string>, refused: array<string, string>, notices: list<string>, base: int}
     */
    public function take(array $entries, int $base): array
    {
        [$kept, $refused, $notices] = [[], [], []];
        foreach ($entries as $entry) {
            $uid = is_array($entry) ? $entry['uid'] ?? null : null;
            if (! is_array($entry) || ! is_string($uid) || preg_match('/^[\w-]{8,40}$/', $uid) !== 1) {
                continue;
            }
            $place = is_string($entry['about'] ?? null) ? $entry['about'] : '';
            try {
                array_push($notices, ...$this->tell($uid, $place, (array) ($entry['data'] ?? []), $base));
                $kept[] = $uid;
                $base = (int) $this->doorway->revision_id;
            } catch (UnreadableFile $problem) {
                $refused[$uid] = Refusals::at($place, $problem);
            }
        }

        return [
            'kept' => $kept,
            'refused' => $refused,
            'notices' => $notices,
            'base' => (int) $this->doorway->revision_id,
        ];
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<string> what others changed meanwhile
     */
    private function tell(string $uid, string $place, array $data, int $base): array
    {
        if ($this->doorway->revisions()->where('uid', $uid)->exists()) {
            return [];
        }
        $changes = $this->changes($uid, $place, $data);
        $notices = (new Change(
            $changes,
            Places::summary($changes, $this->doorway->revision->document),
            $this->editor,
            $uid,
        ))->applyTo($this->doorway, $base);

        return array_map(fn ($notice) => $notice->says->says(), $notices);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     *
     * @throws UnreadableFile
     */
    private function changes(string $uid, string $place, array $data): array
    {
        $document = $this->doorway->revision->document;
        $setout = Setout::unplanned($document, $this->editor->units);
        $units = is_string($data['units'] ?? null) ? Unit::tryFrom($data['units']) : null;
        $typed = new Typed($units ?? $setout->write->unit, $setout->doorway->units);
        $list = Catalog::whole()->find($place);
        if ($list?->type === FieldType::Items) {
            return ["{$place}[#w".substr(sha1($uid), 0, 10).']' => $this->item($place, $data, $typed)];
        }
        $said = $data['typed'] ?? '';

        return EitherUnit::changes(
            $document,
            $place,
            $typed->toDocument(Field::declaredAt($place), is_string($said) ? $said : ''),
        );
    }

    /**
     * A thing that is told whole: what it is, and each of its sizes.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     *
     * @throws UnreadableFile
     */
    private function item(string $list, array $data, Typed $typed): array
    {
        $said = is_array($data['item'] ?? null) ? $data['item'] : [];
        $item = [];
        foreach ($this->parts($list) as $part) {
            $key = substr($part->place, strlen("{$list}[]."));
            $value = $typed->toDocument(
                Field::of($part->place),
                is_string($said[$part->place] ?? null) ? $said[$part->place] : '',
            );
            $value !== null || throw UnreadableFile::at($part->place, 'no-field');
            if (preg_match('/^(\w+)\[(\d)\]$/', $key, $found) === 1) {
                $ends = is_array($item[$found[1]] ?? null) ? $item[$found[1]] : [];
                $item[$found[1]] = [...$ends, $value];
            } else {
                $item[$key] = $value;
            }
        }

        // A thing on the wall is called what it is, until somebody names it.
        return isset($item['projection'], $item['kind']) ? ['name' => $item['kind'], ...$item] : $item;
    }

    /** @return list<Asked> */
    private function parts(string $list): array
    {
        return array_column(Walk::all(), 'parts', 'place')[$list] ?? throw UnreadableFile::at($list, 'no-field');
    }
}
