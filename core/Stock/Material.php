<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Message;

/**
 * Something to have: how much of what, and what for.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Material
{
    /** By which price list and orders know it. */
    public string $key;

    /**
     * @param  'leaf'|'kit'|'fixings'|'finish'|'boards'|'tools'  $group
     * @param  float  $count  pieces, litres, metres
     * @param  string  $unit  `l`, `kg`, `roll`; '' for pieces
     * @param  array<string, Value>  $with  what it is called with
     * @param  ?Message  $note  what the order line says besides
     * @param  bool  $isTool  lasts; it is had once for the whole job
     */
    public function __construct(
        public string $group,
        public MaterialId $id,
        public float $count,
        public string $unit,
        public Message $for,
        private array $with = [],
        public ?Message $note = null,
        public bool $isTool = false,
    ) {
        $this->key = $id->key;
    }

    public function says(): Message
    {
        return new Message('materials.what', $this->with, $this->id->kind->value);
    }
}
