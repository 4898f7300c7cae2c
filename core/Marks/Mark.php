<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** One pencil mark: what it is for, where it is on its tape, and which sum of the plan it is. */
final readonly class Mark
{
    public MarkId $id;

    public function __construct(string|MarkId $id, public Length $at, public string $sum)
    {
        $this->id = MarkId::of($id);
    }

    public function shown(AsShown $shown): self
    {
        return new self($this->id, $shown->length($this->sum, $this->at), $this->sum);
    }

    /** In short, as a drawing has room for. */
    public function says(): Message
    {
        $short = (string) preg_replace('/-[lr]$/', '', $this->id->kind);
        $says = new Message('marks.short', ['n' => $this->id->n], $short);

        return $this->id->leaf === ''
            ? $says
            : new Message('marks.of-leaf', ['leaf' => Message::word('leaves-short', $this->id->leaf), 'what' => $says]);
    }
}
