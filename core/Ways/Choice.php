<?php

declare(strict_types=1);

namespace YokeLine\Ways;

use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Opens;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;

/**
 * One combination of all that can be chosen for a surveyed doorway. Width and height are null where they are worked
 * out.
 */
final readonly class Choice
{
    public function __construct(
        public Hang $hang,
        public Opens $opens,
        public string $kit,
        public Backing $backing,
        public Cover $cover,
        public ?Length $width,
        public ?Length $height,
        public Length $park,
    ) {}

    public function sized(?Length $width, ?Length $height, Length $park): self
    {
        return new self($this->hang, $this->opens, $this->kit, $this->backing, $this->cover, $width, $height, $park);
    }

    /** The brief with this chosen. */
    public function in(Brief $brief): Brief
    {
        return $brief->choosing(
            $this->hang,
            $this->opens,
            $this->kit,
            $this->backing,
            $brief->leaf->sized($this->width, $this->height),
            $brief->rules->covering($this->cover, $this->park),
        );
    }

    /**
     * What must be changed in a document to have it.
     *
     * @return array<string, string>
     */
    public function changes(LengthWriter $exact): array
    {
        return [
            'brief.hang' => $this->hang->value,
            'brief.opens' => $this->opens->value,
            'brief.kit' => $this->kit,
            'brief.backing' => $this->backing->value,
            'brief.rules.cover' => $this->cover->value,
            'brief.rules.park' => $exact->exact($this->park),
            'brief.leaf.width' => $this->width === null ? 'auto' : $exact->exact($this->width),
            'brief.leaf.height' => $this->height === null ? 'auto' : $exact->exact($this->height),
        ];
    }

    /** Ways that differ in size and parking only are one arrangement. */
    public function arrangement(): string
    {
        return "{$this->hang->value} {$this->opens->value} {$this->kit} {$this->backing->value} {$this->cover->value}";
    }

    /** What decides where things stand along the wall: whatever shares it shares leaf, rail, stops and guide. */
    public function along(): string
    {
        $what = "{$this->hang->value} {$this->opens->value} {$this->kit} {$this->cover->value}";

        return "{$what} {$this->width?->nm} {$this->park->nm}";
    }

    /** What decides how high things stand, on one floor. */
    public function up(): string
    {
        return "{$this->kit} {$this->backing->value} {$this->height?->nm}";
    }
}
