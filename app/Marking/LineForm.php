<?php

declare(strict_types=1);

namespace App\Marking;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;

/** Where the line is checked another way, and what the door stands on then. */
final readonly class LineForm extends MarkingForm
{
    /** @return list<Group> */
    public function groups(): array
    {
        return [
            Group::named('check', [
                Row::of(Field::of('marking.proved_at', grey: $this->provedAt())),
                Row::of(Field::of('marking.packing', grey: $this->packing())),
            ]),
        ];
    }

    public function changesUrl(): string
    {
        return "/doorways/{$this->doorway->id}/marks/line/changes";
    }
}
