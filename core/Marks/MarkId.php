<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use Stringable;
use YokeLine\Doorway\Hang;
use YokeLine\Measure\Message;

/**
 * Which mark one is, whatever it is called: `yoke`, `stud-2`, `left-shut-r`. Ticks, files and drawings know it by this.
 */
final readonly class MarkId implements Stringable
{
    /** What a mark is for, told by a part of its id. */
    private const PURPOSES = [
        'board',
        'rail',
        'stud',
        'hole',
        'bored',
        'joint',
        'stop',
        'guide',
        'hanger',
        'disc',
        'trigger',
        'pull',
        'shut',
        'open',
    ];

    /** The leaf of a pair that it is of, '' where it is of none. */
    public string $leaf;

    /** The mark without its leaf and its number. */
    public string $kind;

    /** Which of several, from 1; 0 where there is one. */
    public int $n;

    private function __construct(public string $value)
    {
        // A leaf that is alone names no mark: `leaf-top` is what it is of.
        $hangs = array_filter(Hang::cases(), fn (Hang $hang) => count($hang->leaves()) > 1);
        $leaves = array_merge(...array_map(fn (Hang $hang) => $hang->leaves(), array_values($hangs)));
        $parts = explode('-', $value);
        $this->leaf = count($parts) > 1 && in_array($parts[0], $leaves, true) ? array_shift($parts) : '';
        $last = $parts[count($parts) - 1];
        $this->n = ctype_digit($last) ? (int) $last : 0;
        $this->kind = implode('-', $this->n > 0 ? array_slice($parts, 0, -1) : $parts);
    }

    public static function of(string|self $id): self
    {
        return $id instanceof self ? $id : new self($id);
    }

    public function __toString(): string
    {
        return $this->value;
    }

    public function is(string $id): bool
    {
        return $this->value === $id;
    }

    public function says(): Message
    {
        $says = new Message('marks.names', ['n' => $this->n], $this->kind);

        return $this->leaf === ''
            ? $says
            : new Message('marks.of-leaf', ['leaf' => Message::word('leaves', $this->leaf), 'what' => $says]);
    }

    /** What a mark is for; nothing for those that only show where something is. */
    public function purpose(): Message
    {
        $parts = explode('-', $this->kind);

        return new Message(
            'marks.purposes',
            [],
            array_values(array_filter(self::PURPOSES, fn (string $one) => in_array($one, $parts, true)))[0] ?? '',
        );
    }
}
